import type { RecordRow } from '@zymostat/contract';
import { dayOf } from '../../../ui/times.ts';
import { w } from '../../../words/words.ts';
import { shortName, type Pickable } from '../pickables.ts';

type Mishap = Extract<RecordRow, { kind: 'near-miss' | 'incident' }>;
const isMishap = (row: RecordRow): row is Mishap =>
  row.kind === 'near-miss' || row.kind === 'incident';

/** Near misses and incidents that name both, by what was picked or by their groups. */
export const isAbout = (row: RecordRow, a: Pickable, b: Pickable): boolean => {
  if (!isMishap(row)) return false;
  const { pair, products } = row.body;
  const named = products.map(shortName);
  if (named.length === 2 && [a, b].every(({ name }) => named.includes(shortName(name))))
    return true;
  if (!pair) return false;
  const [ga, gb] = [a.product.groups, b.product.groups];
  return (
    (ga.includes(pair.one) && gb.includes(pair.other)) ||
    (ga.includes(pair.other) && gb.includes(pair.one))
  );
};

const Row = ({ row }: { row: Mishap }) => (
  <li className="py-1.5">
    <span className="fig small soft mr-3">{dayOf(row.at)}</span>
    <b className="font-semibold">{w.name('record', row.kind)}</b> · {row.body.what}{' '}
    <span className="small soft">{row.homeName}</span>
  </li>
);

/** What this pair has done here before. */
export const PairBefore = ({ rows }: { rows: RecordRow[] }) =>
  rows.length > 0 && (
    <section className="mt-4" aria-label={w.name('apart', 'whatHasHappenedHereBefore')}>
      <h2>{w.name('apart', 'hereBefore')}</h2>
      <ul className="list mt-1">
        {rows.filter(isMishap).map((row) => (
          <Row key={row.seq} row={row} />
        ))}
      </ul>
    </section>
  );
