import { rich } from '../words/rich.tsx';
import { w } from '../words/words.ts';
import { languages, type Me } from '@zymostat/contract';
import { Suspense, useState } from 'react';
import { Link, NavLink, Outlet, useNavigate } from 'react-router';
import { LanguageButtons, useChooseLanguage } from '../features/people/LanguageChoice.tsx';
import { Waiting } from '../ui/parts.tsx';
import { Window } from '../ui/Window.tsx';
import { useSignOutMutation } from '../api/me.ts';
import { Mark } from '../ui/Mark.tsx';
import { NowStrip } from './NowStrip.tsx';
import { placesOf, type Place } from './places.ts';
import { useAppDispatch, useAppSelector } from '../store/store.ts';
import { units } from '../store/units.ts';
import { useKeys } from '../ui/useKeys.ts';
import { useLive } from '../store/useLive.ts';

/** One key and one click from anywhere, for somebody who arrives in trouble. */
const TROUBLE = '/keep-apart?happened=yes';

const Person = ({ me }: { me: Me }) => {
  const dispatch = useAppDispatch();
  const chosen = useAppSelector((state) => state.units);
  const unsent = useAppSelector((state) => state.outbox.waiting.length);
  const [signOut] = useSignOutMutation();
  const { choose } = useChooseLanguage();
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
          {rich('shell.show', {
            other:
              other === 'us' ? w.name('shell', 'cupsAndSpoons') : w.name('shell', 'millilitres'),
          })}
        </button>
        <LanguageButtons
          of={languages.filter((one) => one !== w.language)}
          className="options__one"
          onChoose={(one) => void choose(one)}
        />
        {me.person.role === 'supervisor' && (
          <Link className="options__one" to="/house-rules">
            {w.name('shell', 'houseRules2')}
          </Link>
        )}
        {me.person.role === 'supervisor' && (
          <Link className="options__one" to="/products">
            {w.name('shell', 'registeredProducts')}
          </Link>
        )}
        <Link className="options__one" to="/sources">
          {w.name('shell', 'sources2')}
        </Link>
        <button className="options__one" onClick={leave}>
          {rich('shell.signOut', {
            unsent: unsent > 0 && w.say('shell.notSentYetStayOn', { unsent }),
          })}
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
    ...places.map(({ name }, i) => [String(i + 1), w.say('shell.goTo', { name })]),
    ['!', w.name('shell', 'firstResponseWhatToDo')],
    ['n', w.name('shell', 'makeANewOneOf')],
    ['↑ ↓', w.name('shell', 'walkThroughAListOr')],
    ['← →', w.name('shell', 'openTheRoomBeforeOr')],
    [w.name('shell', 'esc'), w.name('shell', 'leaveADialog')],
    ['?', w.name('shell', 'thisList')],
  ];
  return (
    <Window open={open} title={w.name('shell', 'keys')} onClose={onClose}>
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
          {w.name('shell', 'zymostat')}
        </NavLink>
        <nav className="places" aria-label={w.name('shell', 'places')}>
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
            {w.name('shell', 'firstResponse')}
          </Link>
          <Person me={me} />
        </div>
      </header>
      <NowStrip />
      <Suspense
        fallback={
          <main className="px-6">
            <Waiting what={w.name('shell', 'thePage')} />
          </main>
        }
      >
        <Outlet />
      </Suspense>
      <KeyList places={places} open={keysShown} onClose={() => showKeys(false)} />
    </div>
  );
};
