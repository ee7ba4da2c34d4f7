import { countries, type Country } from '@zymostat/core';
import { useWatch, type UseFormReturn } from 'react-hook-form';
import {
  ChoiceControl,
  SegmentsControl,
  TextControl,
  TickControl,
} from '../../../ui/form/controls.tsx';
import { FieldNote } from '../../../ui/form/Field.tsx';
import { Form, useTried } from '../../../ui/form/Form.tsx';
import { dropDraft } from '../../../ui/drafts.ts';
import { draftOf, useDraft } from '../../../ui/form/useDraft.ts';
import { useFormOf } from '../../../ui/form/useFormOf.ts';
import { WentWrong } from '../../../ui/parts.tsx';
import { countryOptions, currencyName } from '../../../ui/places.ts';
import { unitOptions } from '../../../ui/unitOptions.ts';
import { w } from '../../../words/words.ts';
import { Bare } from '../../people/Bare.tsx';
import { Fall } from '../../../ui/Fall.tsx';
import { useSetUpMutation } from '../api.ts';
import { empty, setUpForm, type SetUpBody, type SetUpLines } from './setUpForm.ts';

type SetUpFormOf = UseFormReturn<SetUpLines, unknown, SetUpBody>;
interface Of {
  form: SetUpFormOf;
}

/** What is proposed for a country goes into the lines; whoever fills them in changes them. */
const propose = ({ setValue }: SetUpFormOf, country: string): void => {
  const found = countries[country as Country] as (typeof countries)[Country] | undefined;
  if (!found) return;
  const put = (field: 'currency' | 'emergencyNumber' | 'poisonLine', text: string) =>
    setValue(field, text, { shouldValidate: true });
  put('currency', found.currency);
  setValue('units', found.units);
  put('emergencyNumber', found.emergency);
  put('poisonLine', 'poison' in found ? found.poison : '');
  setValue('checked', false);
};

const TheCompany = ({ form }: Of) => {
  const { control } = form;
  const currency = useWatch({ control, name: 'currency' }).trim().toUpperCase();
  const named = currencyName(currency);
  return (
    <fieldset className="grid gap-3">
      <legend className="mb-2 font-semibold">{w.name('begin', 'theCompany')}</legend>
      <TextControl
        of={control}
        name="company"
        label={w.name('begin', 'name')}
        autoComplete="organization"
      />
      <ChoiceControl
        of={control}
        name="country"
        label={w.name('begin', 'country')}
        empty={w.name('begin', 'chooseCountry')}
        options={[...countryOptions(), { value: 'other', name: w.name('begin', 'anotherCountry') }]}
        onChosen={(country) => propose(form, country as string)}
      />
      <div className="grid gap-3 sm:grid-cols-2">
        <TextControl
          of={control}
          name="currency"
          label={w.name('begin', 'currency')}
          hint={named && w.say('begin.currencyIs', { currency: named })}
          figure
        />
        <TextControl of={control} name="zone" label={w.name('begin', 'zone')} />
      </div>
      <SegmentsControl
        of={control}
        name="units"
        label={w.name('begin', 'units')}
        options={unitOptions()}
      />
    </fieldset>
  );
};

const Checked = ({ form: { control, formState } }: Of) => {
  const tried = useTried();
  return (
    <div>
      <TickControl of={control} name="checked" label={w.name('begin', 'checked')} />
      <FieldNote wrong={tried ? formState.errors.checked?.message : undefined} />
    </div>
  );
};

/** They stand in every first response, so that nobody takes them over unread. */
const WhomToCall = ({ form }: Of) => (
  <fieldset className="grid gap-3">
    <legend className="mb-2 font-semibold">{w.name('begin', 'whomToCall')}</legend>
    <p className="notice">{w.name('begin', 'proposed')}</p>
    <div className="grid gap-3 sm:grid-cols-2">
      <TextControl
        of={form.control}
        name="emergencyNumber"
        label={w.name('begin', 'emergency')}
        figure
      />
      <TextControl of={form.control} name="poisonLine" label={w.name('begin', 'poison')} figure />
    </div>
    <Checked form={form} />
  </fieldset>
);

const You = ({ form: { control } }: Of) => (
  <fieldset className="grid gap-3">
    <legend className="mb-2 font-semibold">{w.name('begin', 'you')}</legend>
    <TextControl of={control} name="name" label={w.name('begin', 'yourName')} autoComplete="name" />
    <div className="grid gap-3 sm:grid-cols-2">
      <TextControl
        of={control}
        name="login"
        label={w.name('begin', 'login')}
        autoComplete="username"
      />
      <TextControl
        of={control}
        name="password"
        type="password"
        label={w.name('begin', 'password')}
        hint={w.name('begin', 'passwordHint')}
        autoComplete="new-password"
      />
    </div>
  </fieldset>
);

const DRAFT = 'set-up';
const SECRET = ['password', 'code'] as const;

/** A company begins: its ways, whom to call, and its first supervisor. */
const SetUpPage = () => {
  const form = useFormOf<SetUpLines, SetUpBody>(setUpForm, draftOf(DRAFT, empty));
  useDraft(DRAFT, form, SECRET);
  const [setUp, { error, isLoading }] = useSetUpMutation();
  const begin = async (body: SetUpBody) => {
    const { error: failed } = await setUp(body);
    if (!failed) dropDraft(DRAFT);
  };
  return (
    <Bare>
      <main className="leaves">
        <section
          className="leaf"
          // It scrolls, and nothing in it takes the focus: the keyboard must reach it.
          // eslint-disable-next-line jsx-a11y/no-noninteractive-tabindex
          tabIndex={0}
          aria-label={w.name('begin', 'beforeTheFirstRound')}
        >
          <Fall at="company" full={{}} />
        </section>
        <section className="sheet" aria-label={w.name('begin', 'theCompany')}>
          <p className="crumb">
            <b>{w.name('begin', 'setUp')}</b>
          </p>
          <h1 className="mb-1">{w.name('begin', 'aCompanyBegins')}</h1>
          <p className="soft mb-4">{w.name('begin', 'fourMinutes')}</p>
          <Form className="grid max-w-[560px] gap-6" onSubmit={form.handleSubmit(begin)}>
            <TextControl
              of={form.control}
              name="code"
              label={w.name('begin', 'code')}
              hint={w.name('begin', 'codeHint')}
              autoComplete="one-time-code"
              figure
              autoFocus
            />
            <TheCompany form={form} />
            <WhomToCall form={form} />
            <You form={form} />
            <WentWrong error={error} />
            <button className="btn btn--main min-h-12" disabled={isLoading}>
              {w.name('begin', 'begin')}
            </button>
          </Form>
        </section>
      </main>
    </Bare>
  );
};
export default SetUpPage;
