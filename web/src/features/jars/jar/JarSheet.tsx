import type { JarRow } from '@zymostat/contract';
import { jarLabelWords, millilitres, squareMetres } from '@zymostat/words';
import { useState } from 'react';
import { v7 as newId } from 'uuid';
import { useMeQuery } from '../../../api/me.ts';
import { useBook } from '../../../api/useBook.ts';
import { figureBetween } from '../../../ui/form/checks.ts';
import { TextField } from '../../../ui/form/Field.tsx';
import { Form } from '../../../ui/form/Form.tsx';
import { Verdict, WentWrong } from '../../../ui/parts.tsx';
import { dayOf, momentOf } from '../../../ui/times.ts';
import { w } from '../../../words/words.ts';
import { Label } from '../../batches/Label.tsx';
import { useTellJarMutation } from '../api.ts';
import { jarName } from '../jarName.ts';

interface Props {
  jar: JarRow;
  now: number;
}

/** How it stands, in a sentence. */
const sayOf = ({ jar, now }: Props): string => {
  if (jar.endedAt !== null) return w.name('jars', 'isGone');
  if (now >= jar.awayAt) return w.say('jars.pastItsDay', { day: dayOf(jar.awayAt) });
  if (now < jar.readyAt) return w.say('jars.readyAt', { at: momentOf(jar.readyAt) });
  return w.say('jars.stands', { left: jar.left, day: dayOf(jar.awayAt) });
};

const whyOf = ({ keepsWet, held }: JarRow): string =>
  keepsWet
    ? w.say('jars.keepsWetFor', {
        area: squareMetres(w, keepsWet.usual),
        last: squareMetres(w, keepsWet.last ?? 0),
        minutes: Math.round(held / 60),
      })
    : w.name('jars', 'theyOnlyClean');

/** Cloths out of it, or more into it. */
const CountForm = ({ label, onSay }: { label: string; onSay: (count: number) => void }) => {
  const [text, setText] = useState('1');
  const check = figureBetween(1, 500, '');
  return (
    <Form
      className="flex items-end gap-2"
      onSubmit={() => !check(text) && onSay(Math.round(Number(text)))}
    >
      <TextField
        className="w-28"
        label={label}
        figure
        value={text}
        onChange={setText}
        check={check}
      />
      <button className="btn mb-1">{w.name('jars', 'say')}</button>
    </Form>
  );
};

const Acts = ({ jar }: { jar: JarRow }) => {
  const [tell, telling] = useTellJarMutation();
  const say = (did: 'taken' | 'topped' | 'dry' | 'discarded', count = 0) =>
    void tell({ id: jar.id, body: { id: newId(), did, count } });
  return (
    <>
      <WentWrong error={telling.error} />
      <div className="my-3 flex flex-wrap items-end gap-x-6 gap-y-3">
        <CountForm label={w.name('jars', 'clothsTaken')} onSay={(count) => say('taken', count)} />
        <CountForm label={w.name('jars', 'clothsPutIn')} onSay={(count) => say('topped', count)} />
      </div>
      <p className="flex flex-wrap gap-3">
        <button className="btn" onClick={() => say('dry')}>
          {w.name('jars', 'noLongerWets')}
        </button>
        <button className="btn" onClick={() => say('discarded')}>
          {w.name('jars', 'throwItAway')}
        </button>
      </p>
    </>
  );
};

const JarLabel = ({ jar }: { jar: JarRow }) => {
  const { data: me } = useMeQuery();
  const book = useBook();
  if (!me) return null;
  const { company } = me;
  const label = jarLabelWords(w, jar, { company, rules: company.houseRules, book });
  return (
    <section className="mt-5 border-t border-ink pt-3" aria-label={w.name('bench', 'label')}>
      <h2>{w.name('bench', 'label')}</h2>
      <p className="my-2">
        <a
          className="btn btn--quiet"
          href={`/api/jars/${jar.id}/label.pdf?size=A6&copies=1&place=1`}
          target="_blank"
          rel="noreferrer"
        >
          {w.name('bench', 'printOneOnA6')}
        </a>
      </p>
      <div className="max-w-[340px]">
        <Label label={{ ...label, discardAfter: jar.awayAt }} />
      </div>
    </section>
  );
};

/** One jar: how it stands, what is done with it, what its label says. */
export const JarSheet = (props: Props) => {
  const { jar } = props;
  return (
    <>
      <p className="crumb">
        <b className="fig">{jar.code}</b> · {jarName(jar)} ·{' '}
        {w.say('jars.madeBy', { by: jar.madeBy, at: momentOf(jar.madeAt) })} ·{' '}
        {millilitres(w, jar.pour)}
      </p>
      <Verdict say={sayOf(props)} why={whyOf(jar)} />
      {jar.endedAt === null && <Acts jar={jar} />}
      <JarLabel jar={jar} />
    </>
  );
};
