import type { ReactNode } from 'react';
import { NavLink } from 'react-router';
import { api } from '../../app/api.ts';

const tabs = [
  { to: '/keep-apart', name: 'Pairs' },
  { to: '/keep-apart/may-i', name: 'May I?' },
  { to: '/keep-apart/shelves', name: 'Shelves and caddies' },
  { to: '/keep-apart/homes', name: 'At clients', desk: true },
  { to: '/keep-apart/log', name: 'Log' },
  { to: '/keep-apart/book', name: 'Book' },
];

/**
 * The heading that all sides of Keep apart share; whoever has not read the book as it stands is
 * told so here.
 */
export const KeepApartHead = ({
  title = 'Keep apart',
  children,
}: {
  title?: string;
  children?: ReactNode;
}) => {
  const { data: me } = api.useMeQuery();
  const unread = me && me.readEdition !== me.company.edition;
  return (
    <>
      <div className="headline">
        <h1>{title}</h1>
        {children}
      </div>
      <nav className="tabs mb-3 flex-wrap gap-y-0" aria-label="Keep apart">
        {tabs
          .filter(({ desk }) => !desk || me?.person.role === 'supervisor')
          .map(({ to, name }) => (
            <NavLink key={to} to={to} end>
              {name}
              {to.endsWith('book') && unread ? ' · changed' : ''}
            </NavLink>
          ))}
      </nav>
    </>
  );
};
