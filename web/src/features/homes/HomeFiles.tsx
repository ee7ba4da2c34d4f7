import { w } from '../../words/words.ts';
import type { HomeDetail } from '@zymostat/contract';
import { useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { useImportRoomsMutation } from './api.ts';
import { WentWrong } from '../../ui/parts.tsx';
import { readHomeFile } from './files/readHomeFile.ts';
import { exportHome, exportSurfaces } from './files/writeHomeFile.ts';

/** Takes a survey along as a file, and brings one in: rooms are added to this home, all or none. */
export const HomeFiles = ({ home }: { home: HomeDetail }) => {
  const file = useRef<HTMLInputElement>(null);
  const [problems, setProblems] = useState<string[]>([]);
  const [brought, setBrought] = useState<string>();
  const [importRooms, importing] = useImportRoomsMutation();
  const navigate = useNavigate();
  const take = async (list: FileList | null) => {
    if (!list?.[0]) return;
    const read = await readHomeFile(list[0]);
    if (file.current) file.current.value = '';
    setBrought(undefined);
    setProblems(read.ok ? [] : read.problems);
    if (!read.ok || read.rooms.length === 0) return;
    const result = await importRooms({ id: home.id, body: { rooms: read.rooms } });
    if (result.error) return;
    setBrought(
      w.say('homes.withSurfacesCameIn', {
        roomsCount: read.rooms.length,
        reduce: read.rooms.reduce((sum, { surfaces }) => sum + surfaces.length, 0),
      }),
    );
    void navigate(`/homes/${home.id}/survey`, { replace: true });
  };
  return (
    <div className="mt-4">
      <p className="flex flex-wrap gap-x-4 gap-y-2">
        <button className="btn btn--quiet" onClick={() => exportHome(home)}>
          {w.name('homes', 'exportTheHomeJson')}
        </button>
        <button className="btn btn--quiet" onClick={() => exportSurfaces(home)}>
          {w.name('homes', 'exportSurfacesCsv')}
        </button>
        <button className="btn btn--quiet" onClick={() => file.current?.click()}>
          {w.name('homes', 'importRooms')}
        </button>
        <input
          ref={file}
          className="sr-only"
          type="file"
          accept=".json,.csv,application/json,text/csv"
          aria-label={w.name('homes', 'aHomeOrAList')}
          tabIndex={-1}
          onChange={(event) => void take(event.target.files)}
        />
      </p>
      {brought && (
        <p className="small mt-2" role="status">
          {brought}
        </p>
      )}
      {problems.length > 0 && (
        <div role="alert" className="notice mt-2">
          <b>{w.name('homes', 'nothingWasImported')}</b>
          <ul>
            {problems.slice(0, 20).map((problem) => (
              <li key={problem}>{problem}</li>
            ))}
            {problems.length > 20 && (
              <li>{w.say('homes.andMore', { problemsCount: problems.length - 20 })}</li>
            )}
          </ul>
        </div>
      )}
      <WentWrong error={importing.error} />
    </div>
  );
};
