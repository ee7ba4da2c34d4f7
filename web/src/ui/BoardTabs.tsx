import { NavLink } from 'react-router';
import { w } from '../words/words.ts';

/** Today, and the week. */
export const BoardTabs = () => (
  <nav className="tabs" aria-label={w.name('shell', 'board')}>
    <NavLink to="/board" end>
      {w.name('week', 'today')}
    </NavLink>
    <NavLink to="/board/week">{w.name('week', 'week')}</NavLink>
  </nav>
);
