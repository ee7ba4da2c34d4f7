import type { Answer, CheckReading, StockRow } from '@zymostat/contract';
import {
  alcoholOf,
  isGeneric,
  readingError,
  stockFloor,
  strengthByNow,
  strengthOver,
  strengthFromDensity,
  stripInterval,
  stripSteps,
  type GenericActive,
  type StrengthReading,
} from '@zymostat/core';
import { within, type Context } from '../../platform/context.ts';
import { problems } from '../../platform/http/problems.ts';
import { theCompany, type Person } from '../people/service.ts';
import { append, turnToAppend } from '../records/service.ts';
import { addReading, readingsOf, receivedAt } from './readingStore.ts';
import { stockById } from './store.ts';

type Generic = StockRow & { active: GenericActive };

const genericById = async (context: Context, id: string): Promise<Generic> => {
  const found = await stockById(context, id);
  if (!found) throw problems.notFound('stock');
  if (!isGeneric(found.active)) throw problems.conflict('wrong-meter');
  return found as Generic;
};

/** What a meter or a strip says, as an interval of strength. */
const intervalOf = ({ active }: Generic, reading: CheckReading, at: number): StrengthReading => {
  if (reading.by === 'strip') {
    if (active !== 'hydrogen peroxide') throw problems.conflict('wrong-meter');
    return { at, ...stripInterval(reading.step, stripSteps), error: readingError.strip };
  }
  const alcohol = alcoholOf(active);
  if (!alcohol) throw problems.conflict('wrong-meter');
  const strength = strengthFromDensity(alcohol, reading.density, reading.temperature);
  if (strength === undefined) throw problems.conflict('no-such-mixture');
  const off = strength * readingError.density;
  return { at, low: strength - off, high: strength + off, error: readingError.density };
};

/** Puts on record what was read of a container. */
export const readStock = async (
  context: Context,
  id: string,
  reading: CheckReading,
  person: Person,
): Promise<null> => {
  const stock = await genericById(context, id);
  const read = intervalOf(stock, reading, context.now());
  await within(context, async (inside) => {
    await turnToAppend(inside);
    const factId = inside.newId();
    await addReading(inside, { id: factId, stockId: id, by: reading.by }, read);
    await append(inside, {
      kind: 'stock-read',
      factId,
      at: read.at,
      home: null,
      person,
      body: {
        stockId: id,
        code: stock.code,
        active: stock.active,
        by: reading.by,
        low: read.low,
        high: read.high,
      },
    });
  });
  return null;
};

const MONTH_MS = 30 * 86_400_000;
const AHEAD_MS = 6 * MONTH_MS;
const DRAWN = 24;
/** Moments from one to half a year ahead, to draw a course through. */
const momentsFrom = (from: number, now: number): number[] =>
  Array.from({ length: DRAWN + 1 }, (_, i) => from + ((now + AHEAD_MS - from) * i) / DRAWN);

/** The strength of a container by now, and when it falls under what it is thrown away at. */
export const strengthOfStock = async (
  context: Context,
  id: string,
): Promise<Answer<'stockStrength'>> => {
  const stock = await genericById(context, id);
  const [readings, received, { houseRules }] = await Promise.all([
    readingsOf(context, id),
    receivedAt(context, id),
    theCompany(context),
  ]);
  const floor = stockFloor(stock.active, stock.strength, houseRules);
  const aging = { ...stock, declared: stock.strength, receivedAt: received, readings };
  const now = context.now();
  return {
    ...strengthByNow(aging, floor, now),
    floor,
    readings: readings.length,
    course: strengthOver(aging, momentsFrom(Math.min(received, now - MONTH_MS), now)),
    read: readings.map(({ at, low, high }) => ({ at, low, high })),
  };
};
