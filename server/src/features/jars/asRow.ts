import type { BathRow, JarRow } from '@zymostat/contract';
import type { BathRecord, JarRecord } from './store.ts';

type Names = ReadonlyMap<string, string>;

const code = (letter: string, number: string | number): string =>
  `${letter}-${String(number).padStart(3, '0')}`;
export const jarCode = ({ number }: Pick<JarRecord, 'number'>): string => code('J', number!);
export const bathCode = ({ number }: Pick<BathRecord, 'number'>): string => code('T', number!);

export const asJar = (record: JarRecord, names: Names): JarRow => ({
  ...record.made,
  id: record.id,
  code: jarCode(record),
  madeAt: record.madeAt.getTime(),
  madeBy: names.get(record.madeBy) ?? '',
  left: record.left,
  endedAt: record.endedAt?.getTime() ?? null,
});

const endOf = ({ endedAt, endedBy, came }: BathRecord, names: Names): BathRow['ended'] =>
  endedAt && came ? { at: endedAt.getTime(), by: names.get(endedBy ?? '') ?? '', ...came } : null;

export const asBath = (record: BathRecord, names: Names): BathRow => ({
  ...record.begun,
  id: record.id,
  code: bathCode(record),
  begunAt: record.begunAt.getTime(),
  begunBy: names.get(record.begunBy) ?? '',
  ended: endOf(record, names),
});
