import './keepApart.css';
import { w } from '../../words/words.ts';
import type { ReactNode } from 'react';
import { NavLink } from 'react-router';
import { useMeQuery } from '../../api/me.ts';

const tabs = [
  { to: '/keep-apart', name: w.name('apart', 'pairs') },
  { to: '/keep-apart/may-i', name: w.name('apart', 'mayI') },
  { to: '/keep-apart/shelves', name: w.name('apart', 'shelvesAndCaddies') },
  { to: '/keep-apart/homes', name: w.name('apart', 'atClients'), desk: true },
  { to: '/keep-apart/log', name: w.name('apart', 'log') },
  { to: '/keep-apart/book', name: w.name('apart', 'book') },
];

/**
 * The heading that all sides of Keep apart share; whoever has not read the book as it stands is
 * told so here.
 */
export const KeepApartHead = ({
  title = w.name('apart', 'keepApart'),
  children,
}: {
  title?: string;
  children?: ReactNode;
}) => {
  const { data: me } = useMeQuery();
  const unread = me && me.readEdition !== me.company.edition;
  return (
    <>
      <div className="headline">
        <h1>{title}</h1>
        {children}
      </div>
      <nav className="tabs mb-3 flex-wrap gap-y-0" aria-label={w.name('apart', 'keepApart')}>
        {tabs
          .filter(({ desk }) => !desk || me?.person.role === 'supervisor')
          .map(({ to, name }) => (
            <NavLink key={to} to={to} end>
              {to.endsWith('book') && unread ? w.say('apart.changed', { name }) : name}
            </NavLink>
          ))}
      </nav>
    </>
  );
};
