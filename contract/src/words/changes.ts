import type { Problem } from '../messages.ts';

type Changed = NonNullable<Problem['changes']>[number];

/** What a field of a home, room, surface or setting is called. */
const fieldNames: Record<string, string> = {
  name: 'the name',
  place: 'the place',
  situations: 'who lives there',
  clientKeeps: 'what the client keeps',
  floorArea: 'the floor area',
  height: 'the height',
  ventilation: 'the ventilation',
  flame: 'the flame',
  material: 'the material',
  level: 'the level',
  area: 'the area',
  touched: 'how often it is touched',
  food: 'whether food touches it',
  added: '',
  removed: '',
};
const listed = (fields: readonly string[]): string =>
  fields
    .map((field) => fieldNames[field] ?? '')
    .filter(Boolean)
    .join(', ');

/**
 * "Anneke changed the area of Basin at 14:02." Times by the clock of whoever reads, or of the
 * server.
 */
export const changeInWords = ({ by, at, subject, what, fields }: Changed): string => {
  const when = new Date(at).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' });
  if (what === 'added') return `${by} added ${subject} at ${when}.`;
  if (what === 'removed') return `${by} took ${subject} out at ${when}.`;
  if (what === 'setting') return `${by} changed what is set for ${subject} at ${when}.`;
  const named = listed(fields);
  return named === ''
    ? `${by} changed ${subject} at ${when}.`
    : `${by} changed ${named} of ${subject} at ${when}.`;
};

export const changedInWords = (changes: readonly Changed[]): string =>
  changes.slice(0, 5).map(changeInWords).join(' ');
