import { NavLink } from 'react-router';
import { useMeQuery } from '../../api/me.ts';
import { w } from '../../words/words.ts';

/** What belongs to the company and to oneself, in one place. */
export const CompanyTabs = () => {
  const { data: me } = useMeQuery();
  const supervisor = me?.person.role === 'supervisor';
  const tabs = [
    { to: '/me', name: w.name('shell', 'yourPage') },
    ...(supervisor
      ? [
          { to: '/people', name: w.name('shell', 'people') },
          { to: '/company', name: w.name('shell', 'company') },
          { to: '/house-rules', name: w.name('shell', 'houseRules2') },
          { to: '/products', name: w.name('shell', 'registeredProducts') },
        ]
      : []),
    { to: '/sources', name: w.name('shell', 'sources2') },
  ];
  return (
    <nav
      className="tabs mb-3 flex-wrap gap-y-0 whitespace-nowrap"
      aria-label={w.name('shell', 'company')}
    >
      {tabs.map(({ to, name }) => (
        <NavLink key={to} to={to}>
          {name}
        </NavLink>
      ))}
    </nav>
  );
};
