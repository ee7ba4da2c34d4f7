import type { Me } from '@zymostat/contract';
import { Link } from 'react-router';
import { useSignOutMutation } from '../api/me.ts';
import { signedOut } from '../api/signedOut.ts';
import { companyPlaces } from '../features/people/companyPlaces.ts';
import { useAppSelector } from '../store/store.ts';
import { w } from '../words/words.ts';

const MENU = 'person';
/** Whatever is chosen in it, the menu closes: each of its items says so itself. */
const closing = { popoverTarget: MENU, popoverTargetAction: 'hide' } as const;

const Places = ({ role }: Pick<Me['person'], 'role'>) => {
  const close = () => document.getElementById(MENU)?.hidePopover();
  return companyPlaces(role).map(({ to, name }) => (
    <Link key={to} className="options__one" to={to} onClick={close}>
      {name}
    </Link>
  ));
};

const SignOutItem = () => {
  const unsent = useAppSelector((state) => state.outbox.waiting.length);
  const [signOut] = useSignOutMutation();
  const leave = async () => {
    signedOut.mark();
    const { error } = await signOut();
    if (!error) signedOut.clear();
    location.assign('/');
  };
  return (
    <button {...closing} className="options__one" onClick={() => void leave()}>
      {w.say('shell.signOut', { unsent })}
    </button>
  );
};

/** Who is signed in, and what they may choose for themselves. */
export const PersonMenu = ({ me }: { me: Me }) => (
  <>
    <button
      popoverTarget={MENU}
      className="small cursor-pointer whitespace-nowrap min-h-11 md:min-h-8 text-left"
    >
      <b className="font-semibold">{me.person.name}</b>{' '}
      <span className="soft max-md:hidden">{me.company.name}</span>
    </button>
    {/* The browser's own popover: it closes at Escape and at a press beside it, and gives the focus back. */}
    <div id={MENU} popover="auto" className="options options--person">
      <Places role={me.person.role} />
      <SignOutItem />
    </div>
  </>
);
