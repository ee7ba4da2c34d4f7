import { lazy, Suspense, useState } from 'react';
import { Choice } from '../../ui/form/Choice.tsx';
import { TextField } from '../../ui/form/Field.tsx';
import { w } from '../../words/words.ts';
import { usePickables, type Pickable } from '../book/pickables.ts';

/** The camera comes when it is asked for. */
const Scan = lazy(() => import('../../ui/Scan.tsx'));
const canScan = 'mediaDevices' in navigator;

/** One of two: picked from the list, or by the code on its label. */
export interface Side {
  code: string;
  key: string | null;
}
export const nobodyYet: Side = { code: '', key: null };

const ScanButton = ({ onCode }: { onCode: (code: string) => void }) => {
  const [scanning, scan] = useState(false);
  const close = () => scan(false);
  return (
    <>
      <button className="btn" onClick={() => scan(true)}>
        {w.name('apart', 'scan')}
      </button>
      {scanning && (
        <Suspense>
          <Scan
            onCode={(code) => {
              close();
              onCode(code);
            }}
            onClose={close}
          />
        </Suspense>
      )}
    </>
  );
};

interface Props {
  label: string;
  side: Side;
  known: Pickable | undefined;
  onChange: (side: Side) => void;
}

export const PickOne = ({ label, side, known, onChange }: Props) => {
  const { all } = usePickables();
  const byCode = (code: string) => onChange({ code, key: null });
  return (
    <fieldset className="grid gap-2">
      <legend className="field__label">{label}</legend>
      <Choice
        label={w.name('apart', 'pickIt')}
        value={side.code ? null : side.key}
        onChange={(key) => onChange({ code: '', key })}
        options={all.map(({ key, name }) => ({ value: key, name }))}
        empty={side.code ? w.name('apart', 'byItsCode') : undefined}
      />
      <div className="flex items-end gap-3">
        <TextField
          className="grow"
          label={w.name('apart', 'orItsCode')}
          figure
          value={side.code}
          onChange={byCode}
          hint={side.code ? known?.name : w.name('apart', 'b0001OnABatch')}
        />
        {canScan && <ScanButton onCode={byCode} />}
      </div>
    </fieldset>
  );
};
