import type { Answer } from '@zymostat/contract';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import * as v from 'valibot';
import { TextControl } from '../../ui/form/controls.tsx';
import { loginLine, newPasswordLine } from '../../ui/form/companyLines.ts';
import { Form } from '../../ui/form/Form.tsx';
import { textLine } from '../../ui/form/lines.ts';
import { useFormOf } from '../../ui/form/useFormOf.ts';
import { WentWrong } from '../../ui/parts.tsx';
import { momentOf } from '../../ui/times.ts';
import { rich } from '../../words/rich.tsx';
import { w } from '../../words/words.ts';
import { useAcceptMutation, useSeeInvitationQuery } from './api.ts';
import { Bare } from '../people/Bare.tsx';

type Seen = Answer<'seeInvitation'>;

interface ComingIn {
  login: string;
  password: string;
}

const codeForm = v.object({ code: textLine });
type Code = v.InferOutput<typeof codeForm>;

/** Types the code, where nobody can point a camera at it. */
const TypeCode = ({ onCode }: { onCode: (code: string) => void }) => {
  const form = useFormOf<Code, Code>(codeForm, { code: '' });
  return (
    <Form onSubmit={form.handleSubmit(({ code }) => onCode(code))}>
      <h1>{w.name('joining', 'typeTheCode')}</h1>
      <TextControl
        of={form.control}
        name="code"
        label={w.name('joining', 'code')}
        autoComplete="one-time-code"
        figure
        autoFocus
      />
      <button className="btn btn--main min-h-12">{w.name('joining', 'goOn')}</button>
    </Form>
  );
};

const Greeting = ({ of: { name, company, role, login, for: what, expiresAt } }: { of: Seen }) => (
  <>
    <h1>
      {what === 'joining'
        ? w.say('joining.comeIn', { name })
        : w.say('joining.newPassword', { name })}
    </h1>
    <p>
      {login === null
        ? w.say('joining.youAreInvited', { company, role: w.name('roleName', role) })
        : rich('joining.youSignInAs', { login, b: (text) => <b>{text}</b> })}
    </p>
    <p className="small soft">{w.say('joining.until', { until: momentOf(expiresAt) })}</p>
  </>
);

/** A name to sign in with, where there is none yet, and a password of one's own. */
const ComeIn = ({ of, code }: { of: Seen; code: string }) => {
  const navigate = useNavigate();
  const [accept, { error, isLoading }] = useAcceptMutation();
  const isNew = of.login === null;
  const form = useFormOf<ComingIn, ComingIn>(
    v.object({ login: isNew ? loginLine : v.string(), password: newPasswordLine }),
    { login: '', password: '' },
  );
  const comeIn = async ({ login, password }: ComingIn) => {
    const language = of.language ?? w.language;
    const result = await accept({ code, login: isNew ? login : null, password, language });
    if (!result.error) await navigate('/', { replace: true });
  };
  return (
    <Form onSubmit={form.handleSubmit(comeIn)}>
      <Greeting of={of} />
      {isNew && (
        <TextControl
          of={form.control}
          name="login"
          label={w.name('joining', 'login')}
          autoComplete="username"
          autoFocus
        />
      )}
      <TextControl
        of={form.control}
        name="password"
        type="password"
        label={w.name('joining', 'password')}
        hint={w.name('begin', 'passwordHint')}
        autoComplete="new-password"
      />
      <WentWrong error={error} />
      <button className="btn btn--main min-h-12" disabled={isLoading}>
        {w.name('joining', 'comeInNow')}
      </button>
    </Form>
  );
};

const ByCode = ({ code }: { code: string }) => {
  const { data, error } = useSeeInvitationQuery(code);
  if (error) return <WentWrong error={error} />;
  return data ? <ComeIn of={data} code={code} /> : null;
};

/** Comes in by a code: it stands behind the address, where no server writes it down. */
const JoinPage = () => {
  const [code, setCode] = useState(location.hash.slice(1));
  return (
    <Bare>
      <main className="mx-auto grid w-full max-w-[420px] content-start gap-4 px-5 py-10">
        {code ? <ByCode code={code} /> : <TypeCode onCode={setCode} />}
      </main>
    </Bare>
  );
};
export default JoinPage;
