import { useState } from 'react';
import { FileButton } from '../../ui/FileButton.tsx';
import { written } from '../../ui/form/checks.ts';
import { TextField } from '../../ui/form/Field.tsx';
import { Form } from '../../ui/form/Form.tsx';
import { WentWrong } from '../../ui/parts.tsx';
import { dateOf } from '../../ui/times.ts';
import { Window } from '../../ui/Window.tsx';
import { w } from '../../words/words.ts';
import { exportJson, exportText, importRecipe } from './recipeFiles.ts';
import type { Drafting } from './useDraft.ts';

type Props = { drafting: Drafting };

const saveName = ({ kept, changed }: Drafting): string => {
  if (!kept) return w.name('bench', 'saveIt');
  return changed
    ? w.say('bench.saveVersion', { versionsCount: kept.versions.length + 1 })
    : w.name('bench', 'saveUnderAnotherName');
};

const Naming = ({ drafting, onDone }: Props & { onDone: () => void }) => {
  const { draft, rename, save, adding } = drafting;
  const submit = async () => {
    if (!written(draft.name) && (await save())) onDone();
  };
  return (
    <Form onSubmit={submit}>
      <TextField
        label={w.name('bench', 'nameInTheCompanyS')}
        value={draft.name}
        onChange={rename}
        check={written}
        autoFocus
      />
      <WentWrong error={adding.error} />
      <p className="flex gap-3">
        <button className="btn btn--main">{w.name('bench', 'saveIt')}</button>
        <button type="button" className="btn" onClick={onDone}>
          {w.name('bench', 'leaveIt')}
        </button>
      </p>
    </Form>
  );
};

/** Saves the recipe: a next version at once, another one under a name that is asked for. */
const SaveButton = ({ drafting }: Props) => {
  const [naming, setNaming] = useState(false);
  const { empty, changed, save, saving, adding } = drafting;
  return (
    <>
      <button
        className="btn"
        disabled={empty}
        onClick={() => (changed ? void save() : setNaming(true))}
      >
        {saveName(drafting)}
      </button>
      <WentWrong error={saving.error ?? (naming ? undefined : adding.error)} />
      <Window
        open={naming}
        title={w.name('bench', 'saveTheRecipe')}
        onClose={() => setNaming(false)}
      >
        <Naming drafting={drafting} onDone={() => setNaming(false)} />
      </Window>
    </>
  );
};

const Exports = ({ drafting: { draft, empty } }: Props) => {
  const recipe = { ...draft, name: draft.name || w.name('bench', 'recipe') };
  const { name, claim, text } = recipe;
  return (
    <>
      <button
        className="btn btn--quiet"
        disabled={empty}
        onClick={() => exportJson({ name, claim, text })}
      >
        {w.name('bench', 'exportJson')}
      </button>
      <button className="btn btn--quiet" disabled={empty} onClick={() => exportText(recipe)}>
        {w.name('bench', 'exportText')}
      </button>
    </>
  );
};

const Versions = ({ drafting: { kept, draft, open } }: Props) =>
  kept &&
  kept.versions.length > 1 && (
    <p className="small soft mt-3 flex flex-wrap gap-x-3">
      {kept.versions.map((version) => (
        <button
          key={version.number}
          className="btn btn--quiet small"
          aria-pressed={version.text === draft.text}
          onClick={() => open(kept, version)}
        >
          {w.say('bench.version', {
            number: version.number,
            savedBy: version.savedBy,
            savedAt: dateOf(version.savedAt),
          })}
        </button>
      ))}
    </p>
  );

/** Keeps the recipe in the book, takes it along as a file, brings one in. */
export const SaveRecipe = ({ drafting }: Props) => {
  const [wrongFile, setWrongFile] = useState<string>();
  const take = async (file: File) => {
    const read = await importRecipe(file);
    setWrongFile(read.ok ? undefined : read.why);
    if (read.ok) drafting.change({ id: undefined, ...read.recipe });
  };
  return (
    <>
      <div className="mt-4 flex flex-wrap gap-x-4 gap-y-2">
        <SaveButton drafting={drafting} />
        <Exports drafting={drafting} />
        <FileButton
          name={w.name('bench', 'import')}
          label={w.name('bench', 'aRecipeFile')}
          accept=".json,.txt,application/json,text/plain"
          onFile={(file) => void take(file)}
        />
      </div>
      {wrongFile && (
        <p role="alert" className="notice mt-2">
          <b>{w.name('bench', 'notImported')}</b> {wrongFile}
        </p>
      )}
      <Versions drafting={drafting} />
    </>
  );
};
