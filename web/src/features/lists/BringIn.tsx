import type { Answer } from '@zymostat/contract';
import { useState } from 'react';
import { ListPreview, WrongLines } from '../../ui/ListPreview.tsx';
import { Verdict, WentWrong } from '../../ui/parts.tsx';
import { useGoOn } from '../../ui/useGoOn.ts';
import { w } from '../../words/words.ts';
import { useImportHomesMutation, useInviteManyMutation } from './api.ts';
import type { ListRead } from './readList.ts';

/** What a list becomes, counted. */
const countOf = (read: ListRead): string => {
  if (read.kind === 'people') return w.say('lists.becomesPeople', { count: read.people.length });
  const rooms = read.homes.flatMap((home) => home.rooms);
  const surfaces = rooms.reduce((sum, room) => sum + room.surfaces.length, 0);
  return w.say('lists.becomesHomes', {
    homes: read.homes.length,
    rooms: rooms.length,
    surfaces,
  });
};

/** Takes a list in as a whole. */
const useTake = (onCodes: (made: Answer<'inviteMany'>) => void) => {
  const [importHomes, homes] = useImportHomesMutation();
  const [inviteMany, people] = useInviteManyMutation();
  const goOn = useGoOn();
  const take = async (read: ListRead) => {
    if (read.kind === 'people') {
      const { data } = await inviteMany({ people: read.people });
      if (data) onCodes(data);
      return;
    }
    const result = await importHomes({ homes: read.homes });
    if (!result.error) goOn('/homes');
  };
  const busy = homes.isLoading || people.isLoading;
  return { take, busy, error: homes.error ?? people.error };
};

interface Props {
  read: ListRead;
  onCodes: (made: Answer<'inviteMany'>) => void;
}

/** What a file becomes, to be looked at before it comes in. */
export const BringIn = ({ read, onCodes }: Props) => {
  const { take, busy, error } = useTake(onCodes);
  const [taken, setTaken] = useState(false);
  const bring = async () => {
    setTaken(true);
    await take(read);
    setTaken(false);
  };
  if (read.wrong.length > 0) return <WrongLines wrong={read.wrong} />;
  return (
    <>
      <Verdict say={countOf(read)}>
        <button className="btn btn--main" disabled={busy || taken} onClick={() => void bring()}>
          {w.name('lists', 'bringThemIn')}
        </button>
      </Verdict>
      <WentWrong error={error} />
      <ListPreview lines={read.lines} />
    </>
  );
};
