import { MM } from '../../platform/pdf.ts';

/**
 * The two sizes, how many go on a sheet of A4, and the sheet they are printed on. Nothing is set
 * under 8 pt and no sign under 10 mm: what does not fit is left out, never made smaller.
 */
export const labelSizes = {
  '62x100': {
    width: 62 * MM,
    height: 100 * MM,
    across: 3,
    down: 2,
    sheet: 'A4',
    text: 8,
    title: 13,
    sign: 10 * MM,
    qr: 46,
    letters: 36,
    lines: 27,
  },
  A6: {
    width: 105 * MM,
    height: 148 * MM,
    across: 1,
    down: 1,
    sheet: 'A6',
    text: 10.5,
    title: 22,
    sign: 18 * MM,
    qr: 80,
    letters: 50,
    lines: 31,
  },
} as const;

export type LabelSize = keyof typeof labelSizes;
