import { useWatch } from 'react-hook-form';
import { useMeQuery } from '../../api/me.ts';
import { ChoiceControl, TextControl, TickControl } from '../../ui/form/controls.tsx';
import { Form } from '../../ui/form/Form.tsx';
import { useFormOf } from '../../ui/form/useFormOf.ts';
import { WentWrong } from '../../ui/parts.tsx';
import { dayOf, dayOfField } from '../../ui/times.ts';
import { w } from '../../words/words.ts';
import { useBookQuery } from '../book/api.ts';
import { useFollowUpMutation } from './api.ts';
import type { FollowUpRow, Mishap } from './counts.ts';
import { followUpForm, type FollowUpBody, type FollowUpLines } from './followUpForm.ts';

const One = ({ of: { body, person, at } }: { of: FollowUpRow }) => (
  <li className="py-1.5">
    {body.text}{' '}
    <span className="small soft block">
      {w.say('apart.followUp', {
        owner: body.owner,
        due: body.due ? dayOfField(body.due) : 'none',
        person,
        at: dayOf(at),
        closed: body.closed ? 'yes' : 'no',
      })}
    </span>
  </li>
);

/** What has followed from it so far. */
export const WhatFollowed = ({ followUps }: { followUps: FollowUpRow[] }) =>
  followUps.length > 0 && (
    <section className="mt-4">
      <h2>{w.name('apart', 'whatFollowed')}</h2>
      <ul className="list mt-1">
        {followUps.map((one) => (
          <One key={one.seq} of={one} />
        ))}
      </ul>
    </section>
  );

/** Writes down what follows from it, or that it is done. */
export const FollowUpForm = ({ of }: { of: Mishap }) => {
  const { data: me } = useMeQuery();
  const { data: book } = useBookQuery();
  const [followUp, { error, isLoading }] = useFollowUpMutation();
  const { control, handleSubmit } = useFormOf<FollowUpLines, FollowUpBody>(followUpForm, {
    text: '',
    owner: me?.person.name ?? '',
    due: '',
    closed: false,
  });
  const closed = useWatch({ control, name: 'closed' });
  const submit = (body: FollowUpBody) => followUp({ id: of.factId, body });
  return (
    <Form
      onSubmit={handleSubmit(async (body) => void (await submit(body)))}
      className="mt-3 grid gap-3 border-t border-ink pt-3"
    >
      <TextControl
        of={control}
        name="text"
        label={w.name('apart', 'reviewWhatFollowsFromIt')}
        lines={2}
      />
      <div className="grid grid-cols-2 gap-3">
        <ChoiceControl<FollowUpLines, string>
          of={control}
          name="owner"
          label={w.name('apart', 'whoseItIs')}
          options={book?.readers.map(({ name }) => ({ value: name, name })) ?? []}
        />
        <TextControl of={control} name="due" label={w.name('apart', 'until')} type="date" />
      </div>
      <TickControl of={control} name="closed" label={w.name('apart', 'itIsDoneCloseIt')} />
      <WentWrong error={error} />
      <p>
        <button className="btn btn--main" disabled={isLoading}>
          {closed ? w.name('apart', 'writeItDownAndClose') : w.name('apart', 'writeItDown')}
        </button>
      </p>
    </Form>
  );
};
