import { languages } from '@zymostat/words';
import { changeLanguage, w } from '../../words/words.ts';
import { useState } from 'react';
import { useSignInMutation } from '../../api/me.ts';
import { Mark } from '../../ui/Mark.tsx';
import { written } from '../../ui/form/checks.ts';
import { TextField } from '../../ui/form/Field.tsx';
import { Form } from '../../ui/form/Form.tsx';
import { WentWrong } from '../../ui/parts.tsx';
import { LanguageButtons } from './LanguageChoice.tsx';

export const SignIn = () => {
  const [login, setLogin] = useState('');
  const [password, setPassword] = useState('');
  const [signIn, { error, isLoading }] = useSignInMutation();
  const submit = () => {
    if (login.trim() && password) void signIn({ login: login.trim(), password });
  };
  return (
    <main className="mx-auto grid min-h-dvh max-w-[400px] content-center px-5 pb-24">
      <p className="mark mb-8">
        <Mark />
        {w.name('people', 'zymostat')}
      </p>
      <h1 className="mb-1">{w.name('people', 'signIn')}</h1>
      <p className="soft mb-5">{w.name('people', 'whichSolutionHowStrongHow')}</p>
      <Form onSubmit={submit}>
        <TextField
          label={w.name('people', 'nameYouSignInWith')}
          value={login}
          onChange={setLogin}
          check={written}
          autoComplete="username"
          autoFocus
        />
        <TextField
          label={w.name('people', 'password')}
          type="password"
          value={password}
          onChange={setPassword}
          check={written}
          autoComplete="current-password"
        />
        <WentWrong error={error} />
        <button className="btn btn--main min-h-12" disabled={isLoading}>
          {w.name('people', 'signIn')}
        </button>
      </Form>
      <p className="mt-6 flex gap-3">
        <LanguageButtons
          of={languages.filter((one) => one !== w.language)}
          className="btn btn--quiet"
          onChoose={changeLanguage}
        />
      </p>
    </main>
  );
};
