import type { ReactNode } from 'react';
import { NavLink } from 'react-router';

const tabs = [
  { to: '/bench', name: 'Pour' },
  { to: '/bench/analyse', name: 'Analyse' },
  { to: '/bench/bottles', name: 'Bottles' },
];

/** The heading that the three sides of the bench share. */
export const BenchHead = ({
  title = 'Bench',
  children,
}: {
  title?: string;
  children?: ReactNode;
}) => (
  <div className="headline">
    <h1 className="min-w-0 truncate">{title}</h1>
    {children}
    <nav className="tabs" aria-label="Bench">
      {tabs.map(({ to, name }) => (
        <NavLink key={to} to={to} end={to === '/bench'}>
          {name}
        </NavLink>
      ))}
    </nav>
  </div>
);
