import type { MaterialId } from '../reference/materials.ts';
import { materialHints, surfaceKinds, type SurfaceKind } from '../reference/surfaceKinds.ts';
import type { Surface } from './home.ts';

/**
 * A surface as somebody named it in passing. `sure` is false where nothing was known of such a
 * thing and a person must say what it is; `guessed` names what nobody has said and a person should
 * confirm.
 */
export interface Noted extends Omit<Surface, 'id' | 'setting'> {
  sure: boolean;
  guessed: ('material' | 'area')[];
}

const names = surfaceKinds
  .flatMap((kind) => kind.names.map((name) => ({ name, kind })))
  .sort((a, b) => b.name.length - a.name.length);
const hints = Object.keys(materialHints).sort((a, b) => b.length - a.length);
const escaped = (words: string): string =>
  words.replace(/[.*+?^${}()|[\]\\]/g, '\\$&').replace(/[- ]/g, '[- ]');
const has = (text: string, words: string): boolean =>
  new RegExp(`(^|[^a-z])${escaped(words)}([^a-z]|$)`).test(text);

const MOST = 100;
const LONGEST = 80;
const SQUARE_FOOT = 0.0929;

/** "0.4 m2", "6 sq ft": how large it is, in m², where somebody said it. */
const AREA =
  /(\d+(?:[.,]\d+)?)\s*(?:(m2|m²|qm|sqm|sq\.? ?m|square met(?:re|er)s?)|(sq\.? ?ft|ft2|ft²|square f(?:oo|ee)t))/i;
const areaIn = (text: string): number | undefined => {
  const match = AREA.exec(text);
  if (!match) return undefined;
  const value = Number(match[1]!.replace(',', '.')) * (match[3] ? SQUARE_FOOT : 1);
  return value >= 0.01 && value <= 200 ? Number(value.toFixed(3)) : undefined;
};

/** A floor of wood is a hardwood floor, one of laminate a laminate floor. */
const onFloor: Partial<Record<MaterialId, MaterialId>> = {
  'sealed-wood': 'hardwood-floor',
  laminate: 'laminate-floor',
};

const materialIn = (text: string, kind: SurfaceKind | undefined): MaterialId | undefined => {
  if (kind?.itself) return kind.material;
  const hint = hints.find((word) => has(text, word));
  const material = hint === undefined ? undefined : materialHints[hint];
  return material && kind?.level === 'floor' ? (onFloor[material] ?? material) : material;
};

/** What one thing is, by its name; the same dictionary for a list and for a single form. */
export const noteSurface = (written: string): Noted => {
  const text = written.toLowerCase();
  const area = areaIn(text);
  const kind = names.find(({ name }) => has(text, name))?.kind;
  const said = materialIn(text, kind);
  const bare =
    written
      .replace(AREA, ' ')
      .replace(/\(\s*\)/g, ' ')
      .replace(/\s+/g, ' ')
      .replace(/[\s(,]+$/, '')
      .trim() || written;
  return {
    name: `${bare.charAt(0).toUpperCase()}${bare.slice(1)}`,
    material: said ?? kind?.material ?? 'something-porous',
    level: kind?.level ?? 'hand',
    area: area ?? kind?.area ?? 0.5,
    touched: kind?.touched ?? 'daily',
    food: kind?.food ?? false,
    sure: kind !== undefined || said !== undefined,
    guessed: [
      ...(said === undefined ? ['material' as const] : []),
      ...(area === undefined ? ['area' as const] : []),
    ],
  };
};

/**
 * "basin, chrome tap, mirror" makes three, each with the likely material to confirm. At most a
 * hundred; never throws.
 */
export const readSurfaces = (text: string): Noted[] =>
  text
    .split(/[;\n\r]+|,(?!\d)/)
    .map((one) => one.replace(/\s+/g, ' ').trim().slice(0, LONGEST))
    .filter((one) => one !== '')
    .slice(0, MOST)
    .map(noteSurface);
