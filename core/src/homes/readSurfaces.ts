import type { Soil } from '../domain/soils.ts';
import type { MaterialId } from '../reference/materials.ts';
import { surfaceKinds, type SurfaceKind, type SurfaceKindId } from '../reference/surfaceKinds.ts';
import type { Surface } from './home.ts';
import { bare, escaped, firstIn, namesOf, spaced } from './namesIn.ts';
import { refusedIn, type Refused } from './refused.ts';
import { surveyVocabularies } from './words/vocabularies.ts';

/**
 * A surface as somebody named it in passing. `sure` is false where nothing was known of such a
 * thing and a person must say what it is; `guessed` names what nobody has said and a person should
 * confirm.
 */
export interface Noted extends Omit<Surface, 'id' | 'setting'> {
  sure: boolean;
  guessed: ('material' | 'area')[];
  /** What is no job of this tool: why, and who is to be asked. */
  refused: Refused | null;
}

const vocabularies = Object.values(surveyVocabularies);

const names = namesOf<SurfaceKind>(
  vocabularies.flatMap(({ kinds }) =>
    (Object.entries(kinds) as [SurfaceKindId, readonly string[]][]).flatMap(([id, called]) =>
      called.map((name): [string, SurfaceKind] => [name, surfaceKinds[id]]),
    ),
  ),
);
const hints = namesOf<MaterialId>(vocabularies.flatMap((one) => Object.entries(one.hints)));

const soilNames = namesOf<Soil>(
  vocabularies.flatMap(({ soils }) =>
    (Object.entries(soils) as [Soil, readonly string[]][]).flatMap(([soil, called]) =>
      called.map((name): [string, Soil] => [name, soil]),
    ),
  ),
);

const MOST = 100;
const LONGEST = 80;

const areas = Object.assign({}, ...vocabularies.map((one) => one.areas)) as Record<string, number>;
const units = Object.keys(areas).sort((a, b) => b.length - a.length);
/** "0.4 m2", "6 sq ft": how large it is, in m², where somebody said it. */
const AREA = new RegExp(`(\\d+(?:[.,]\\d+)?)\\s*(${units.map(escaped).join('|')})(?!\\p{L})`, 'iu');
const areaIn = (text: string): number | undefined => {
  const match = AREA.exec(text);
  if (!match) return undefined;
  const unit = areas[match[2]!.toLowerCase().replace(/-/g, ' ')] ?? 1;
  const value = Number(match[1]!.replace(',', '.')) * unit;
  return value >= 0.01 && value <= 200 ? Number(value.toFixed(3)) : undefined;
};

/** A floor of wood is a hardwood floor, one of laminate a laminate floor. */
const onFloor: Partial<Record<MaterialId, MaterialId>> = {
  'sealed-wood': 'hardwood-floor',
  laminate: 'laminate-floor',
};

const materialIn = (text: string, kind: SurfaceKind | undefined): MaterialId | undefined => {
  if (kind?.itself) return kind.material;
  const material = firstIn(hints, text);
  return material && kind?.level === 'floor' ? (onFloor[material] ?? material) : material;
};

/** What one thing is, by its name; the same dictionary for a list and for a single form. */
export const noteSurface = (written: string): Noted => {
  const text = bare(written.toLowerCase());
  const area = areaIn(written.toLowerCase());
  const kind = firstIn(names, text);
  const said = materialIn(text, kind);
  const named =
    written
      .replace(AREA, ' ')
      .replace(/\(\s*\)/g, ' ')
      .replace(/\s+/g, ' ')
      .replace(/[\s(,]+$/, '')
      .trim() || written;
  return {
    name: `${named.charAt(0).toUpperCase()}${named.slice(1)}`,
    material: said ?? kind?.material ?? 'something-porous',
    level: kind?.level ?? 'hand',
    area: area ?? kind?.area ?? 0.5,
    touched: kind?.touched ?? 'daily',
    food: kind?.food ?? false,
    thing: kind?.thing ?? 'surface',
    soil: firstIn(soilNames, text) ?? 'everyday',
    sure: kind !== undefined || said !== undefined,
    guessed: [
      ...(said === undefined ? ['material' as const] : []),
      ...(area === undefined ? ['area' as const] : []),
    ],
    refused: refusedIn(written),
  };
};

/** What is surveyed of a thing that was noted in passing. */
export const surveyedOf = ({
  sure: _,
  guessed: __,
  refused: ___,
  ...surface
}: Noted): Omit<Surface, 'id' | 'setting'> => surface;

const soilOf = (part: string): Soil | undefined => firstIn(soilNames, bare(part.toLowerCase()));
const soilWords = new Set(
  vocabularies.flatMap(({ soils }) =>
    Object.values(soils)
      .flat()
      .map((one) => spaced(bare(one))),
  ),
);
const isSoilAlone = (part: string): boolean => soilWords.has(spaced(bare(part.toLowerCase())));

/** "Worktop, sticky" is one thing: soil alone belongs to what was named before it. */
const withItsSoil = (parts: string[], part: string): string[] => {
  const before = parts.at(-1);
  const together = `${before}, ${part}`;
  const joins =
    before !== undefined &&
    isSoilAlone(part) &&
    soilOf(before) === undefined &&
    together.length <= LONGEST;
  if (joins) parts.pop();
  parts.push(joins ? together : part);
  return parts;
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
    .reduce(withItsSoil, [])
    .slice(0, MOST)
    .map(noteSurface);
