const HOUR = 3600;
const all = (from: number, to: number) =>
  [0, 1, 2, 3, 4, 5, 6].map((day): [number, number] | null =>
    day < 5 ? [from * HOUR, to * HOUR] : null,
  );

/** When people work, and how many hours of a week: made up. */
export const hours: Record<
  string,
  { hours: ([number, number] | null)[]; most: number; skills: string[] }
> = {
  maren: { hours: all(9, 13), most: 10 * HOUR, skills: ['dogs'] },
  tobias: { hours: all(8, 16), most: 30 * HOUR, skills: ['dogs'] },
  anneke: { hours: all(8, 14), most: 24 * HOUR, skills: [] },
};

/** Minutes by road between the homes and the depot: made up. */
export const roads: [string, string, number][] = [
  ['depot', 'Hedda', 8],
  ['depot', 'Bram', 12],
  ['depot', 'Yara', 6],
  ['depot', 'Ottilie', 15],
  ['depot', 'Ines', 19],
  ['Hedda', 'Bram', 5],
  ['Hedda', 'Yara', 9],
  ['Hedda', 'Ottilie', 11],
  ['Hedda', 'Ines', 16],
  ['Bram', 'Yara', 14],
  ['Bram', 'Ottilie', 7],
  ['Bram', 'Ines', 12],
  ['Yara', 'Ottilie', 18],
  ['Yara', 'Ines', 22],
  ['Ottilie', 'Ines', 6],
];

/** Visits of a week: home, day from Monday, from, by, people. Made up. */
export const visits: [string, number, number, number, number][] = [
  ['Hedda', 0, 8, 10, 1],
  ['Ottilie', 0, 9, 13, 2],
  ['Yara', 1, 8, 11, 1],
  ['Bram', 1, 9, 12, 1],
  ['Ines', 2, 9, 12, 2],
  ['Hedda', 2, 8, 13, 1],
  ['Ottilie', 3, 9, 11, 1],
  ['Yara', 3, 10, 14, 1],
  ['Bram', 3, 10, 13, 2],
  ['Hedda', 4, 8, 11, 1],
  ['Ines', 4, 9, 12, 1],
];

/** Who is sent by hand to the last of them. */
export const byHand = 'ruben';
