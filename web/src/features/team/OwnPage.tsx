import type { Me } from '@zymostat/contract';
import { languageNames, languages } from '@zymostat/words';
import { useState } from 'react';
import { Link } from 'react-router';
import * as v from 'valibot';
import { useMeQuery } from '../../api/me.ts';
import { soundWanted, wantSound } from '../../store/sound.ts';
import { useAppDispatch, useAppSelector } from '../../store/store.ts';
import { setTextSize, textSize, textSizes } from '../../store/textSize.ts';
import { units } from '../../store/units.ts';
import { Segments } from '../../ui/form/Choice.tsx';
import { TextControl } from '../../ui/form/controls.tsx';
import { Form } from '../../ui/form/Form.tsx';
import { textLine } from '../../ui/form/lines.ts';
import { useFormOf } from '../../ui/form/useFormOf.ts';
import { StandingNote, WentWrong } from '../../ui/parts.tsx';
import { unitOptions } from '../../ui/unitOptions.ts';
import { w } from '../../words/words.ts';
import { useChooseLanguage } from '../people/LanguageChoice.tsx';
import { useSessionsQuery, useSetNameMutation } from './api.ts';
import { CompanyTabs } from '../people/CompanyTabs.tsx';
import { Password } from './Password.tsx';
import { Sessions } from './Sessions.tsx';

const nameForm = v.object({ name: textLine });
type Named = v.InferOutput<typeof nameForm>;

const Name = ({ me }: { me: Me }) => {
  const form = useFormOf<Named, Named>(nameForm, { name: me.person.name });
  const [save, { error, isSuccess }] = useSetNameMutation();
  return (
    <Form
      className="flex flex-wrap items-end gap-3"
      onSubmit={form.handleSubmit((body) => void save(body))}
    >
      <TextControl
        of={form.control}
        name="name"
        label={w.name('own', 'name')}
        autoComplete="name"
      />
      <button className="btn">{w.name('own', 'save')}</button>
      {isSuccess && (
        <span className="small met-ink pb-2" role="status">
          {w.name('own', 'saved')}
        </span>
      )}
      <WentWrong error={error} />
    </Form>
  );
};

const Language = () => {
  const { choose, error } = useChooseLanguage();
  return (
    <>
      <Segments
        label={w.name('own', 'language')}
        value={w.language}
        onChange={(language) => void choose(language)}
        options={languages.map((value) => ({ value, name: languageNames[value] }))}
      />
      <WentWrong error={error} />
    </>
  );
};

const Measures = () => {
  const dispatch = useAppDispatch();
  const chosen = useAppSelector((state) => state.units);
  return (
    <Segments
      label={w.name('own', 'measures')}
      value={chosen}
      onChange={(to) => dispatch(units.actions.chosen(to))}
      options={unitOptions()}
    />
  );
};

const Sound = () => {
  const [wanted, setWanted] = useState(soundWanted() === true);
  return (
    <Segments
      label={w.name('own', 'sound')}
      value={wanted ? 'on' : 'off'}
      onChange={(to) => {
        wantSound(to === 'on');
        setWanted(to === 'on');
      }}
      options={(['on', 'off'] as const).map((value) => ({ value, name: w.name('own', value) }))}
    />
  );
};

const TextSize = () => {
  const [size, setSize] = useState(textSize);
  return (
    <Segments
      label={w.name('own', 'textSize')}
      value={String(size)}
      onChange={(to) => {
        const chosen = textSizes.find((one) => String(one) === to)!;
        setTextSize(chosen);
        setSize(chosen);
      }}
      options={textSizes.map((one) => ({ value: String(one), name: `${one} %` }))}
    />
  );
};

const HasRead = ({ me: { readEdition, company } }: { me: Me }) => {
  const { edition } = company;
  return (
    <section className="my-4">
      <h2>{w.name('own', 'read')}</h2>
      {readEdition === edition ? (
        <p>{w.say('own.readBook', { edition })}</p>
      ) : (
        <p>
          {w.say('own.bookUnread', { edition })}{' '}
          <Link className="underline underline-offset-4" to="/keep-apart/book">
            {w.name('own', 'readIt')}
          </Link>
        </p>
      )}
    </section>
  );
};

const Shown = ({ me }: { me: Me }) => {
  const { data: sessions = [] } = useSessionsQuery();
  return (
    <main className="leaves">
      <section className="leaf" aria-label={w.name('shell', 'yourPage')}>
        <CompanyTabs />
        <h1>{me.person.name}</h1>
        <p className="soft mb-4">
          {w.say('own.signInAs', {
            company: me.company.name,
            role: w.name('roleName', me.person.role),
          })}
        </p>
        <div className="grid gap-4">
          <Name me={me} />
          <Language />
          <h2>{w.name('own', 'onThisDevice')}</h2>
          <Measures />
          <Sound />
          <TextSize />
        </div>
      </section>
      <section className="sheet" aria-label={w.name('own', 'password')}>
        <Password />
        <Sessions of={sessions} />
        <HasRead me={me} />
        <StandingNote />
      </section>
    </main>
  );
};

/** One's own page: what one is called, how one reads, where one is signed in. */
const OwnPage = () => {
  const { data: me } = useMeQuery();
  return me && <Shown me={me} />;
};
export default OwnPage;
