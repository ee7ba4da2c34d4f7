import type { Me } from '@zymostat/contract';

export interface Place {
  name: string;
  path: string;
}

const homes = { name: 'Homes', path: '/homes' };
const rounds = { name: 'Rounds', path: '/rounds' };
const bench = { name: 'Bench', path: '/bench' };
const keepApart = { name: 'Keep apart', path: '/keep-apart' };
const records = { name: 'Records', path: '/records' };

/** The places each role works in, in working order; the number is the key that goes there. */
export const placesOf = (role: Me['person']['role']): Place[] =>
  role === 'supervisor' ? [homes, rounds, bench, keepApart, records] : [rounds, bench, keepApart];
