import type { SurfaceRow } from '@zymostat/contract';
import { useState } from 'react';
import { aReason } from '../../../ui/form/checks.ts';
import { TextField } from '../../../ui/form/Field.tsx';
import { Form } from '../../../ui/form/Form.tsx';
import { Severity } from '../../../ui/parts.tsx';
import { rich } from '../../../words/rich.tsx';
import { w } from '../../../words/words.ts';
import type { SurfaceSetting } from './useSurfaceSetting.ts';

interface Props {
  surface: SurfaceRow;
  setting: SurfaceSetting;
}

const ReasonForm = ({ onAccept }: { onAccept: (why: string) => void }) => {
  const [why, setWhy] = useState('');
  const submit = () => {
    if (!aReason(why)) onAccept(why.trim());
  };
  return (
    <Form className="mb-4 border-y border-ink py-3" onSubmit={submit}>
      <p className="mb-2 flex items-center gap-3">
        <Severity is="care" /> {w.name('protocol', 'aCompetentPersonMayDecide')}
      </p>
      <div className="flex flex-wrap items-end gap-3">
        <TextField
          className="min-w-60 grow"
          label={w.name('protocol', 'whyItIsAcceptableHere')}
          value={why}
          onChange={setWhy}
          check={aReason}
        />
        <button className="btn">{w.name('protocol', 'acceptWithThisReason')}</button>
      </div>
    </Form>
  );
};

/** What stands at care is accepted by a person with a reason, or not used. */
export const AcceptCare = ({ surface, setting: { chosen, set, soil } }: Props) => {
  const { accepted } = surface.setting;
  if (chosen?.contact.outcome !== 'care' && soil?.outcome !== 'care') return null;
  if (!accepted) return <ReasonForm onAccept={(why) => set({ accepted: why })} />;
  return (
    <p className="mb-4 flex items-center gap-3 border-y border-ink py-3">
      <Severity is="care" />
      <span>{rich('protocol.accepted', { b: (text) => <b>{text}</b>, accepted })}</span>
    </p>
  );
};
