import type { Me } from '@zymostat/contract';
import { Suspense, useState } from 'react';
import { Link, NavLink, Outlet, useNavigate } from 'react-router';
import { Waiting } from '../ui/parts.tsx';
import { Window } from '../ui/Window.tsx';
import { api } from './api.ts';
import { Mark } from './Mark.tsx';
import { NowStrip } from './NowStrip.tsx';
import { placesOf, type Place } from './places.ts';
import { useAppDispatch, useAppSelector } from './store.ts';
import { units } from './units.ts';
import { useKeys } from './useKeys.ts';
import { useLive } from './useLive.ts';

/** One key and one click from anywhere, for somebody who arrives in trouble. */
const TROUBLE = '/keep-apart?happened=yes';

const Person = ({ me }: { me: Me }) => {
  const dispatch = useAppDispatch();
  const chosen = useAppSelector((state) => state.units);
  const unsent = useAppSelector((state) => state.outbox.waiting.length);
  const [signOut] = api.useSignOutMutation();
  const other = chosen === 'us' ? 'metric' : 'us';
  const leave = async () => {
    await signOut();
    location.assign('/');
  };
  return (
    <>
      <button
        popoverTarget="person"
        className="small cursor-pointer whitespace-nowrap min-h-11 md:min-h-8 text-left"
      >
        <b className="font-semibold">{me.person.name}</b>{' '}
        <span className="soft max-md:hidden">{me.company.name}</span>
      </button>
      {/* The browser's own popover: it closes at Escape and at a press beside it, and gives the focus back. */}
      <div
        id="person"
        popover="auto"
        className="options options--person"
        onClick={(event) => event.currentTarget.hidePopover()}
      >
        <button className="options__one" onClick={() => dispatch(units.actions.chosen(other))}>
          Show {other === 'us' ? 'cups and spoons' : 'millilitres'}
        </button>
        {me.person.role === 'supervisor' && (
          <Link className="options__one" to="/house-rules">
            House rules
          </Link>
        )}
        {me.person.role === 'supervisor' && (
          <Link className="options__one" to="/products">
            Registered products
          </Link>
        )}
        <Link className="options__one" to="/sources">
          Sources
        </Link>
        <button className="options__one" onClick={leave}>
          Sign out{unsent > 0 && `, ${unsent} not sent yet stay on this phone for you`}
        </button>
      </div>
    </>
  );
};

const KeyList = ({
  places,
  open,
  onClose,
}: {
  places: Place[];
  open: boolean;
  onClose: () => void;
}) => {
  const lines = [
    ...places.map(({ name }, i) => [String(i + 1), `go to ${name}`]),
    ['!', 'first response: what to do when two have met'],
    ['n', 'make a new one of what the place holds'],
    ['↑ ↓', 'walk through a list or a descent'],
    ['← →', 'open the room before or after'],
    ['Esc', 'leave a dialog'],
    ['?', 'this list'],
  ];
  return (
    <Window open={open} title="Keys" onClose={onClose}>
      <dl className="grid grid-cols-[64px_1fr] gap-y-2">
        {lines.map(([key, does]) => (
          <div key={key} className="contents">
            <dt>
              <span className="key">{key}</span>
            </dt>
            <dd>{does}</dd>
          </div>
        ))}
      </dl>
    </Window>
  );
};

/** The frame of every place: the top line, what is wet now, and the place itself. */
export const Shell = ({ me }: { me: Me }) => {
  const places = placesOf(me.person.role);
  const navigate = useNavigate();
  const [keysShown, showKeys] = useState(false);
  useLive();
  useKeys({
    '?': () => showKeys(true),
    '!': () => void navigate(TROUBLE),
    ...Object.fromEntries(places.map(({ path }, i) => [String(i + 1), () => void navigate(path)])),
  });
  return (
    <div className="desk">
      <header className="top">
        <NavLink className="mark" to="/">
          <Mark />
          Zymostat
        </NavLink>
        <nav className="places" aria-label="Places">
          {places.map(({ name, path }, i) => (
            <NavLink key={path} to={path}>
              {name}
              <span aria-hidden="true">{i + 1}</span>
            </NavLink>
          ))}
        </nav>
        <div className="top__right">
          <Link
            className="small whitespace-nowrap underline underline-offset-4 min-h-11 md:min-h-8 flex items-center"
            to={TROUBLE}
          >
            First response
          </Link>
          <Person me={me} />
        </div>
      </header>
      <NowStrip />
      <Suspense
        fallback={
          <main className="px-6">
            <Waiting what="the page" />
          </main>
        }
      >
        <Outlet />
      </Suspense>
      <KeyList places={places} open={keysShown} onClose={() => showKeys(false)} />
    </div>
  );
};
