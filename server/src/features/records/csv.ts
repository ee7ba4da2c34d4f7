import {
  activeNames,
  checkInWords,
  eventNames,
  reasonInWords,
  recordKindNames,
  strengthOf,
  type RecordRow,
} from '@zymostat/contract';

export const csvHeader = [
  'row',
  'happened',
  'recorded',
  'kind',
  'home',
  'person',
  'what',
  'required_seconds',
  'held_seconds',
  'met',
  'hash',
] as const;

/** What a row says in one line of words. */
const inWords = (row: RecordRow): string => {
  switch (row.kind) {
    case 'approval':
      return `Version ${row.body.number} approved, ${row.body.surfaces} surfaces, ${row.body.accepted} accepted with a reason`;
    case 'batch':
      return `${row.body.code}: ${strengthOf(row.body.active, row.body.strength)} ${activeNames[row.body.active]} from ${row.body.stockCode}`;
    case 'check':
      return `${row.body.batchCode}: ${checkInWords(row.body)}`;
    case 'bottle':
      return row.body.did === 'filled'
        ? `${row.body.bottleCode} filled from ${row.body.batchCode}`
        : `${row.body.bottleCode} washed, label struck off, by ${row.body.washedBy}`;
    case 'house-rules':
      return `${row.body.changes.map(({ question, from, to }) => `${question}: ${from} to ${to}`).join('; ')}. ${row.body.flagged} flagged`;
    case 'round-started':
      return `By version ${row.body.version}`;
    case 'round-finished':
      return `${row.body.done} done, ${row.body.open} left open, ${row.body.notMet} not met`;
    case 'surface-event':
      return `${row.body.roomName}: ${row.body.surfaceName}. ${eventNames[row.body.event]}${row.body.batchCode ? `, bottle ${row.body.batchCode}` : ''}`;
    case 'wet-time':
      return `${row.body.roomName}: ${row.body.surfaceName}. ${eventNames[row.body.event]}, ${strengthOf(row.body.active, row.body.strength)}`;
    case 'refusal':
      return `${row.body.detail}. ${row.body.reasons.map(reasonInWords).join(' ')}`;
    case 'follow-up':
      return `${row.body.text} Owner: ${row.body.owner}${row.body.due ? `, by ${row.body.due}` : ''}. ${row.body.closed ? 'Closed' : 'Open'}`;
    case 'rule-added':
    case 'rule-withdrawn':
      return `${row.body.rule.one} with ${row.body.rule.other}: edition ${row.body.edition}`;
    case 'book-read':
      return `Edition ${row.body.edition}`;
    case 'source-checked':
      return `${row.body.source} compared. ${row.body.note}`;
    default:
      return `${row.body.what} Place: ${row.body.place}. Who: ${row.body.who}. Done: ${row.body.done}`;
  }
};

/** A spreadsheet must not take a text for a formula. */
const cell = (value: string | number | boolean | null): string => {
  const text = value === null ? '' : String(value);
  const safe = typeof value === 'string' && /^[=+\-@\t\r]/.test(text) ? `'${text}` : text;
  return /[",\n\r]/.test(safe) ? `"${safe.replaceAll('"', '""')}"` : safe;
};

export const csvLine = (cells: readonly (string | number | boolean | null)[]): string =>
  `${cells.map(cell).join(',')}\r\n`;

export const csvOf = (row: RecordRow): string => {
  const wet = row.kind === 'wet-time' ? row.body : null;
  const iso = (ms: number) => new Date(ms).toISOString();
  return csvLine([
    row.seq,
    iso(row.at),
    iso(row.recordedAt),
    recordKindNames[row.kind],
    row.homeName,
    row.person,
    inWords(row),
    wet?.requiredSeconds ?? null,
    wet?.heldSeconds ?? null,
    wet?.met ?? null,
    row.hash,
  ]);
};
