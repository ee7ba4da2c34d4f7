import type { HouseQuestion } from '@zymostat/core';
import {
  activeNames,
  checkInWords,
  clock,
  eventNames,
  groupNames,
  groupOrAnything,
  houseWords,
  percent,
  reasonInWords,
  strengthOf,
  type RecordRow,
} from '@zymostat/contract';

const refusedWhat = {
  protocol: 'a protocol',
  batch: 'a batch',
  'round-event': 'in a round',
  bottle: 'a bottle',
  place: 'a shelf or caddy',
  survey: 'at a survey',
} as const;

/** A row of the ledger in one line and a note. */
export const lineOf = (row: RecordRow): { what: string; note: string } => {
  switch (row.kind) {
    case 'approval':
      return {
        what: `version ${row.body.number}`,
        note: `${row.body.surfaces} surfaces, ${row.body.accepted} accepted with a reason`,
      };
    case 'batch':
      return {
        what: `${row.body.code}, ${percent(row.body.strength)} ${activeNames[row.body.active]}`,
        note: `from ${row.body.stockCode}`,
      };
    case 'check':
      return {
        what: `${row.body.batchCode} ${row.body.inStrength ? 'verified' : 'set aside'}`,
        note: checkInWords(row.body),
      };
    case 'bottle':
      return row.body.did === 'filled'
        ? { what: `${row.body.bottleCode} filled from ${row.body.batchCode}`, note: '' }
        : { what: `${row.body.bottleCode} washed, label struck off`, note: '' };
    case 'house-rules':
      return {
        what: row.body.changes
          .map(({ question, to }) =>
            houseWords[question as HouseQuestion].schools[to as never]
              ? `${houseWords[question as HouseQuestion].asks} ${(houseWords[question as HouseQuestion].schools as Record<string, { name: string }>)[to]!.name}`
              : question,
          )
          .join('; '),
        note: `${row.body.flagged} surfaces to review`,
      };
    case 'round-started':
      return { what: `by version ${row.body.version}`, note: '' };
    case 'round-finished':
      return {
        what: `${row.body.done} done${row.body.open ? `, ${row.body.open} left open` : ''}`,
        note: row.body.notMet ? `${row.body.notMet} not met` : '',
      };
    case 'surface-event':
      return {
        what: `${row.body.surfaceName}: ${eventNames[row.body.event].toLowerCase()}`,
        note: row.body.batchCode ? `bottle ${row.body.batchCode}` : '',
      };
    case 'wet-time': {
      const { surfaceName, requiredSeconds, heldSeconds, met, event } = row.body;
      const held =
        requiredSeconds > 0 ? `${clock(heldSeconds)} of ${clock(requiredSeconds)}` : 'cleaned';
      return {
        what: `${surfaceName}: ${held}${requiredSeconds > 0 ? (met ? ', met' : ', not met') : ''}`,
        note: `${eventNames[event].toLowerCase()}, ${strengthOf(row.body.active, row.body.strength)}`,
      };
    }
    case 'refusal':
      return {
        what: `${refusedWhat[row.body.what]}: ${row.body.detail}`,
        note: row.body.reasons[0] ? reasonInWords(row.body.reasons[0]) : '',
      };
    case 'follow-up':
      return {
        what: row.body.text,
        note: `${row.body.owner}${row.body.due ? `, by ${row.body.due}` : ''}, ${row.body.closed ? 'closed' : 'open'}`,
      };
    case 'rule-added':
    case 'rule-withdrawn':
      return {
        what: `${groupNames[row.body.rule.one]} with ${groupOrAnything(groupNames, row.body.rule.other)}`,
        note: `edition ${row.body.edition} of the book`,
      };
    case 'book-read':
      return { what: `edition ${row.body.edition}`, note: '' };
    case 'source-checked':
      return { what: `${row.body.source} compared with its figures`, note: row.body.note };
    case 'near-miss':
    case 'incident':
      return { what: row.body.what, note: row.body.place };
  }
};
