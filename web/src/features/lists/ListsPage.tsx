import type { Answer } from '@zymostat/contract';
import { stringify } from 'csv-stringify/browser/esm/sync';
import { useState } from 'react';
import { FileButton } from '../../ui/FileButton.tsx';
import { StandingNote } from '../../ui/parts.tsx';
import { save } from '../../ui/saveFile.ts';
import { w } from '../../words/words.ts';
import { useHomesQuery } from '../homes/api.ts';
import { useInvitationsQuery, usePeopleQuery } from '../team/api.ts';
import { BringIn } from './BringIn.tsx';
import { Codes } from './Codes.tsx';
import { homeColumnName, homeColumns } from './homeColumns.ts';
import { readList, type Here, type ListRead } from './readList.ts';
import { peopleColumnName, peopleColumns } from './readPeople.ts';

const MOST_KB = 2000;

/** Whom and what there is already; nothing while that is not known. */
const useHere = (): Here | undefined => {
  const { data: homes } = useHomesQuery();
  const { data: people } = usePeopleQuery();
  const { data: invitations } = useInvitationsQuery();
  if (!homes || !people || !invitations) return undefined;
  const here = people.filter(({ leftAt }) => leftAt === null);
  const joining = invitations.filter((one) => one.for === 'joining');
  return { homes, people: [...here, ...joining].map(({ name }) => name) };
};

type Found = ListRead | { problem: string };

const readFile = async (file: File, here: Here): Promise<Found> => {
  const found = Math.round(file.size / 1000);
  if (found > MOST_KB) return { problem: w.say('lists.tooLarge', { found, most: MOST_KB }) };
  const text = await file.text();
  try {
    return readList(text, here);
  } catch (error) {
    const why = error instanceof Error ? error.message : w.name('survey', 'unknown');
    return { problem: w.say('survey.theFileCannotBeRead', { error: why }) };
  }
};

/** Hands over a table with nothing but its head. */
const saveEmpty = (name: string, head: readonly string[]) =>
  save(`${name}.csv`, 'text/csv', stringify([[...head]], { record_delimiter: '\r\n' }));

const kindsOfLists = () => [
  {
    what: w.say('lists.homesHead', {
      needed: (['home', 'place'] as const).map(homeColumnName).join(', '),
    }),
    columns: homeColumns.map(homeColumnName),
    name: w.name('lists', 'ofHomes'),
  },
  {
    what: w.say('lists.peopleHead', { needed: peopleColumnName('name') }),
    columns: peopleColumns.map(peopleColumnName),
    name: w.name('lists', 'ofPeople'),
  },
];

const Asked = ({ onFile }: { onFile: ((file: File) => void) | undefined }) => (
  <>
    <h1>{w.name('lists', 'title')}</h1>
    <p className="my-3">{w.name('lists', 'what')}</p>
    {onFile && (
      <p>
        <FileButton
          name={w.name('lists', 'choose')}
          label={w.name('lists', 'aTable')}
          accept=".csv,text/csv"
          onFile={onFile}
        />
      </p>
    )}
    {kindsOfLists().map(({ what, columns, name }) => (
      <section key={name} className="mt-5" aria-label={name}>
        <p>{what}</p>
        <p className="small soft my-1">{w.say('lists.columns', { columns: columns.join(', ') })}</p>
        <button className="btn btn--quiet" onClick={() => saveEmpty(name, columns)}>
          {w.say('lists.example', { what: name })}
        </button>
      </section>
    ))}
  </>
);

/** Homes and people from a table: what each line becomes is seen before anything comes in. */
const ListsPage = () => {
  const here = useHere();
  const [found, setFound] = useState<Found>();
  const [made, setMade] = useState<Answer<'inviteMany'>>();
  const take = async (file: File, known: Here) => {
    setMade(undefined);
    setFound(await readFile(file, known));
  };
  const read = found && !('problem' in found) ? found : undefined;
  return (
    <main className="leaves leaves--even">
      <section className="leaf" aria-label={w.name('lists', 'title')}>
        <Asked onFile={here && ((file) => void take(file, here))} />
      </section>
      <section className="sheet" aria-label={w.name('lists', 'preview')}>
        {made && <Codes of={made} />}
        {!made && read && <BringIn key={read.lines.length} read={read} onCodes={setMade} />}
        {found && 'problem' in found && (
          <p role="alert" className="notice">
            {found.problem}
          </p>
        )}
        {!found && <p className="soft py-6">{w.name('lists', 'nothingYet')}</p>}
        <StandingNote />
      </section>
    </main>
  );
};
export default ListsPage;
