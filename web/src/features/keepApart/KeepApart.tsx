import { productNames, recordKindNames } from '@zymostat/contract';
import { activeFacts, productIds, products, type Family, type Product, type ProductId } from '@zymostat/core';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { api } from '../../app/api.ts';
import { useKeys } from '../../app/useKeys.ts';
import { Choice } from '../../ui/Choice.tsx';
import { StandingNote, WentWrong } from '../../ui/parts.tsx';
import { dayOf } from '../../ui/times.ts';
import { Window } from '../../ui/Window.tsx';
import { FirstResponse } from './FirstResponse.tsx';
import { MishapForm } from './MishapForm.tsx';
import { PairSheet } from './PairSheet.tsx';

/** Something that can be picked: our own stock by its container, or a kind of thing met in homes. */
export interface Pickable {
  key: string;
  name: string;
  product: Product;
  family: Family | 'bleach' | 'soap' | undefined;
}

const familyOfKind = (id: ProductId): Pickable['family'] => {
  const groups: readonly string[] = products[id].groups;
  if (groups.includes('hypochlorite')) return 'bleach';
  if (groups.includes('peroxide')) return 'peroxide';
  if (groups.includes('alcohol')) return 'alcohol';
  if (groups.includes('acid')) return 'vinegar';
  return groups.includes('soap') || groups.includes('detergent') ? 'soap' : undefined;
};

const met: Pickable[] = productIds.map((id) => ({ key: id, name: productNames[id], product: products[id], family: familyOfKind(id) }));

const KeepApart = () => {
  const { data: stocks = [] } = api.useStockQuery();
  const { data: mishaps, error } = api.useMishapsQuery();
  const [search, setSearch] = useSearchParams();
  const [writing, write] = useState<'near-miss' | 'incident' | null>(null);
  // Somebody who arrives in trouble sees what to do first.
  const urgent = search.has('happened');
  useKeys({ n: () => write('near-miss') });

  const own: Pickable[] = stocks.map(({ id, name, code, active, strength }) => ({
    key: id, name: `${name} (ours, ${code})`, family: activeFacts[active].family, product: { groups: [activeFacts[active].group], strength },
  }));
  const all = [...own, ...met];
  const picked = (which: 'a' | 'b', otherwise: string) => all.find((one) => one.key === search.get(which)) ?? met.find((one) => one.key === otherwise)!;
  const [a, b] = [picked('a', 'chlorine-bleach'), picked('b', 'vinegar')];
  const pick = (which: 'a' | 'b') => (key: string) => setSearch({ a: a.key, b: b.key, [which]: key }, { replace: true });
  const options = all.map(({ key, name }) => ({ value: key, name }));
  return (
    <main className="leaves">
      <section className="leaf" aria-label="Keep apart">
        <div className="headline"><h1>Keep apart</h1></div>
        {urgent && <FirstResponse onIncident={() => write('incident')} />}
        <p className="soft mb-3">May these two meet?</p>
        <div className="grid grid-cols-1 gap-4 sm:grid-cols-2">
          <Choice label="One" value={a.key} onChange={pick('a')} options={options} />
          <Choice label="The other" value={b.key} onChange={pick('b')} options={options} />
        </div>
        <div className="headline mt-8"><h2>What has gone wrong</h2><button className="btn btn--quiet" onClick={() => write('near-miss')}>Write down a near miss <span className="key">n</span></button></div>
        <WentWrong error={error} />
        {mishaps?.length === 0 && <p className="soft">Nothing yet.</p>}
        {mishaps && mishaps.length > 0 && (
          <table className="ledger">
            <thead><tr><th>Date</th><th>Kind</th><th>What happened, and what was done</th><th>Home</th></tr></thead>
            <tbody>
              {mishaps.map((row) => (row.kind === 'near-miss' || row.kind === 'incident') && (
                <tr key={row.seq}>
                  <td className="fig whitespace-nowrap">{dayOf(row.at)}</td>
                  <td className="md:whitespace-nowrap">{row.kind === 'incident' ? <b>{recordKindNames[row.kind]}</b> : recordKindNames[row.kind]}</td>
                  <td>{row.body.what} <span className="small soft block">{row.body.place}, {row.body.who}. {row.body.done}</span></td>
                  <td>{row.homeName}</td>
                </tr>
              ))}
            </tbody>
          </table>
        )}
      </section>
      <section className="sheet" aria-label="The pair">
        <PairSheet a={a} b={b} urgent={urgent} onIncident={() => write('incident')} />
        <StandingNote />
      </section>
      <Window open={writing !== null} title={writing === 'incident' ? 'Record an incident' : 'Write down a near miss'} onClose={() => write(null)}>
        {writing && <MishapForm kind={writing} pair={[a, b]} onDone={() => write(null)} />}
      </Window>
    </main>
  );
};
export default KeepApart;
