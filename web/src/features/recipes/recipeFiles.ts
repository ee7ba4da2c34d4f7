import { w } from '../../words/words.ts';
import { recipeFile, type RecipeFile } from '@zymostat/contract';
import * as v from 'valibot';
import { misfits } from '../../ui/misfits.ts';
import { save } from '../../ui/saveFile.ts';

const fileName = (name: string) =>
  name
    .trim()
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, '-')
    .replace(/^-|-$/g, '') || 'recipe';

export const exportJson = (recipe: Omit<RecipeFile, 'format'>): void =>
  save(
    `${fileName(recipe.name)}.json`,
    'application/json',
    `${JSON.stringify({ format: 'zymostat.recipe/1', ...recipe } satisfies RecipeFile, null, 2)}\n`,
  );
export const exportText = ({ name, text }: { name: string; text: string }): void =>
  save(`${fileName(name)}.txt`, 'text/plain', `# ${name}\n${text.trim()}\n`);

/** A recipe from a file, JSON or plain text; or what was found and what is allowed. */
export const importRecipe = async (
  file: File,
): Promise<{ ok: true; recipe: Omit<RecipeFile, 'format'> } | { ok: false; why: string }> => {
  if (file.size > 100_000)
    return {
      ok: false,
      why: w.say('bench.foundAFileOfKb', { round: Math.round(file.size / 1000) }),
    };
  const text = await file.text();
  if (!text.trimStart().startsWith('{')) {
    const [, title] = /^#\s*(.+)$/m.exec(text) ?? [];
    return {
      ok: true,
      recipe: {
        name: (title ?? file.name.replace(/\.\w+$/, '')).slice(0, 80),
        claim: 'disinfect',
        text: text.replace(/^#\s*.+\r?\n/, ''),
      },
    };
  }
  try {
    const read = v.safeParse(recipeFile, JSON.parse(text));
    if (read.success) {
      const { name, claim, text: lines } = read.output;
      return { ok: true, recipe: { name, claim, text: lines } };
    }
    return {
      ok: false,
      why: misfits(read.issues),
    };
  } catch {
    return {
      ok: false,
      why: w.name('bench', 'foundTextThatBeginsLike'),
    };
  }
};
