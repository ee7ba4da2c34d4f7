import type { HomeDetail } from '@zymostat/contract';
import { useState } from 'react';
import { useGoOn } from '../../ui/useGoOn.ts';
import { FileButton } from '../../ui/FileButton.tsx';
import { ListPreview } from '../../ui/ListPreview.tsx';
import { WentWrong } from '../../ui/parts.tsx';
import { Window } from '../../ui/Window.tsx';
import { w } from '../../words/words.ts';
import { useImportRoomsMutation } from './api.ts';
import { readHomeFile } from './files/readHomeFile.ts';
import type { Brought } from './files/readTable.ts';
import { exportHome, exportSurfaces } from './files/writeHomeFile.ts';

/** So many problems of a file are said; of the rest, how many they are. */
const SHOWN = 20;

type Fits = Extract<Brought, { ok: true }>;

/** Reads a file, shows what it becomes, and brings its rooms in once somebody has seen that. */
const useImport = (homeId: string) => {
  const [found, setFound] = useState<Brought>();
  const [brought, setBrought] = useState<string>();
  const [importRooms, importing] = useImportRoomsMutation();
  const goOn = useGoOn();
  const look = async (file: File) => {
    setBrought(undefined);
    setFound(await readHomeFile(file));
  };
  const take = async ({ rooms, lines }: Fits) => {
    const result = await importRooms({ id: homeId, body: { rooms } });
    if (result.error) return;
    setFound(undefined);
    const surfaces = lines.length;
    setBrought(w.say('survey.withSurfacesCameIn', { rooms: rooms.length, surfaces }));
    goOn(`/homes/${homeId}/survey`, { replace: true });
  };
  const fits = found?.ok && found.rooms.length > 0 ? found : undefined;
  const problems = found && !found.ok ? found.problems : [];
  const leave = () => setFound(undefined);
  return { look, take, leave, fits, problems, brought, importing };
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
  const { look, take, leave, fits, problems, brought, importing } = useImport(home.id);
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
          name={w.name('survey', 'importRooms')}
          label={w.name('survey', 'aHomeOrAList')}
          accept=".json,.csv,application/json,text/csv"
          onFile={(file) => void look(file)}
        />
      </p>
      {brought && (
        <p className="small mt-2" role="status">
          {brought}
        </p>
      )}
      <Problems of={problems} />
      <Window open={fits !== undefined} title={w.name('lists', 'preview')} onClose={leave}>
        {fits && (
          <>
            <ListPreview lines={fits.lines} />
            <WentWrong error={importing.error} />
            <p className="mt-3 flex gap-3">
              <button
                className="btn btn--main"
                disabled={importing.isLoading}
                onClick={() => void take(fits)}
              >
                {w.say('survey.bringThemIn', { surfaces: fits.lines.length })}
              </button>
              <button className="btn" onClick={leave}>
                {w.name('survey', 'leaveIt')}
              </button>
            </p>
          </>
        )}
      </Window>
    </div>
  );
};
