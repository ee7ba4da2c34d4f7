import './check.css';
import type { Checked } from '@zymostat/contract';
import { useState, type DragEvent } from 'react';
import { useSearchParams } from 'react-router';
import { FileButton } from '../../ui/FileButton.tsx';
import { TextField } from '../../ui/form/Field.tsx';
import { Form } from '../../ui/form/Form.tsx';
import { WentWrong } from '../../ui/parts.tsx';
import { w } from '../../words/words.ts';
import { Bare } from '../people/Bare.tsx';
import { useCheckCodeMutation, useCheckPaperMutation } from './api.ts';
import { Found } from './Found.tsx';

const inBase64 = (file: File): Promise<string> =>
  new Promise((resolve, reject) => {
    const reader = new FileReader();
    reader.onload = () => resolve((reader.result as string).split(',')[1] ?? '');
    reader.onerror = () => reject(new Error(file.name));
    reader.readAsDataURL(file);
  });

/** What has been asked and found, whichever way. */
const useCheck = () => {
  const [byCode, code] = useCheckCodeMutation();
  const [byPaper, paper] = useCheckPaperMutation();
  const [found, setFound] = useState<Checked>();
  const [error, setError] = useState<unknown>();
  const show = (result: { data?: Checked; error?: unknown }) => {
    setFound(result.data);
    setError(result.error);
  };
  return {
    found,
    error,
    asking: code.isLoading || paper.isLoading,
    checkCode: async (text: string) => show(await byCode({ code: text })),
    checkPaper: async (file: File) => show(await byPaper({ pdf: await inBase64(file) })),
  };
};
type Check = ReturnType<typeof useCheck>;

const Drop = ({ onFile }: { onFile: (file: File) => void }) => {
  const dropped = (event: DragEvent) => {
    event.preventDefault();
    const [file] = event.dataTransfer.files;
    if (file) onFile(file);
  };
  return (
    <div className="drop" onDragOver={(event) => event.preventDefault()} onDrop={dropped}>
      <p>{w.name('paper', 'orDrop')}</p>
      <FileButton
        name={w.name('paper', 'choose')}
        label={w.name('paper', 'choose')}
        accept="application/pdf"
        onFile={onFile}
      />
      <p className="small soft mt-2">{w.name('paper', 'withFile')}</p>
    </div>
  );
};

const Ask = ({ check: { checkCode, checkPaper, error, asking } }: { check: Check }) => {
  const [search] = useSearchParams();
  const [text, setText] = useState(search.get('code') ?? '');
  return (
    <section className="leaf" aria-label={w.name('paper', 'title')}>
      <p className="crumb">{w.name('paper', 'forClients')}</p>
      <h1 className="mb-4">{w.name('paper', 'title')}</h1>
      <Form onSubmit={() => void checkCode(text)}>
        <TextField label={w.name('paper', 'code')} value={text} onChange={setText} />
        <p className="small soft mt-1">{w.name('paper', 'codeHint')}</p>
        <p className="my-4">
          <button className="btn btn--main" disabled={asking}>
            {w.name('paper', asking ? 'asking' : 'check')}
          </button>
        </p>
      </Form>
      <WentWrong error={error} />
      <Drop onFile={(file) => void checkPaper(file)} />
    </section>
  );
};

/** For clients, without signing in: whether a paper they hold is what was signed and stands. */
const CheckPage = () => {
  const check = useCheck();
  return (
    <Bare>
      <main className="leaves for-clients">
        <Ask check={check} />
        <section className="sheet" aria-live="polite" aria-label={w.name('paper', 'answer')}>
          {check.found ? (
            <Found found={check.found} />
          ) : (
            <p className="soft py-6">{w.name('paper', 'keepsNothing')}</p>
          )}
          <h2 className="mt-6 mb-1">{w.name('paper', 'withoutUs')}</h2>
          <p>{w.name('paper', 'withoutUsHow')}</p>
          {check.found && <p className="standing-note mt-6">{w.name('paper', 'keepsNothing')}</p>}
        </section>
      </main>
    </Bare>
  );
};
export default CheckPage;
