import { colours } from '@zymostat/contract';
import { activeFacts, type Active, type ReportCame, type ReportLine } from '@zymostat/core';

/** Points across and down. */
const WIDE = 150;
const HIGH = 16;
const TOP = 6;
const TALL = 9;

const hueOf = (active: Active): string => colours[activeFacts[active].family];

const at = (seconds: number, axis: number): number => (WIDE * Math.min(seconds, axis)) / axis;
const rect = (x: number, width: number, style: string) =>
  `<rect x="${x}" y="${TOP}" width="${Math.max(0, width)}" height="${TALL}" ${style}/>`;

/** Families differ by pattern too, so that grey paper tells them apart. */
const marksOf: Record<string, string> = {
  peroxide:
    '<circle cx="4" cy="4.5" r="1"/><circle cx="10" cy="4.5" r="1"/><circle cx="16" cy="4.5" r="1"/>',
  alcohol: '<path d="M2 9L8 0M8 9L14 0M14 9L20 0" stroke="#fff" stroke-width="1.2"/>',
  vinegar: '<path d="M0 4.5q2.5-3 5 0t5 0t5 0t5 0" stroke="#fff" stroke-width="1.2" fill="none"/>',
  product: '<path d="M4 0v9M10 0v9M16 0v9M0 4.5h20" stroke="#fff" stroke-width="0.8"/>',
};

/** A piece of a family's hue with its pattern, beside what it was done with. */
export const stub = (active: Active | null): string => {
  const hue = active ? hueOf(active) : colours.soap;
  const marks = active ? (marksOf[activeFacts[active].family] ?? '') : '';
  return `<svg viewBox="0 0 20 9"><rect width="20" height="9" fill="${hue}"/><g fill="#fff">${marks}</g></svg>`;
};

const notch = (x: number): string =>
  `<path d="M${x - 3.5} 1h7l-3.5 5z" fill="${colours.ink}"/><path d="M${x} ${TOP}v${TALL}" stroke="${colours.ink}" stroke-width="0.8"/>`;

const drop = (x: number): string =>
  `<circle cx="${x}" cy="${TOP + TALL / 2}" r="2.4" fill="#fff" stroke="${colours.ink}" stroke-width="0.9"/>`;

/**
 * The wet band of one time: filled as far as it is known to have been wet, open where it was too
 * short, dotted where nobody can vouch for it. `axis` in s is that of the whole paper.
 */
export const bandSvg = ({ use, required, held, shown, rewets, came }: ReportLine, axis: number) => {
  if (!use || held === null) return null;
  const known = came === 'not-shown' ? Math.min(shown ?? 0, held) : held;
  const end = at(known, axis);
  const hue = hueOf(use.active);
  const parts = [
    `<path d="M0 ${TOP + TALL}H${WIDE}" stroke="${colours.rule}" stroke-width="0.6"/>`,
    rect(0, end, `fill="${hue}"`),
    came === 'not-met' && held < required
      ? rect(end, at(required, axis) - end, `fill="#fff" stroke="${hue}" stroke-width="0.9"`)
      : '',
    came === 'not-shown'
      ? `<path d="M${end} ${TOP + TALL / 2}H${at(held, axis)}" stroke="${colours.ink}" stroke-width="2" stroke-dasharray="1.5 2.5"/>`
      : '',
    ...rewets.map((one) => drop(at(one, axis))),
    notch(at(required, axis)),
  ];
  return `<svg viewBox="0 0 ${WIDE} ${HIGH}">${parts.join('')}</svg>`;
};

const boxes: Record<ReportCame, string> = {
  met: `<rect x="1" y="1" width="9" height="7" fill="${colours.ink}"/>`,
  'not-met': `<rect x="1" y="1" width="9" height="7" fill="#fff" stroke="${colours.ink}" stroke-width="1"/><rect x="1" y="1" width="4.5" height="7" fill="${colours.ink}"/>`,
  'not-shown': `<rect x="1" y="1" width="9" height="7" fill="#fff" stroke="${colours.ink}" stroke-width="1" stroke-dasharray="1 1.4"/>`,
  loosened: `<path d="M5.5 1v7" stroke="${colours.ink}" stroke-width="1.4"/>`,
  'off-early': `<rect x="1" y="1" width="9" height="7" fill="#fff" stroke="${colours.ink}" stroke-width="1"/><rect x="1" y="1" width="4.5" height="7" fill="${colours.ink}"/>`,
  'left-too-long': `<rect x="1" y="1" width="9" height="7" fill="#fff" stroke="${colours.ink}" stroke-width="1"/><rect x="7" y="1" width="3" height="7" fill="${colours.ink}"/>`,
  cleaned: `<path d="M5.5 1v7" stroke="${colours.ink}" stroke-width="1.4"/>`,
  'left-out': `<path d="M1 4.5h9" stroke="${colours.ink}" stroke-width="1"/>`,
  'not-done': `<path d="M1 4.5h9" stroke="${colours.ink}" stroke-width="1"/>`,
};

/** A shape for what came of it, beside its word. */
export const mark = (came: ReportCame): string => `<svg viewBox="0 0 11 9">${boxes[came]}</svg>`;

/** The longest of all bands, with a little more, s. */
export const axisOf = (lines: readonly ReportLine[]): number =>
  1.06 *
  Math.max(
    60,
    ...lines.map(({ held, required }) => Math.min(Math.max(held ?? 0, required), required * 2)),
  );
