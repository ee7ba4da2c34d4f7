import type { Body, Me } from '@zymostat/contract';
import * as v from 'valibot';
import { useMeQuery } from '../../api/me.ts';
import { SegmentsControl, TextControl } from '../../ui/form/controls.tsx';
import { Form } from '../../ui/form/Form.tsx';
import { currencyLine, zoneLine } from '../../ui/form/companyLines.ts';
import { textLine } from '../../ui/form/lines.ts';
import { useFormOf } from '../../ui/form/useFormOf.ts';
import { StandingNote, WentWrong } from '../../ui/parts.tsx';
import { unitOptions } from '../../ui/unitOptions.ts';
import { w } from '../../words/words.ts';
import { Numbers } from './Numbers.tsx';
import { useSetWaysMutation } from '../people/api.ts';
import { CompanyTabs } from '../people/CompanyTabs.tsx';

type Ways = Body<'setWays'>;
const waysForm = v.object({
  name: textLine,
  currency: currencyLine,
  zone: zoneLine,
  units: v.picklist(['us', 'metric']),
});

const deviceZone = () => new Intl.DateTimeFormat().resolvedOptions().timeZone;

const WaysForm = ({ company }: { company: Me['company'] }) => {
  const { name, currency, zone, units, revision } = company;
  const form = useFormOf<Ways, Ways>(waysForm, {
    name,
    currency: currency ?? '',
    zone: zone ?? deviceZone(),
    units: units ?? 'metric',
  });
  const [save, { error, isSuccess, isLoading }] = useSetWaysMutation();
  return (
    <Form
      className="grid max-w-[420px] gap-4"
      onSubmit={form.handleSubmit((body) => void save({ body, seen: revision }))}
    >
      <TextControl of={form.control} name="name" label={w.name('begin', 'name')} />
      <TextControl of={form.control} name="currency" label={w.name('begin', 'currency')} figure />
      <TextControl of={form.control} name="zone" label={w.name('begin', 'zone')} />
      <SegmentsControl
        of={form.control}
        name="units"
        label={w.name('begin', 'units')}
        options={unitOptions()}
      />
      <WentWrong error={error} />
      <p className="flex items-baseline gap-3">
        <button className="btn btn--main" disabled={isLoading}>
          {w.name('own', 'save')}
        </button>
        {isSuccess && (
          <span className="small met-ink" role="status">
            {w.name('own', 'saved')}
          </span>
        )}
      </p>
    </Form>
  );
};

/** What the company is called, pays in, measures in and lives by, and whom to call. */
const WaysPage = () => {
  const { data: me } = useMeQuery();
  if (!me) return null;
  return (
    <main className="leaves">
      <section className="leaf" aria-label={w.name('shell', 'company')}>
        <CompanyTabs />
        <h1>{me.company.name}</h1>
        <p className="soft mb-4">{w.name('ways', 'whatItIsCalled')}</p>
        <WaysForm key={me.company.revision} company={me.company} />
      </section>
      <section className="sheet" aria-label={w.name('begin', 'whomToCall')}>
        <Numbers company={me.company} />
        <StandingNote />
      </section>
    </main>
  );
};
export default WaysPage;
