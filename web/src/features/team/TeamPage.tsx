import type { Answer, Invitation } from '@zymostat/contract';
import { useState, type ReactNode } from 'react';
import { Link, useSearchParams } from 'react-router';
import { useMeQuery } from '../../api/me.ts';
import { ListRow } from '../../ui/ListRow.tsx';
import { StandingNote, WentWrong } from '../../ui/parts.tsx';
import { w } from '../../words/words.ts';
import { serverNow } from '../../api/serverTime.ts';
import { useBookQuery, useBookReadingsQuery } from '../book/api.ts';
import { CompanyTabs } from '../people/CompanyTabs.tsx';
import { useInvitationsQuery, usePeopleQuery } from './api.ts';
import { Code } from './Code.tsx';
import { InvitationSheet, invitationLine } from './InvitationSheet.tsx';
import { Invite } from './Invite.tsx';
import { Thread } from './Thread.tsx';
import { PersonSheet, type PersonRow } from './PersonSheet.tsx';

const NEW = 'new';

interface RowProps {
  name: string;
  line: string;
  chosen: boolean;
  onChoose: () => void;
  children?: ReactNode;
}

const Row = ({ name, line, chosen, onChoose, children }: RowProps) => (
  <ListRow chosen={chosen} onChoose={onChoose}>
    <span className="grid grid-cols-[minmax(0,1fr)_40%] items-center gap-x-4">
      <span>
        <b className="font-semibold">{name}</b>
        <span className="small soft block">{line}</span>
      </span>
      {children}
    </span>
  </ListRow>
);

const DAY_MS = 86_400_000;
/** Shown at least so far back, and to when the first edition that anybody read came out. */
const LEAST_DAYS = 30;

/** What the threads are drawn from, and over which time. */
const useThreads = () => {
  const { data: readings } = useBookReadingsQuery();
  if (!readings) return undefined;
  const to = serverNow();
  const first = Math.min(...[...readings.editions, ...readings.readings].map(({ at }) => at), to);
  return { readings, span: { from: Math.min(to - LEAST_DAYS * DAY_MS, first - DAY_MS), to } };
};

/** Whether somebody has read the book as it stands. */
const useReadLine = () => {
  const { data: book } = useBookQuery();
  return ({ id, role, leftAt }: PersonRow): string => {
    if (leftAt !== null) return w.name('team', 'left');
    const reader = book?.readers.find(({ personId }) => personId === id);
    const read = reader?.edition === book?.edition ? 'hasRead' : 'hasNotRead';
    return `${w.name('roleName', role)} · ${w.name('team', read)}`;
  };
};

interface SheetProps {
  of: string | null;
  people: readonly PersonRow[];
  invitations: readonly Invitation[];
  selfId: string | undefined;
}

const Sheet = ({ of, people, invitations, selfId }: SheetProps) => {
  const [made, setMade] = useState<Answer<'invite'>>();
  const [, setSearch] = useSearchParams();
  const invitation = invitations.find(({ id }) => id === of);
  if (made && made.id === of) return <Code of={made} />;
  if (invitation) return <InvitationSheet key={invitation.id} of={invitation} />;
  if (of === NEW)
    return (
      <>
        <h1 className="mb-3">{w.name('team', 'invite')}</h1>
        <Invite
          onMade={(invited) => {
            setMade(invited);
            setSearch({ of: invited.id }, { replace: true });
          }}
        />
      </>
    );
  const person = people.find(({ id }) => id === of) ?? people.find(({ id }) => id === selfId);
  return person && <PersonSheet key={person.id} of={person} self={person.id === selfId} />;
};

interface NamesProps {
  people: readonly PersonRow[];
  invitations: readonly Invitation[];
  of: string | undefined;
  choose: (id: string) => void;
}

const Names = ({ people, invitations, of, choose }: NamesProps) => {
  const readLine = useReadLine();
  const threads = useThreads();
  return (
    <ul className="list">
      {people.map((person) => (
        <Row
          key={person.id}
          name={person.name}
          line={readLine(person)}
          chosen={person.id === of}
          onChoose={() => choose(person.id)}
        >
          {threads && person.leftAt === null && <Thread personId={person.id} {...threads} />}
        </Row>
      ))}
      {invitations.map((invitation) => (
        <Row
          key={invitation.id}
          name={invitation.name}
          line={invitationLine(invitation)}
          chosen={invitation.id === of}
          onChoose={() => choose(invitation.id)}
        />
      ))}
    </ul>
  );
};

/** Who works here, who is invited, and what each may do. */
const TeamPage = () => {
  const { data: me } = useMeQuery();
  const { data: people = [], error } = usePeopleQuery();
  const { data: invitations = [] } = useInvitationsQuery();
  const [search, setSearch] = useSearchParams();
  const of = search.get('of');
  const choose = (id: string) => setSearch({ of: id }, { replace: true });
  const here = people.filter(({ leftAt }) => leftAt === null);
  const joining = invitations.filter((one) => one.for === 'joining');
  return (
    <main className="leaves">
      <section className="leaf" aria-label={w.name('shell', 'people')}>
        <CompanyTabs />
        <div className="headline">
          <h1>{w.name('shell', 'people')}</h1>
          <span className="flex items-baseline gap-4">
            <Link className="btn btn--quiet" to="/lists">
              {w.name('team', 'severalFromAList')}
            </Link>
            <button className="btn" onClick={() => choose(NEW)}>
              {w.name('team', 'invite')}
            </button>
          </span>
        </div>
        <p className="soft mb-3" role="status">
          {w.say('team.howMany', { here: here.length, invited: joining.length })}
        </p>
        <WentWrong error={error} />
        <Names people={people} invitations={invitations} of={of ?? me?.person.id} choose={choose} />
        <p className="small soft mt-3">{w.name('team', 'howToRead')}</p>
      </section>
      <section className="sheet" aria-label={w.name('shell', 'people')}>
        <Sheet of={of} people={people} invitations={invitations} selfId={me?.person.id} />
        <StandingNote />
      </section>
    </main>
  );
};
export default TeamPage;
