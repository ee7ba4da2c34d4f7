import type { BatchRow } from '@zymostat/contract';
import { clothKinds, ventilations, vessels } from '@zymostat/core';
import { strengthShort } from '@zymostat/words';
import { useId, type ReactNode } from 'react';
import { rich } from '../../../words/rich.tsx';
import { w } from '../../../words/words.ts';
import { RECIPE, WASHING, type FromRecipe, type JarLines } from './jarLines.ts';
import type { JarDraft } from './useJarDraft.ts';

interface Props {
  draft: JarDraft;
  batches: readonly BatchRow[];
  recipe: FromRecipe | undefined;
}

/** A word of the sentence that is filled in. */
const Word = ({ label, children }: { label: string; children: (id: string) => ReactNode }) => {
  const id = useId();
  return (
    <span className="said__word">
      <label className="sr-only" htmlFor={id}>
        {label}
      </label>
      {children(id)}
    </span>
  );
};

const Figure = ({
  draft: { lines, set },
  field,
  wide = 3,
}: {
  draft: JarDraft;
  field: keyof JarLines;
  wide?: number;
}) => (
  <Word label={w.name('jarField', field)}>
    {(id) => (
      <input
        id={id}
        className="said__figure fig"
        inputMode="decimal"
        size={wide}
        value={lines[field]}
        onChange={({ target }) => set({ [field]: target.value })}
      />
    )}
  </Word>
);

const Chosen = ({
  draft: { lines, set },
  field,
  options,
}: {
  draft: JarDraft;
  field: keyof JarLines;
  options: readonly { value: string; name: string }[];
}) => (
  <Word label={w.name('jarField', field)}>
    {(id) => (
      <select
        id={id}
        className="said__choice"
        value={lines[field]}
        onChange={({ target }) => set({ [field]: target.value })}
      >
        {options.map(({ value, name }) => (
          <option key={value} value={value}>
            {name}
          </option>
        ))}
      </select>
    )}
  </Word>
);

const liquids = ({ batches, recipe }: Props) => [
  ...(recipe ? [{ value: RECIPE, name: w.say('jars.theRecipe', { name: recipe.name }) }] : []),
  ...batches.map(({ id, code, active, strength }) => ({
    value: id,
    name: `${w.name('active', active)} ${strengthShort(w, active, strength)}, ${code}`,
  })),
  { value: WASHING, name: w.name('jars', 'washingLiquid') },
];

/** A jar as a sentence: each underlined word is filled in. */
export const JarSentence = (props: Props) => {
  const { draft } = props;
  return (
    <p className="said">
      {rich('jars.sentence', {
        count: <Figure draft={draft} field="count" />,
        kind: (
          <Chosen
            draft={draft}
            field="kind"
            options={clothKinds.map((value) => ({ value, name: w.name('clothKind', value) }))}
          />
        ),
        length: <Figure draft={draft} field="length" wide={2} />,
        width: <Figure draft={draft} field="width" wide={2} />,
        liquid: <Chosen draft={draft} field="liquid" options={liquids(props)} />,
        litres: <Figure draft={draft} field="litres" />,
        vessel: (
          <Chosen
            draft={draft}
            field="vessel"
            options={vessels.map((value) => ({ value, name: w.name('vesselKind', value) }))}
          />
        ),
        mouth: <Figure draft={draft} field="mouth" wide={2} />,
        minutes: <Figure draft={draft} field="minutes" wide={2} />,
        ventilation: (
          <Chosen
            draft={draft}
            field="ventilation"
            options={ventilations.map((value) => ({ value, name: w.name('airOfRoom', value) }))}
          />
        ),
        temperature: <Figure draft={draft} field="temperature" wide={2} />,
        opened: <Figure draft={draft} field="opened" wide={2} />,
      })}
    </p>
  );
};
