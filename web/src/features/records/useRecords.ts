import type { RecordKind } from '@zymostat/contract';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { useRecordsQuery, type Filter } from './api.ts';

const DAY_MS = 86_400_000;

/** The span of a local day written "2026-11-24". */
const spanOf = (day: string): Pick<Filter, 'from' | 'to'> => {
  const start = day ? new Date(`${day}T00:00`).getTime() : NaN;
  return Number.isNaN(start) ? {} : { from: start, to: start + DAY_MS };
};

/** What records can be narrowed by, as the address names it. */
type Narrowed = 'home' | 'kind' | 'day' | 'person' | 'batch' | 'outcome';

/** What records are narrowed to, kept in the address. */
const useFilter = () => {
  const [search, setSearch] = useSearchParams();
  const day = search.get('day') ?? '';
  const filter: Filter = {
    homeId: search.get('home') ?? undefined,
    kind: (search.get('kind') as RecordKind | null) ?? undefined,
    personId: search.get('person') ?? undefined,
    batch: search.get('batch') ?? undefined,
    outcome: (search.get('outcome') as Filter['outcome'] | null) ?? undefined,
    ...spanOf(day),
  };
  const narrow = (key: Narrowed, value: string | null) => {
    const next = new URLSearchParams(search);
    if (value) next.set(key, value);
    else next.delete(key);
    setSearch(next, { replace: true });
  };
  return { day, filter, narrow };
};

/** Rows of the record, newest first, a page at a time, and which of them is looked at. */
export const useRecords = () => {
  const { day, filter, narrow } = useFilter();
  const [search] = useSearchParams();
  const row = Number(search.get('row')) || undefined;
  const [before, setBefore] = useState<number[]>(row ? [row + 1] : []);
  const [chosenSeq, choose] = useState<string | undefined>(row?.toString());
  const { data, error } = useRecordsQuery({ ...filter, before: before.at(-1) });
  const rows = data?.rows ?? [];
  const last = rows.at(-1);
  return {
    day,
    filter,
    narrow: (key: Narrowed) => (value: string | null) => {
      setBefore([]);
      narrow(key, value);
    },
    rows,
    none: data !== undefined && rows.length === 0,
    error,
    chosen: rows.find((row) => String(row.seq) === chosenSeq) ?? rows[0],
    choose,
    newer: before.length > 0 ? () => setBefore(before.slice(0, -1)) : undefined,
    older: data?.more && last ? () => setBefore([...before, last.seq]) : undefined,
  };
};
export type RecordsShown = ReturnType<typeof useRecords>;
