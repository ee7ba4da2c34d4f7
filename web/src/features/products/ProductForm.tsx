import {
  againstNames,
  goalNames,
  groupNames,
  materialWords,
  type StockRow,
} from '@zymostat/contract';
import {
  groups as allGroups,
  litres,
  materialIds,
  parseFigure,
  parseVolume,
  threats,
  type Against,
  type Group,
  type LabelUse,
  type MaterialId,
} from '@zymostat/core';
import { useState } from 'react';
import { api } from '../../app/api.ts';
import { inMetric } from '../../ui/amounts.ts';
import { aVolume, figureBetween, written } from '../../ui/checks.ts';
import { Segments } from '../../ui/Choice.tsx';
import { TextField, Tick } from '../../ui/Field.tsx';
import { Form } from '../../ui/Form.tsx';
import { WentWrong } from '../../ui/parts.tsx';
import { dateFieldOf } from '../../ui/times.ts';

interface UseDraft {
  goal: LabelUse['goal'];
  against: Against[];
  minutes: string;
}

/** How a concentrate is thinned, as typed; no water where it is used as sold. */
interface DilutionDraft {
  water: string;
  days: string;
  hardness: string;
}
const DAY = 86_400;
const figureOf = (value: number | null | undefined) =>
  value == null ? '' : String(Number(value.toFixed(3)));
const dilutionDraft = (label: StockRow['label']): DilutionDraft => ({
  water: figureOf(label?.dilution?.water),
  days: label?.dilution ? figureOf(label.dilution.keeps / DAY) : '',
  hardness: figureOf(label?.dilution?.hardness),
});
const blankOr = (check: (text: string) => string | null) => (text: string) =>
  text.trim() === '' ? null : check(text);
const someWater = blankOr(figureBetween(0.01, 1000, 'parts of water'));
const someDays = figureBetween(0.001, 730, 'days');
const someHardness = blankOr(figureBetween(0, 2000, 'ppm'));

const minutesOf = (seconds: number): string => String(Number((seconds / 60).toFixed(2)));
const aTime = figureBetween(0.02, 120, 'min');
const toggled = <T,>(list: readonly T[], one: T, on: boolean): T[] =>
  on ? [...list, one] : list.filter((other) => other !== one);
const dayMs = (day: string): number => new Date(`${day}T12:00`).getTime();

const Ticks = <T extends string>({
  legend,
  of,
  chosen,
  name,
  onChange,
}: {
  legend: string;
  of: readonly T[];
  chosen: readonly T[];
  name: (one: T) => string;
  onChange: (list: T[]) => void;
}) => (
  <fieldset>
    <legend className="field__label">{legend}</legend>
    <div className="ticks">
      {of.map((one) => (
        <Tick
          key={one}
          label={name(one)}
          checked={chosen.includes(one)}
          onChange={(on) => onChange(toggled(chosen, one, on))}
        />
      ))}
    </div>
  </fieldset>
);

/**
 * Enters what a registered product's label says: what is in it, what it may do and for how long,
 * and what it may not touch.
 */
export const ProductForm = ({
  product,
  onDone,
}: {
  product?: StockRow;
  onDone: (id: string) => void;
}) => {
  const [name, setName] = useState(product?.name ?? '');
  const [expires, setExpires] = useState(product ? dateFieldOf(product.expiresAt) : '');
  const [size, setSize] = useState(product ? inMetric(product.volume) : '1 l');
  const [price, setPrice] = useState(
    product?.pricePerLitre == null ? '' : String(product.pricePerLitre),
  );
  const [groups, setGroups] = useState<Group[]>(product?.label?.groups ?? []);
  const [notOn, setNotOn] = useState<MaterialId[]>(product?.label?.notOn ?? []);
  const [uses, setUses] = useState<UseDraft[]>(
    product?.label?.uses.map(({ goal, against, seconds }) => ({
      goal,
      against,
      minutes: minutesOf(seconds),
    })) ?? [{ goal: 'disinfect', against: ['everyday'], minutes: '' }],
  );
  const [dilution, setDilution] = useState(dilutionDraft(product?.label ?? null));
  const [registration, setRegistration] = useState(product?.label?.registration ?? '');
  const thinned = dilution.water.trim() !== '';
  const [tried, setTried] = useState(false);
  const [add, adding] = api.useAddProductMutation();
  const [edit, editing] = api.useEditProductMutation();
  const volume = parseVolume(size);
  const cost = price.trim() === '' ? null : parseFigure(price);
  const wrong = [
    written(name) ? 'Its name, as on the label.' : null,
    Number.isNaN(dayMs(expires)) ? 'The day it is good until.' : null,
    volume.ok ? null : 'How much there is of it.',
    cost === undefined ? 'A price a litre, or none.' : null,
    groups.length === 0 ? 'What is in it: at least one reactive group, or unknown.' : null,
    uses.length === 0 ? 'At least one use with its time.' : null,
    uses.some(({ against }) => against.length === 0) ? 'Against what each use is.' : null,
    uses.some(({ minutes }) => aTime(minutes))
      ? 'The time of each use, as the label gives it.'
      : null,
    someWater(dilution.water) ? 'How much water to one part, as the label says.' : null,
    thinned && someDays(dilution.days) ? 'How many days the dilution keeps.' : null,
    someHardness(dilution.hardness) ? 'The hardest water the label allows, or nothing.' : null,
  ].filter((one) => one !== null);
  const change = (i: number, to: Partial<UseDraft>) =>
    setUses(uses.map((use, j) => (i === j ? { ...use, ...to } : use)));
  const submit = async () => {
    setTried(true);
    if (wrong.length > 0 || !volume.ok || cost === undefined) return;
    const body = {
      name: name.trim(),
      volume: Math.min(volume.value, litres(100)),
      expiresAt: dayMs(expires),
      pricePerLitre: cost,
      label: {
        groups,
        notOn,
        registration: registration.trim() || null,
        dilution: thinned
          ? {
              water: parseFigure(dilution.water)!,
              keeps: Math.round(parseFigure(dilution.days)! * DAY),
              hardness: parseFigure(dilution.hardness) ?? null,
            }
          : null,
        uses: uses.map(({ goal, against, minutes }) => ({
          goal,
          against,
          seconds: Math.ceil(parseFigure(minutes)! * 60),
        })),
      },
    };
    const result = product ? await edit({ id: product.id, body }) : await add(body);
    if (result.data) onDone(result.data.id);
  };
  return (
    <Form className="grid max-w-[680px] gap-4" onSubmit={submit}>
      <TextField label="Name on the label" value={name} onChange={setName} check={written} />
      <div className="grid grid-cols-1 gap-4 sm:grid-cols-3">
        <TextField label="Good until" type="date" value={expires} onChange={setExpires} />
        <TextField label="How much" value={size} onChange={setSize} check={aVolume} figure />
        <TextField
          label="Price a litre"
          value={price}
          onChange={setPrice}
          check={(text) => (text.trim() === '' ? null : figureBetween(0, 10_000, 'a litre')(text))}
          figure
        />
      </div>
      <div className="grid grid-cols-1 gap-4 sm:grid-cols-4">
        <TextField
          label="Registration number"
          value={registration}
          onChange={setRegistration}
          hint="As on the label; none is no disinfectant."
        />
        <TextField
          label="Parts of water to one"
          value={dilution.water}
          onChange={(water) => setDilution({ ...dilution, water })}
          check={someWater}
          figure
          hint="Empty where it is used as sold."
        />
        {thinned && (
          <TextField
            label="Diluted it keeps, days"
            value={dilution.days}
            onChange={(days) => setDilution({ ...dilution, days })}
            check={someDays}
            figure
          />
        )}
        {thinned && (
          <TextField
            label="Hardest water, ppm"
            value={dilution.hardness}
            onChange={(hardness) => setDilution({ ...dilution, hardness })}
            check={someHardness}
            figure
            hint="Empty where the label does not say."
          />
        )}
      </div>
      {uses.map((use, i) => (
        <section key={i} className="border-t border-ink pt-3" aria-label={`Use ${i + 1}`}>
          <div className="flex flex-wrap items-end gap-4">
            <Segments
              label={`Use ${i + 1}: to`}
              value={use.goal}
              onChange={(goal) => change(i, { goal })}
              options={[
                { value: 'disinfect', name: goalNames.disinfect },
                { value: 'sanitise', name: goalNames.sanitise },
              ]}
            />
            <TextField
              className="w-40"
              label={`Use ${i + 1}: wet for, min`}
              value={use.minutes}
              onChange={(minutes) => change(i, { minutes })}
              check={aTime}
              figure
            />
            {uses.length > 1 && (
              <button
                type="button"
                className="btn btn--quiet mb-1.5"
                onClick={() => setUses(uses.filter((_, j) => j !== i))}
              >
                Take use {i + 1} out
              </button>
            )}
          </div>
          <div className="mt-2">
            <Ticks
              legend="Against"
              of={threats}
              chosen={use.against}
              name={(one) => againstNames[one]}
              onChange={(against) => change(i, { against })}
            />
          </div>
        </section>
      ))}
      <p>
        <button
          type="button"
          className="btn"
          onClick={() => setUses([...uses, { goal: 'disinfect', against: [], minutes: '' }])}
        >
          Another use
        </button>
      </p>
      <div className="border-t border-ink pt-3">
        <Ticks
          legend="What is in it"
          of={allGroups.filter((group) => group !== 'water')}
          chosen={groups}
          name={(one) => groupNames[one]}
          onChange={setGroups}
        />
      </div>
      <details open={notOn.length > 0}>
        <summary className="field__label cursor-pointer">
          Never on, by the label{notOn.length > 0 && `, ${notOn.length}`}
        </summary>
        <Ticks
          legend="Materials that the label excludes"
          of={materialIds}
          chosen={notOn}
          name={(one) => materialWords[one].name}
          onChange={setNotOn}
        />
      </details>
      {tried && wrong.length > 0 && (
        <p role="alert" className="notice">
          <b>Still to be entered.</b> {wrong.join(' ')}
        </p>
      )}
      <WentWrong error={adding.error ?? editing.error} />
      <p>
        <button className="btn btn--main" disabled={adding.isLoading || editing.isLoading}>
          {product ? 'Save the label' : 'Enter the product'}
        </button>
      </p>
    </Form>
  );
};
