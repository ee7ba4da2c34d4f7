import type { Pictogram } from '@zymostat/core';

/**
 * Black signs in a red square set on its point, drawn here after the public standard (GHS, annex
 * 1).
 */
const signs: Record<Pictogram, string> = {
  flame:
    '<path d="M52 20c7 13 14 18 12 32 3-3 4-6 4-9 8 12 5 29-18 29-21 0-25-17-15-28 0 5 2 9 6 10-4-12 5-22 11-34z"/><path d="M30 75h40v5H30z"/>',
  corrosion:
    '<path d="M19 41l20-9 3 6-20 9zM62 33l20 8-2 6-21-8z"/><path d="M40 43c2 3 2 6 0 7-2-1-2-4 0-7zM36 50c2 3 2 6 0 7-2-1-2-4 0-7zM60 44c2 3 2 6 0 7-2-1-2-4 0-7z"/><path d="M20 60h12l3 4 3-4h8v8H20zM54 58c6-1 8 2 12 2 6 0 9-4 14-3l-4 11H56z"/><path d="M48 84l2-3 2 3z"/>',
  exclamation: '<path d="M43 22h14l-3 36h-8z"/><circle cx="50" cy="70" r="7"/>',
  environment:
    '<path d="M20 70h60v4H20z"/><path d="M34 70V40l-10-8 2-3 11 8 7-12 3 2-7 14v29z"/><path d="M52 62c6-8 18-9 24-2l6-4v12l-6-4c-6 6-18 5-24-2z"/>',
  health:
    '<circle cx="50" cy="28" r="9"/><path d="M31 78V55c0-11 8-16 19-16s19 5 19 16v23z"/><path d="M50 46l3 10 9-6-6 9 10 3-10 3 6 9-9-6-3 10-3-10-9 6 6-9-10-3 10-3-6-9 9 6z" fill="#fff"/>',
};

export const pictogramSvg = (pictogram: Pictogram): string =>
  `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 100 100" width="100" height="100"><path d="M50 4 96 50 50 96 4 50z" fill="#fff" stroke="#c8102e" stroke-width="5"/>${signs[pictogram]}</svg>`;
