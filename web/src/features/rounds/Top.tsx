import { ChevronLeft, LogOut } from 'lucide-react';
import { Link } from 'react-router';
import { useAppSelector } from '../../store/store.ts';
import { w } from '../../words/words.ts';

/** Whether what was done is with the server, wherever one is on the phone. */
export const Sent = () => {
  const { waiting, online } = useAppSelector((state) => state.outbox);
  const count = waiting.length;
  if (count === 0) return <span role="status">{w.name('round', 'allSent')}</span>;
  return (
    <span role="status" className="phone__kept">
      {online ? w.say('round.sendingSome', { count }) : w.say('round.keptHere', { count })}
    </span>
  );
};

/** Help is one tap away from anywhere, and works without signal. */
export const EmergencyLink = () => (
  <Link className="btn" to="/emergency">
    <LogOut aria-hidden className="icon" />
    {w.name('round', 'emergency')}
  </Link>
);

/** Where one is, whether it is sent, and the way out of trouble, always in the same corner. */
export const Top = ({ room, home }: { room: string; home: string }) => (
  <header className="phone__top">
    <Link to="/rounds" className="phone__where" aria-label={w.name('round', 'toTheRounds')}>
      <ChevronLeft aria-hidden className="icon" />
      <span>
        <b>{room}</b>
        <small>
          {home} · <Sent />
        </small>
      </span>
    </Link>
    <EmergencyLink />
  </header>
);
