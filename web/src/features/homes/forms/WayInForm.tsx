import { wayInLines, type HomeDetail, type WayIn } from '@zymostat/contract';
import * as v from 'valibot';
import { TextControl } from '../../../ui/form/controls.tsx';
import { Form } from '../../../ui/form/Form.tsx';
import { maybeLine } from '../../../ui/form/lines.ts';
import { useFormOf } from '../../../ui/form/useFormOf.ts';
import { WentWrong } from '../../../ui/parts.tsx';
import { w } from '../../../words/words.ts';
import { useSetWayInMutation } from '../wayInApi.ts';

const wayInForm = v.object({
  address: maybeLine,
  door: maybeLine,
  contact: maybeLine,
  hours: maybeLine,
  often: maybeLine,
  notes: maybeLine,
});
type Lines = Record<keyof WayIn, string>;

interface Props {
  home: HomeDetail;
  stands: WayIn;
  onDone: () => void;
}

/** How somebody gets in, and whom they find. */
const WayInForm = ({ home, stands, onDone }: Props) => {
  const form = useFormOf<Lines, WayIn>(
    wayInForm,
    Object.fromEntries(wayInLines.map((line) => [line, stands[line] ?? ''])) as Lines,
  );
  const [save, { error, isLoading }] = useSetWayInMutation();
  const submit = async (body: WayIn) => {
    const { id, revision: seen } = home;
    const result = await save({ id, homeId: id, seen, body });
    if (!result.error) onDone();
  };
  return (
    <Form onSubmit={form.handleSubmit(submit)}>
      <p className="small soft">{w.name('wayIn', 'whoSees')}</p>
      {wayInLines.map((name) => (
        <TextControl
          key={name}
          of={form.control}
          name={name}
          label={w.name('wayIn', name)}
          lines={name === 'notes' ? 3 : undefined}
          autoFocus={name === 'address'}
        />
      ))}
      <WentWrong error={error} />
      <button className="btn btn--main" disabled={isLoading}>
        {w.name('wayIn', 'save')}
      </button>
    </Form>
  );
};
export default WayInForm;
