import { type Me } from '@zymostat/contract';
import { Suspense, useState } from 'react';
import { Link, NavLink, Outlet, useNavigate } from 'react-router';
import { useLive } from '../store/useLive.ts';
import { Mark } from '../ui/Mark.tsx';
import { Waiting } from '../ui/parts.tsx';
import { useKeys } from '../ui/useKeys.ts';
import { w } from '../words/words.ts';
import { NowStrip } from './NowStrip.tsx';
import { PersonMenu } from './PersonMenu.tsx';
import { later } from '../words/later.ts';
import { placesOf, type Place } from './places.ts';

const Find = later(() => import('../features/find/Find.tsx'));
const KeyList = later(() => import('./KeyList.tsx'));

/**
 * One key and one click from anywhere, for somebody who arrives in trouble: at the desk with the
 * pair at hand, on the phone in the largest type.
 */
const troubleOf = ({ person }: Me): string =>
  person.role === 'cleaner' ? '/emergency' : '/keep-apart?happened=yes';

const Top = ({ me, places }: { me: Me; places: Place[] }) => (
  <header className="top">
    <NavLink className="mark" to="/">
      <Mark />
      {w.name('shell', 'zymostat')}
    </NavLink>
    <nav className="places" aria-label={w.name('shell', 'places')}>
      {places.map(({ name, path }) => (
        <NavLink key={path} to={path}>
          {name}
        </NavLink>
      ))}
    </nav>
    <div className="top__right">
      <Link
        className="small whitespace-nowrap underline underline-offset-4 min-h-11 md:min-h-8 flex items-center"
        to={troubleOf(me)}
      >
        {w.name('shell', 'firstResponse')}
      </Link>
      <PersonMenu me={me} />
    </div>
  </header>
);

const Coming = () => (
  <main className="px-6">
    <Waiting what={w.name('shell', 'thePage')} />
  </main>
);

/** Past what is the same on every page, for whoever goes by keyboard. */
const skip = () => {
  const main = document.querySelector('main');
  if (!main) return;
  main.tabIndex = -1;
  main.focus();
};

/** The frame of every place: the top line, what is wet now, and the place itself. */
export const Shell = ({ me }: { me: Me }) => {
  const places = placesOf(me.person.role);
  const navigate = useNavigate();
  const [keysShown, showKeys] = useState(false);
  const [finding, find] = useState(false);
  useLive();
  useKeys({
    '?': () => showKeys(true),
    '/': me.person.role === 'supervisor' ? () => find(true) : undefined,
    '!': () => void navigate(troubleOf(me)),
    ...Object.fromEntries(places.map(({ path }, i) => [String(i + 1), () => void navigate(path)])),
  });
  return (
    <div className="desk">
      <button className="btn skip" onClick={skip}>
        {w.name('shell', 'toThePage')}
      </button>
      <Top me={me} places={places} />
      <NowStrip />
      <Suspense fallback={<Coming />}>
        <Outlet />
      </Suspense>
      <Suspense>
        {finding && <Find onClose={() => find(false)} />}
        {keysShown && <KeyList places={places} onClose={() => showKeys(false)} />}
      </Suspense>
    </div>
  );
};
