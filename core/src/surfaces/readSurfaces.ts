import { surfaceKinds, materialHints, type SurfaceKind } from '../reference/surfaceKinds.ts';
import type { Surface } from '../protocol/home.ts';
import type { MaterialId } from '../reference/materials.ts';

/** A surface as somebody named it in passing; `sure` is false where nothing was known of such a thing and a person must say what it is. */
export type Noted = Omit<Surface, 'id' | 'setting'> & { sure: boolean };

const names = surfaceKinds.flatMap((kind) => kind.names.map((name) => ({ name, kind }))).sort((a, b) => b.name.length - a.name.length);
const hints = Object.keys(materialHints).sort((a, b) => b.length - a.length);
const has = (text: string, words: string): boolean => new RegExp(`(^|[^a-z])${words.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')}([^a-z]|$)`).test(text);

const MOST = 100;
const LONGEST = 80;

/** A floor of wood is a hardwood floor. */
const materialIn = (text: string, kind: SurfaceKind | undefined): MaterialId | undefined => {
  const hint = hints.find((word) => has(text, word));
  const material = hint === undefined ? undefined : materialHints[hint];
  return material === 'sealed-wood' && kind?.level === 'floor' ? 'hardwood-floor' : material;
};

const note = (written: string): Noted => {
  const text = written.toLowerCase();
  const kind = names.find(({ name }) => has(text, name))?.kind;
  const material = materialIn(text, kind);
  const name = `${written.charAt(0).toUpperCase()}${written.slice(1)}`;
  return {
    name, material: material ?? kind?.material ?? 'hard-plastic', level: kind?.level ?? 'hand', area: kind?.area ?? 0.5, touched: kind?.touched ?? 'daily', food: kind?.food ?? false, sure: kind !== undefined || material !== undefined,
  };
};

/** "basin, chrome tap, mirror" makes three, each with the likely material to confirm. At most a hundred; never throws. */
export const readSurfaces = (text: string): Noted[] =>
  text.split(/[,;\n\r]+/).map((one) => one.replace(/\s+/g, ' ').trim().slice(0, LONGEST)).filter((one) => one !== '').slice(0, MOST).map(note);
