import type { BatchRow, JarRow } from '@zymostat/contract';
import { activeFacts, wipesFor, type Jar } from '@zymostat/core';
import { duration, millilitres } from '@zymostat/words';
import { useJudging } from '../../../api/useJudging.ts';
import { TextField } from '../../../ui/form/Field.tsx';
import { Form } from '../../../ui/form/Form.tsx';
import { Verdict, WentWrong } from '../../../ui/parts.tsx';
import { ReasonList } from '../../../ui/ReasonList.tsx';
import { w } from '../../../words/words.ts';
import { useMakeJarMutation } from '../api.ts';
import { JarKeeps } from './JarKeeps.tsx';
import { JarSentence } from './JarSentence.tsx';
import { JarSum } from './JarSum.tsx';
import { ToScale } from './ToScale.tsx';
import { RECIPE, type FromRecipe } from './jarLines.ts';
import { useJarDraft, type JarDraft } from './useJarDraft.ts';

interface Props {
  batches: readonly BatchRow[];
  recipe: FromRecipe | undefined;
  now: number;
  onMade: (jar: JarRow) => void;
}

const TAP = 0.05;
const SEAT = 0.3;

/** What to pour, and what one cloth can do, in a sentence. */
const sayOf = (jar: Jar | null, count: number): string => {
  if (!jar) return w.name('jars', 'notReadYet');
  const pour = w.say('jars.pourOver', { pour: millilitres(w, jar.pour), count });
  if (!jar.keepsWet) return `${pour} ${w.name('jars', 'theyOnlyClean')}`;
  const time = duration(w, jar.seconds);
  const [tap, seat] = [wipesFor(TAP, jar)!, wipesFor(SEAT, jar)!];
  return `${pour} ${w.say('jars.oneDoes', { time, tap, seat })}`;
};

/** A scale answers better than a table. */
const Weighed = ({ draft: { lines, set, jar } }: { draft: JarDraft }) => (
  <details className="mb-4" open={lines.dry !== ''}>
    <summary className="small soft cursor-pointer">
      {w.say('jars.weighOne', { usual: jar?.usual === false ? 'no' : 'yes' })}
    </summary>
    <div className="mt-2 flex flex-wrap gap-4">
      <TextField
        className="w-40"
        label={w.name('jars', 'oneDry')}
        figure
        value={lines.dry}
        onChange={(dry) => set({ dry })}
      />
      <TextField
        className="w-40"
        label={w.name('jars', 'oneDripping')}
        figure
        value={lines.dripping}
        onChange={(dripping) => set({ dripping })}
      />
    </div>
  </details>
);

/** A jar that is being made: a sentence, a sum, what one cloth keeps wet, when it must go. */
export const NewJar = ({ batches, recipe, now, onMade }: Props) => {
  const judging = useJudging(now);
  const draft = useJarDraft(batches, judging, recipe);
  const [make, making] = useMakeJarMutation();
  const { jar, sent, lines, active } = draft;
  const ready = jar !== null && jar.outcome !== 'never' && lines.liquid !== RECIPE;
  const submit = async () => {
    if (!ready) return;
    const { data } = await make(sent);
    if (data) onMade(data);
  };
  return (
    <Form onSubmit={submit} className="block">
      <p className="crumb">
        <b>{w.name('jars', 'newJar')}</b>
      </p>
      <Verdict say={sayOf(jar, sent.count)}>
        <button className="btn btn--main" disabled={!ready || making.isLoading}>
          {w.name('jars', 'makeIt')}
        </button>
      </Verdict>
      <JarSentence draft={draft} batches={batches} recipe={recipe} />
      {lines.liquid === RECIPE && <p className="soft">{w.name('jars', 'pourItFirst')}</p>}
      <WentWrong error={making.error} />
      {jar && (
        <>
          <ReasonList of={jar.reasons.filter(({ outcome }) => outcome !== 'use')} />
          <div className="jar-leaves">
            <div>
              <JarSum jar={jar} count={sent.count} />
              <Weighed draft={draft} />
            </div>
            <ToScale jar={jar} family={active ? activeFacts[active].family : 'soap'} />
          </div>
          <JarKeeps jar={jar} now={now} />
        </>
      )}
    </Form>
  );
};
