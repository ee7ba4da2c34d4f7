import './bench.css';
import { w } from '../../words/words.ts';
import type { ReactNode } from 'react';
import { NavLink } from 'react-router';

const tabs = [
  { to: '/bench', name: w.name('bench', 'pour') },
  { to: '/bench/analyse', name: w.name('bench', 'analyse') },
  { to: '/bench/jars', name: w.name('jars', 'jarsAndBaths') },
  { to: '/bench/bottles', name: w.name('bench', 'bottles') },
];

/** The heading that the sides of the bench share. */
export const BenchHead = ({
  title = w.name('bench', 'bench'),
  children,
}: {
  title?: string;
  children?: ReactNode;
}) => (
  <div className="headline">
    <h1 className="min-w-0 truncate">{title}</h1>
    {children}
    <nav className="tabs" aria-label={w.name('bench', 'bench')}>
      {tabs.map(({ to, name }) => (
        <NavLink key={to} to={to} end={to === '/bench'}>
          {name}
        </NavLink>
      ))}
    </nav>
  </div>
);
