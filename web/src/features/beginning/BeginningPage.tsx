import type { Beginning, Me } from '@zymostat/contract';
import { useEffect, useRef } from 'react';
import { Link, useSearchParams } from 'react-router';
import { useMeQuery } from '../../api/me.ts';
import { Fall, stops, type Full, type Stop } from '../../ui/Fall.tsx';
import { StandingNote, Verdict, Waiting, WentWrong } from '../../ui/parts.tsx';
import { w } from '../../words/words.ts';
import { useBeginningQuery } from './api.ts';
import { fullOf } from './fullOf.ts';
import { Practice } from './Practice.tsx';

/** Where each of them is done; the questions are asked here. */
const placeOf: Record<Exclude<Stop, 'practice'>, string> = {
  company: '/company',
  people: '/people',
  stock: '/shelf',
  bottles: '/bench/bottles',
  home: '/homes',
  protocol: '/homes',
  batch: '/bench',
  book: '/keep-apart/book',
};

const Elsewhere = ({ at }: { at: Exclude<Stop, 'practice'> }) => {
  const link = useRef<HTMLAnchorElement>(null);
  useEffect(() => {
    // What was pressed last is gone from the page: the keyboard goes on here.
    if (document.activeElement === document.body) link.current?.focus();
  }, [at]);
  return (
    <>
      <p className="crumb">
        <b>{w.name('stop', at)}</b>
      </p>
      <Verdict say={w.name('stopAsks', at)}>
        <Link ref={link} className="btn btn--main" to={placeOf[at]}>
          {w.name('begin', 'goThere')}
        </Link>
      </Verdict>
    </>
  );
};

const firstOpen = (full: Full): Stop => stops.find((stop) => (full[stop] ?? 0) < 1) ?? 'book';

const Shown = ({ me, counts }: { me: Me; counts: Beginning }) => {
  const [search, setSearch] = useSearchParams();
  const full = fullOf(counts);
  const at = stops.find((stop) => stop === search.get('at')) ?? firstOpen(full);
  return (
    <main className="leaves">
      <section className="leaf" aria-label={w.name('begin', 'beforeTheFirstRound')}>
        <Fall at={at} full={full} onGo={(stop) => setSearch({ at: stop }, { replace: true })} />
      </section>
      <section className="sheet" aria-label={w.name('stop', at)}>
        {at === 'practice' ? (
          <Practice me={me} answered={counts.answered} />
        ) : (
          <Elsewhere at={at} />
        )}
        <StandingNote />
      </section>
    </main>
  );
};

/** What stands between a company and its first round, ticked as it is done. */
const BeginningPage = () => {
  const { data: me } = useMeQuery();
  const { data, error } = useBeginningQuery(undefined, { refetchOnMountOrArgChange: true });
  if (me && data) return <Shown me={me} counts={data} />;
  return (
    <main className="px-6">
      <WentWrong error={error} />
      <Waiting what={w.name('shell', 'thePage')} />
    </main>
  );
};
export default BeginningPage;
