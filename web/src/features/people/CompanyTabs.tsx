import { NavLink } from 'react-router';
import { useMeQuery } from '../../api/me.ts';
import { w } from '../../words/words.ts';
import { companyPlaces } from './companyPlaces.ts';

/** What belongs to the company and to oneself, in one place. */
export const CompanyTabs = () => {
  const { data: me } = useMeQuery();
  return (
    <nav
      className="tabs mb-3 flex-wrap gap-y-0 whitespace-nowrap"
      aria-label={w.name('shell', 'company')}
    >
      {companyPlaces(me?.person.role).map(({ to, name }) => (
        <NavLink key={to} to={to}>
          {name}
        </NavLink>
      ))}
    </nav>
  );
};
