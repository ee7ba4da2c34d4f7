import {
  cleanedStep,
  materialWords,
  stepNames,
  strengthShort,
  type SurfaceRow,
} from '@zymostat/contract';
import { activeFacts, enforce, judgeSurfaces, materialOf } from '@zymostat/core';
import { useState } from 'react';
import { api } from '../../app/api.ts';
import { useBook } from '../../app/useBook.ts';
import { Descent } from '../../ui/Descent.tsx';
import { Goal, StandingNote, Verdict, Waiting } from '../../ui/parts.tsx';
import { dayOf } from '../../ui/times.ts';
import { WetBand } from '../../ui/WetBand.tsx';
import { HomeHead, type Standing } from '../homes/HomeHead.tsx';
import { ApproveSheet } from './ApproveSheet.tsx';
import { Differences } from './Differences.tsx';
import { FillRest } from './FillRest.tsx';
import { Flags } from './Flags.tsx';
import { HeldUp } from './HeldUp.tsx';
import { SurfaceSheet } from './SurfaceSheet.tsx';
import { countInWords } from './words.ts';

/** What is set for each surface of a home, and what stands before its approval. */
export const Protocol = ({ home, openRoomId, chosenId, onOpen, onChoose }: Standing) => {
  const { data: stocks } = api.useStockQuery();
  const { data: me } = api.useMeQuery();
  const [approving, approve] = useState(false);
  const book = useBook();
  const [now] = useState(Date.now);
  if (!stocks || !me)
    return (
      <main className="px-6">
        <Waiting what="the stock" />
      </main>
    );

  const rules = me.company.houseRules;
  const judged = judgeSurfaces(home, stocks, { rules, now, book });
  const objections = enforce(home, stocks, { rules, now, book }, judged);
  const objected = new Map(objections.map((objection) => [objection.surfaceId, objection.outcome]));
  const all = home.rooms.flatMap((room) => room.surfaces);
  const longest = Math.max(
    600,
    ...home.rooms.flatMap((room) =>
      room.surfaces.map((surface) => judged.get(surface.id)!.seconds),
    ),
  );
  const familyOf = ({ setting }: SurfaceRow) => {
    const stock = setting.use && stocks.find((one) => one.id === setting.use!.stockId);
    return stock ? activeFacts[stock.active].family : undefined;
  };
  const band = (surface: SurfaceRow) => {
    const { seconds, prediction } = judged.get(surface.id)!;
    const { holds, rewets } = prediction ?? {
      holds: undefined,
      rewets: { count: 0, every: 0, at: [] },
    };
    return (
      <WetBand
        tiny
        family={familyOf(surface)}
        required={seconds}
        held={rewets.count > 0 ? Math.max(seconds, rewets.count * rewets.every + holds!) : holds}
        rewets={rewets.at}
        estimate
        axis={longest * 1.15}
      />
    );
  };
  const under = (surface: SurfaceRow) => {
    const { use, goal } = surface.setting;
    const { seconds } = judged.get(surface.id)!;
    return (
      <span className="descent__set" data-family={familyOf(surface) ?? 'soap'}>
        {objected.get(surface.id) === 'never' ? (
          <i className="pip__never w-[104px]" title="Never" />
        ) : seconds > 0 ? (
          band(surface)
        ) : (
          <i className={`stub stub--row ${use ? 'fill' : ''}`} />
        )}
        <span className="truncate">
          {use
            ? `${strengthShort(stocks.find(({ id }) => id === use.stockId)?.active ?? 'ethanol', use.strength)}${seconds > 0 ? `, ${Math.ceil(seconds / 60)} min` : ', no wait'}`
            : goal === 'clean'
              ? stepNames[cleanedStep([materialOf(surface.material).cleaned])]
              : 'nothing set'}
        </span>
        {objected.get(surface.id) === 'care' && (
          <b className="font-semibold text-ink">Care waits</b>
        )}
      </span>
    );
  };
  const pip = (surface: SurfaceRow) => {
    const trouble = objected.get(surface.id);
    const inside =
      trouble === 'never' ? (
        <i className="pip__never" title={`${surface.name}: never`} />
      ) : surface.setting.use && judged.get(surface.id)!.seconds > 0 ? (
        band(surface)
      ) : (
        <i
          className={`stub ${surface.setting.use ? 'fill' : ''}`}
          data-family={familyOf(surface) ?? 'soap'}
        />
      );
    return (
      <span className="pip">
        <Goal is={surface.setting.goal} word={false} />
        {trouble === 'care' ? (
          <span className="pip__care" title={`${surface.name}: care waits`}>
            {inside}
          </span>
        ) : (
          inside
        )}
      </span>
    );
  };

  const chosenRoom = home.rooms.find((room) =>
    room.surfaces.some((surface) => surface.id === chosenId),
  );
  const chosen = chosenRoom?.surfaces.find((surface) => surface.id === chosenId);
  const [newest] = home.versions;
  const ready = objections.length === 0 && home.changedSinceApproval && all.length > 0;
  return (
    <main className="leaves">
      <section className="leaf" aria-label="Protocol">
        <HomeHead home={home} tab="protocol" />
        <Descent
          home={home}
          openRoomId={openRoomId}
          chosenId={chosenId}
          onOpen={onOpen}
          onChoose={(id) => {
            approve(false);
            onChoose(id);
          }}
          beside={(surface) => <Goal is={surface.setting.goal} />}
          under={under}
          pip={pip}
        />
        <p className="small soft my-2 flex flex-wrap gap-x-4">
          <span className="goal goal--clean">clean</span>
          <span className="goal goal--sanitise">sanitise</span>
          <span className="goal goal--disinfect">disinfect</span>
          <span className="ml-auto">
            {all.filter((surface) => surface.setting.goal === 'clean').length} of {all.length}{' '}
            surfaces need only cleaning
          </span>
        </p>
        <div className="mt-2 mb-1 flex flex-wrap items-center justify-between gap-x-4 gap-y-1">
          <h2>
            {objections.length > 0
              ? `${countInWords(objections.length)} before approval`
              : home.changedSinceApproval
                ? 'Nothing stands before approval'
                : `Version ${newest!.number} stands as approved`}
          </h2>
          {(home.changedSinceApproval || objections.length > 0) && all.length > 0 && (
            <button
              className={`btn ${ready && !chosen ? 'btn--main' : ''}`}
              onClick={() => approve(true)}
            >
              Look over and approve
            </button>
          )}
        </div>
        <p className="my-1">
          <FillRest home={home} stocks={stocks} rules={rules} now={now} />
        </p>
        <HeldUp home={home} objections={objections} />
        <Flags home={home} />
        {newest && (
          <p className="small soft mt-2">
            Version {newest.number}, approved by {newest.approvedBy} on {dayOf(newest.approvedAt)}
            {home.changedSinceApproval ? '; the home has changed since. ' : '. '}
            <Differences home={home} stocks={stocks} rules={rules} now={now} />
          </p>
        )}
      </section>
      <section className="sheet" aria-label={chosen?.name ?? 'The surface'}>
        {approving ? (
          <ApproveSheet
            home={home}
            stocks={stocks}
            rules={rules}
            now={now}
            objections={objections}
            judged={judged}
            onDone={() => approve(false)}
          />
        ) : chosen && chosenRoom ? (
          <SurfaceSheet
            key={chosen.id}
            home={home}
            room={chosenRoom}
            surface={chosen}
            stocks={stocks}
            rules={rules}
            now={now}
          />
        ) : (
          <Verdict
            say="Choose a surface to set what it must reach."
            why={
              all.length === 0
                ? 'There is none yet: survey the home first.'
                : `Most need only cleaning. ${materialWords.marble.name} and vinegar never go together; the sheet says why.`
            }
          />
        )}
        <StandingNote />
      </section>
    </main>
  );
};
