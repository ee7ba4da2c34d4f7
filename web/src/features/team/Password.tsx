import type { Body } from '@zymostat/contract';
import * as v from 'valibot';
import { newPasswordLine } from '../../ui/form/companyLines.ts';
import { TextControl } from '../../ui/form/controls.tsx';
import { Form } from '../../ui/form/Form.tsx';
import { textLine } from '../../ui/form/lines.ts';
import { useFormOf } from '../../ui/form/useFormOf.ts';
import { WentWrong } from '../../ui/parts.tsx';
import { w } from '../../words/words.ts';
import { useChangePasswordMutation } from './api.ts';

type Passwords = Body<'changePassword'>;
const passwordForm = v.object({ now: textLine, next: newPasswordLine });

/** Another password: whoever else has signed in by the old one is signed out. */
export const Password = () => {
  const form = useFormOf<Passwords, Passwords>(passwordForm, { now: '', next: '' });
  const [change, { error, isSuccess, isLoading }] = useChangePasswordMutation();
  const changeIt = async (body: Passwords) => {
    const result = await change(body);
    if (!result.error) form.reset();
  };
  return (
    <Form onSubmit={form.handleSubmit(changeIt)} className="grid max-w-[420px] gap-3">
      <h2>{w.name('own', 'password')}</h2>
      <TextControl
        of={form.control}
        name="now"
        type="password"
        label={w.name('own', 'now')}
        autoComplete="current-password"
      />
      <TextControl
        of={form.control}
        name="next"
        type="password"
        label={w.name('own', 'next')}
        autoComplete="new-password"
      />
      <WentWrong error={error} />
      <p>
        <button className="btn" disabled={isLoading}>
          {w.name('own', 'change')}
        </button>
      </p>
      {isSuccess && (
        <p className="small met-ink" role="status">
          {w.name('own', 'changed')}
        </p>
      )}
    </Form>
  );
};
