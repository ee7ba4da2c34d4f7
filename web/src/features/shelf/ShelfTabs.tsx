import { NavLink } from 'react-router';
import { w } from '../../words/words.ts';

const tabs = [
  { to: '/shelf', name: 'stock' },
  { to: '/shelf/buy', name: 'toBuy' },
  { to: '/shelf/cost', name: 'cost' },
] as const;

/** What the shelf holds, what it will need, and what it costs: for supervisors. */
export const ShelfTabs = () => (
  <nav className="tabs" aria-label={w.name('shelf', 'shelf')}>
    {tabs.map(({ to, name }) => (
      <NavLink key={to} to={to} end>
        {w.name('shelf', name)}
      </NavLink>
    ))}
  </nav>
);
