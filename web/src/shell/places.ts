import { w } from '../words/words.ts';
import type { Me } from '@zymostat/contract';

export interface Place {
  name: string;
  path: string;
}

const board = { name: w.name('shell', 'board'), path: '/board' };
const homes = { name: w.name('shell', 'homes'), path: '/homes' };
const rounds = { name: w.name('shell', 'rounds'), path: '/rounds' };
const bench = { name: w.name('shell', 'bench'), path: '/bench' };
const shelf = { name: w.name('shell', 'shelf'), path: '/shelf' };
const keepApart = { name: w.name('shell', 'keepApart'), path: '/keep-apart' };
const records = { name: w.name('shell', 'records'), path: '/records' };

/** The places each role works in, in working order; the number is the key that goes there. */
export const placesOf = (role: Me['person']['role']): Place[] =>
  role === 'supervisor'
    ? [board, homes, rounds, bench, shelf, keepApart, records]
    : [rounds, bench, keepApart];
