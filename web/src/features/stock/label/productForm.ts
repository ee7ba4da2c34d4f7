import type { Body, StockRow } from '@zymostat/contract';
import {
  litres,
  parseFigure,
  type Against,
  type Group,
  type LabelUse,
  type MaterialId,
} from '@zymostat/core';
import * as v from 'valibot';
import { inMetric } from '../../../ui/amounts.ts';
import { figureBetween } from '../../../ui/form/checks.ts';
import {
  line,
  maybeLine,
  optionalLine,
  someOf,
  textLine,
  volumeLine,
} from '../../../ui/form/lines.ts';
import { dateFieldOf } from '../../../ui/times.ts';
import { w } from '../../../words/words.ts';

export interface UseLines {
  goal: LabelUse['goal'];
  against: Against[];
  minutes: string;
}

/** A registered product as its label is typed in. */
export interface ProductLines {
  name: string;
  expires: string;
  size: string;
  price: string;
  registration: string;
  /** How a concentrate is thinned; no water where it is used as sold. */
  water: string;
  days: string;
  hardness: string;
  uses: UseLines[];
  groups: Group[];
  notOn: MaterialId[];
}
export type ProductBody = Body<'addProduct'>;

const DAY = 86_400;
const MOST = litres(100);
const dayMs = (day: string): number => new Date(`${day}T12:00`).getTime();
const figure = (text: string) => parseFigure(text)!;
const between = (low: number, high: number, unit: string) => (text: string) =>
  figureBetween(low, high, unit)(text);

const use = v.object({
  goal: v.picklist(['sanitise', 'disinfect']),
  against: someOf<Against>(1),
  minutes: line(between(0.02, 120, 'min'), (text) => Math.ceil(figure(text) * 60)),
});

const fields = v.object({
  name: textLine,
  expires: line(
    (day) => (Number.isNaN(dayMs(day)) ? w.name('products', 'theDayItIsGood') : null),
    dayMs,
  ),
  size: volumeLine(MOST),
  price: optionalLine(
    (text) => figureBetween(0, 10_000, w.name('products', 'aLitre'))(text),
    figure,
  ),
  registration: maybeLine,
  water: optionalLine(
    (text) => figureBetween(0.01, 1000, w.name('products', 'partsOfWater'))(text),
    figure,
  ),
  days: optionalLine(
    (text) => figureBetween(0.001, 730, w.name('products', 'days'))(text),
    (text) => Math.round(figure(text) * DAY),
  ),
  hardness: optionalLine(between(0, 2000, 'ppm'), figure),
  uses: v.array(use),
  groups: someOf<Group>(1),
  notOn: someOf<MaterialId>(),
});

const bodyOf = (read: v.InferOutput<typeof fields>): ProductBody => ({
  name: read.name,
  volume: read.size,
  expiresAt: read.expires,
  pricePerLitre: read.price,
  label: {
    groups: read.groups,
    notOn: read.notOn,
    registration: read.registration,
    dilution:
      read.water === null
        ? null
        : { water: read.water, keeps: read.days!, hardness: read.hardness },
    uses: read.uses.map(({ goal, against, minutes }) => ({ goal, against, seconds: minutes })),
  },
});

/** What a label says, read into what is sent. */
export const productForm = v.pipe(
  fields,
  v.forward(
    v.partialCheck(
      [['water'], ['days']],
      ({ water, days }) => water === null || days !== null,
      () => w.name('products', 'howManyDaysTheDilution'),
    ),
    ['days'],
  ),
  v.transform(bodyOf),
);

const figureOf = (value: number | null | undefined) =>
  value == null ? '' : String(Number(value.toFixed(3)));
const firstUse: UseLines = { goal: 'disinfect', against: ['everyday'], minutes: '' };
export const nextUse: UseLines = { goal: 'disinfect', against: [], minutes: '' };

const labelLines = (label: StockRow['label']) => ({
  groups: label?.groups ?? [],
  notOn: label?.notOn ?? [],
  registration: label?.registration ?? '',
  water: figureOf(label?.dilution?.water),
  days: label?.dilution ? figureOf(label.dilution.keeps / DAY) : '',
  hardness: figureOf(label?.dilution?.hardness),
  uses: label?.uses.map(({ goal, against, seconds }) => ({
    goal,
    against,
    minutes: String(Number((seconds / 60).toFixed(2))),
  })) ?? [firstUse],
});

export const productLines = (product?: StockRow): ProductLines => ({
  name: product?.name ?? '',
  expires: product ? dateFieldOf(product.expiresAt) : '',
  size: product ? inMetric(product.volume) : w.name('products', 'n1L'),
  price: figureOf(product?.pricePerLitre),
  ...labelLines(product?.label ?? null),
});
