import { Fragment, type ReactNode } from 'react';
import type { Figures, Key } from '@zymostat/words';
import { w } from './words.ts';

type Fill = ReactNode | ((text: ReactNode) => ReactNode);
type Fills<K extends Key> = K extends keyof Figures ? { [F in keyof Figures[K]]: Fill } : never;

/**
 * A message with parts of the page in it: `{x}` is put in as it is, `<x>…</x>` is drawn by the
 * function of that name.
 */
export const rich = <K extends Key>(key: K, fills: Fills<K>): ReactNode =>
  w.parts(key, fills as never).map((part, i) => <Fragment key={i}>{part as ReactNode}</Fragment>);
