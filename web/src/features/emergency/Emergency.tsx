import '../../ui/phone.css';
import './emergency.css';
import { firstResponse } from '@zymostat/words';
import { Phone } from 'lucide-react';
import { Link, useNavigate } from 'react-router';
import { useMeQuery } from '../../api/me.ts';
import { w } from '../../words/words.ts';

/** What is done first in every case, in the largest type: nobody has to choose anything. */
const first = ['leave', 'freshAir'] as const;

/**
 * First response on the phone, one tap from anywhere: what to do, what to say, and the number as the
 * button. Nothing of it is asked of the server.
 */
const Emergency = () => {
  const { data: me } = useMeQuery();
  const navigate = useNavigate();
  if (!me) return null;
  const { emergencyNumber: emergency, poisonLine: poison } = me.company;
  const lines = firstResponse(w, { emergency, poison }, 'gas');
  return (
    <main className="phone">
      <header className="phone__top">
        <b>{w.name('round', 'emergency')}</b>
        <button className="btn" onClick={() => void navigate(-1)}>
          {w.name('round', 'back')}
        </button>
      </header>
      <ol className="first-steps">
        {first.map((one) => (
          <li key={one} className="first-steps__first">
            <h1>{w.name('emergency', one)}</h1>
            <small>{w.name('emergencyNote', one)}</small>
          </li>
        ))}
      </ol>
      <div className="phone__acts">
        <a className="btn btn--main call" href={`tel:${emergency}`}>
          <span>
            <Phone aria-hidden className="icon" /> {emergency}
          </span>
          <small>{w.name('emergency', 'ifAnybodyFeelsIll')}</small>
        </a>
        <a className="btn col-span-2" href={`tel:${poison}`}>
          <Phone aria-hidden className="icon" />
          {w.say('emergency.poisonLine', { poison })}
        </a>
      </div>
      <section className="tell">
        <small>{w.name('emergency', 'sayOnThePhone')}</small>
        <p>{w.name('emergency', 'whatWhereWho')}</p>
      </section>
      <ol className="first-all">
        {lines.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ol>
      <p className="px-5 py-3">
        <Link className="btn w-full" to="/keep-apart?happened=yes">
          {w.name('emergency', 'whatMetWhat')}
        </Link>
      </p>
      <p className="stop__note">{w.say('standing.note', { poison })}</p>
    </main>
  );
};
export default Emergency;
