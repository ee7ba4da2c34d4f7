import { rich } from '../../words/rich.tsx';
import { type StockRow } from '@zymostat/contract';
import { w } from '../../words/words.ts';
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
import { useAddProductMutation, useEditProductMutation } from './api.ts';
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
const someWater = blankOr(figureBetween(0.01, 1000, w.name('products', 'partsOfWater')));
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
  const [size, setSize] = useState(product ? inMetric(product.volume) : w.name('products', 'n1L'));
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
  const [add, adding] = useAddProductMutation();
  const [edit, editing] = useEditProductMutation();
  const volume = parseVolume(size);
  const cost = price.trim() === '' ? null : parseFigure(price);
  const wrong = [
    written(name) ? w.name('products', 'itsNameAsOnThe') : null,
    Number.isNaN(dayMs(expires)) ? w.name('products', 'theDayItIsGood') : null,
    volume.ok ? null : w.name('products', 'howMuchThereIsOf'),
    cost === undefined ? w.name('products', 'aPriceALitreOr') : null,
    groups.length === 0 ? w.name('products', 'whatIsInItAt') : null,
    uses.length === 0 ? w.name('products', 'atLeastOneUseWith') : null,
    uses.some(({ against }) => against.length === 0)
      ? w.name('products', 'againstWhatEachUseIs')
      : null,
    uses.some(({ minutes }) => aTime(minutes)) ? w.name('products', 'theTimeOfEachUse') : null,
    someWater(dilution.water) ? w.name('products', 'howMuchWaterToOne') : null,
    thinned && someDays(dilution.days) ? w.name('products', 'howManyDaysTheDilution') : null,
    someHardness(dilution.hardness) ? w.name('products', 'theHardestWaterTheLabel') : null,
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
      <TextField
        label={w.name('products', 'nameOnTheLabel')}
        value={name}
        onChange={setName}
        check={written}
      />
      <div className="grid grid-cols-1 gap-4 sm:grid-cols-3">
        <TextField
          label={w.name('products', 'goodUntil')}
          type="date"
          value={expires}
          onChange={setExpires}
        />
        <TextField
          label={w.name('products', 'howMuch')}
          value={size}
          onChange={setSize}
          check={aVolume}
          figure
        />
        <TextField
          label={w.name('products', 'priceALitre')}
          value={price}
          onChange={setPrice}
          check={(text) =>
            text.trim() === '' ? null : figureBetween(0, 10_000, w.name('products', 'aLitre'))(text)
          }
          figure
        />
      </div>
      <div className="grid grid-cols-1 gap-4 sm:grid-cols-4">
        <TextField
          label={w.name('products', 'registrationNumber')}
          value={registration}
          onChange={setRegistration}
          hint={w.name('products', 'asOnTheLabelNone')}
        />
        <TextField
          label={w.name('products', 'partsOfWaterToOne')}
          value={dilution.water}
          onChange={(water) => setDilution({ ...dilution, water })}
          check={someWater}
          figure
          hint={w.name('products', 'emptyWhereItIsUsed')}
        />
        {thinned && (
          <TextField
            label={w.name('products', 'dilutedItKeepsDays')}
            value={dilution.days}
            onChange={(days) => setDilution({ ...dilution, days })}
            check={someDays}
            figure
          />
        )}
        {thinned && (
          <TextField
            label={w.name('products', 'hardestWaterPpm')}
            value={dilution.hardness}
            onChange={(hardness) => setDilution({ ...dilution, hardness })}
            check={someHardness}
            figure
            hint={w.name('products', 'emptyWhereTheLabelDoes')}
          />
        )}
      </div>
      {uses.map((use, i) => (
        <section
          key={i}
          className="border-t border-ink pt-3"
          aria-label={w.say('products.use', { i: i + 1 })}
        >
          <div className="flex flex-wrap items-end gap-4">
            <Segments
              label={w.say('products.useTo', { i: i + 1 })}
              value={use.goal}
              onChange={(goal) => change(i, { goal })}
              options={[
                { value: 'disinfect', name: w.name('goal', 'disinfect') },
                { value: 'sanitise', name: w.name('goal', 'sanitise') },
              ]}
            />
            <TextField
              className="w-40"
              label={w.say('products.useWetForMin', { i: i + 1 })}
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
                {w.say('products.takeUseOut', { i: i + 1 })}
              </button>
            )}
          </div>
          <div className="mt-2">
            <Ticks
              legend={w.name('products', 'against')}
              of={threats}
              chosen={use.against}
              name={(one) => w.name('against', one)}
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
          {w.name('products', 'anotherUse')}
        </button>
      </p>
      <div className="border-t border-ink pt-3">
        <Ticks
          legend={w.name('products', 'whatIsInIt')}
          of={allGroups.filter((group) => group !== 'water')}
          chosen={groups}
          name={(one) => w.name('group', one)}
          onChange={setGroups}
        />
      </div>
      <details open={notOn.length > 0}>
        <summary className="field__label cursor-pointer">
          {rich('products.neverOnByTheLabel', {
            notOnCount: notOn.length > 0 && `, ${notOn.length}`,
          })}
        </summary>
        <Ticks
          legend={w.name('products', 'materialsThatTheLabelExcludes')}
          of={materialIds}
          chosen={notOn}
          name={(one) => w.name('material', one)}
          onChange={setNotOn}
        />
      </details>
      {tried && wrong.length > 0 && (
        <p role="alert" className="notice">
          <b>{w.name('products', 'stillToBeEntered')}</b> {wrong.join(' ')}
        </p>
      )}
      <WentWrong error={adding.error ?? editing.error} />
      <p>
        <button className="btn btn--main" disabled={adding.isLoading || editing.isLoading}>
          {product ? w.name('products', 'saveTheLabel') : w.name('products', 'enterTheProduct')}
        </button>
      </p>
    </Form>
  );
};
