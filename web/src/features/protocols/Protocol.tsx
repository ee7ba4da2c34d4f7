import { rich } from '../../words/rich.tsx';
import { type SurfaceRow } from '@zymostat/contract';
import { strengthShort, cleanedStep } from '@zymostat/words';
import { w } from '../../words/words.ts';
import { activeFacts, enforce, judgeSurfaces, materialOf } from '@zymostat/core';
import { useState } from 'react';
import { useMeQuery } from '../../api/me.ts';
import { useStockQuery } from '../stock/api.ts';
import { useBook } from '../../api/useBook.ts';
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

/** What is set for each surface of a home, and what stands before its approval. */
export const Protocol = ({ home, openRoomId, chosenId, onOpen, onChoose }: Standing) => {
  const { data: stocks } = useStockQuery();
  const { data: me } = useMeQuery();
  const [approving, approve] = useState(false);
  const book = useBook();
  const [now] = useState(Date.now);
  if (!stocks || !me)
    return (
      <main className="px-6">
        <Waiting what={w.name('protocol', 'theStock')} />
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
          <i className="pip__never w-[104px]" title={w.name('protocol', 'never2')} />
        ) : seconds > 0 ? (
          band(surface)
        ) : (
          <i className={`stub stub--row ${use ? 'fill' : ''}`} />
        )}
        <span className="truncate">
          {use
            ? `${strengthShort(w, stocks.find(({ id }) => id === use.stockId)?.active ?? 'ethanol', use.strength)}${seconds > 0 ? w.say('protocol.min2', { ceil: Math.ceil(seconds / 60) }) : w.name('protocol', 'noWait2')}`
            : goal === 'clean'
              ? w.name('step', cleanedStep([materialOf(surface.material).cleaned]))
              : w.name('protocol', 'nothingSet')}
        </span>
        {objected.get(surface.id) === 'care' && (
          <b className="font-semibold text-ink">{w.name('protocol', 'careWaits')}</b>
        )}
      </span>
    );
  };
  const pip = (surface: SurfaceRow) => {
    const trouble = objected.get(surface.id);
    const inside =
      trouble === 'never' ? (
        <i className="pip__never" title={w.say('protocol.never3', { surface: surface.name })} />
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
          <span
            className="pip__care"
            title={w.say('protocol.careWaits2', { surface: surface.name })}
          >
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
      <section className="leaf" aria-label={w.name('protocol', 'protocol')}>
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
          <span className="goal goal--clean">{w.name('protocol', 'cleanLegend')}</span>
          <span className="goal goal--sanitise">{w.name('protocol', 'sanitise')}</span>
          <span className="goal goal--disinfect">{w.name('protocol', 'disinfect')}</span>
          <span className="ml-auto">
            {rich('protocol.ofSurfacesNeedOnlyCleaning', {
              length: all.filter((surface) => surface.setting.goal === 'clean').length,
              allCount: all.length,
            })}
          </span>
        </p>
        <div className="mt-2 mb-1 flex flex-wrap items-center justify-between gap-x-4 gap-y-1">
          <h2>
            {objections.length > 0
              ? w.say('protocol.beforeApproval', {
                  objectionsCount: objections.length,
                })
              : home.changedSinceApproval
                ? w.name('protocol', 'nothingStandsBeforeApproval')
                : w.say('protocol.versionStandsAsApproved', { number: newest!.number })}
          </h2>
          {(home.changedSinceApproval || objections.length > 0) && all.length > 0 && (
            <button
              className={`btn ${ready && !chosen ? 'btn--main' : ''}`}
              onClick={() => approve(true)}
            >
              {w.name('protocol', 'lookOverAndApprove')}
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
            {rich('protocol.versionApprovedByOn', {
              number: newest.number,
              approvedBy: newest.approvedBy,
              approvedAt: dayOf(newest.approvedAt),
              changedSinceApproval: home.changedSinceApproval
                ? w.name('protocol', 'theHomeHasChangedSince')
                : '. ',
            })}
            <Differences home={home} stocks={stocks} rules={rules} now={now} />
          </p>
        )}
      </section>
      <section className="sheet" aria-label={chosen?.name ?? w.name('protocol', 'theSurface')}>
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
            say={w.name('protocol', 'chooseASurfaceToSet')}
            why={
              all.length === 0
                ? w.name('protocol', 'thereIsNoneYetSurvey')
                : w.say('protocol.mostNeedOnlyCleaningAnd', { value: w.name('material', 'marble') })
            }
          />
        )}
        <StandingNote />
      </section>
    </main>
  );
};
