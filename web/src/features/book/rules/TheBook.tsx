import type { Answer, Me } from '@zymostat/contract';
import { useState } from 'react';
import { useMeQuery } from '../../../api/me.ts';
import { Waiting, WentWrong } from '../../../ui/parts.tsx';
import { useKeys } from '../../../ui/useKeys.ts';
import { Window } from '../../../ui/Window.tsx';
import { rich } from '../../../words/rich.tsx';
import { w } from '../../../words/words.ts';
import { useBookQuery } from '../api.ts';
import { KeepApartHead } from '../KeepApartHead.tsx';
import { EveryRule } from './EveryRule.tsx';
import { OnPaper } from './OnPaper.tsx';
import { OwnRules } from './OwnRules.tsx';
import { ReadByMe, WhoHasReadIt } from './ReadIt.tsx';
import { RuleForm } from './RuleForm.tsx';

interface Props {
  book: Answer<'book'>;
  me: Me;
}

const Leaf = ({ book, me, onAdd }: Props & { onAdd: () => void }) => {
  const supervisor = me.person.role === 'supervisor';
  const { edition, readers, own } = book;
  return (
    <section className="leaf" aria-label={w.name('apart', 'theBook2')}>
      <KeepApartHead title={w.name('apart', 'theBook2')}>
        <span className="small soft">
          {rich('apart.edition', { soft: (text) => <span className="fig">{text}</span>, edition })}
        </span>
      </KeepApartHead>
      <ReadByMe edition={edition} readEdition={me.readEdition} />
      {supervisor && <WhoHasReadIt edition={edition} readers={readers} />}
      <OwnRules own={own} mayChange={supervisor} onAdd={onAdd} />
      <OnPaper />
    </section>
  );
};

const Shown = ({ book, me }: Props) => {
  const [adding, add] = useState(false);
  useKeys(me.person.role === 'supervisor' ? { n: () => add(true) } : {});
  return (
    <main className="leaves">
      <Leaf book={book} me={me} onAdd={() => add(true)} />
      <EveryRule />
      <Window open={adding} title={w.name('apart', 'aRuleOfOurOwn')} onClose={() => add(false)}>
        {adding && <RuleForm onDone={() => add(false)} />}
      </Window>
    </main>
  );
};

/**
 * The whole book in plain words, the company's own rules in it, and who has read it as it stands.
 */
const TheBook = () => {
  const { data: book, error } = useBookQuery();
  const { data: me } = useMeQuery();
  if (book && me) return <Shown book={book} me={me} />;
  return (
    <main className="px-6">
      <WentWrong error={error} />
      <Waiting what={w.name('apart', 'theBook')} />
    </main>
  );
};
export default TheBook;
