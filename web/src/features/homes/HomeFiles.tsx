import type { HomeDetail } from '@zymostat/contract';
import { useState } from 'react';
import { useGoOn } from '../../ui/useGoOn.ts';
import { FileButton } from '../../ui/FileButton.tsx';
import { WentWrong } from '../../ui/parts.tsx';
import { w } from '../../words/words.ts';
import { useImportRoomsMutation } from './api.ts';
import { readHomeFile } from './files/readHomeFile.ts';
import { exportHome, exportSurfaces } from './files/writeHomeFile.ts';

/** So many problems of a file are said; of the rest, how many they are. */
const SHOWN = 20;

/** Brings rooms in from a file, all or none, and says what came in or what did not fit. */
const useImport = (homeId: string) => {
  const [problems, setProblems] = useState<string[]>([]);
  const [brought, setBrought] = useState<string>();
  const [importRooms, importing] = useImportRoomsMutation();
  const goOn = useGoOn();
  const take = async (file: File) => {
    const read = await readHomeFile(file);
    setBrought(undefined);
    setProblems(read.ok ? [] : read.problems);
    if (!read.ok || read.rooms.length === 0) return;
    const { rooms } = read;
    const result = await importRooms({ id: homeId, body: { rooms } });
    if (result.error) return;
    const surfaces = rooms.reduce((sum, room) => sum + room.surfaces.length, 0);
    setBrought(w.say('survey.withSurfacesCameIn', { rooms: rooms.length, surfaces }));
    goOn(`/homes/${homeId}/survey`, { replace: true });
  };
  return { take, problems, brought, error: importing.error };
};

const Problems = ({ of }: { of: string[] }) =>
  of.length > 0 && (
    <div role="alert" className="notice mt-2">
      <b>{w.name('survey', 'nothingWasImported')}</b>
      <ul>
        {of.slice(0, SHOWN).map((problem) => (
          <li key={problem}>{problem}</li>
        ))}
        {of.length > SHOWN && (
          <li>{w.say('survey.andMore', { problemsCount: of.length - SHOWN })}</li>
        )}
      </ul>
    </div>
  );

/** Takes a survey along as a file, and brings one in: rooms are added to this home, all or none. */
export const HomeFiles = ({ home }: { home: HomeDetail }) => {
  const { take, problems, brought, error } = useImport(home.id);
  return (
    <div className="mt-4">
      <p className="flex flex-wrap gap-x-4 gap-y-2">
        <button className="btn btn--quiet" onClick={() => exportHome(home)}>
          {w.name('survey', 'exportTheHomeJson')}
        </button>
        <button className="btn btn--quiet" onClick={() => exportSurfaces(home)}>
          {w.name('survey', 'exportSurfacesCsv')}
        </button>
        <FileButton
          name={w.name('homes', 'importRooms')}
          label={w.name('survey', 'aHomeOrAList')}
          accept=".json,.csv,application/json,text/csv"
          onFile={(file) => void take(file)}
        />
      </p>
      {brought && (
        <p className="small mt-2" role="status">
          {brought}
        </p>
      )}
      <Problems of={problems} />
      <WentWrong error={error} />
    </div>
  );
};
