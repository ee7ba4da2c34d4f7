import type { ReactNode } from 'react';
import { rich } from '../../words/rich.tsx';
import { type HomeDetail, type RoomRow, type StockRow, type SurfaceRow } from '@zymostat/contract';
import { percent } from '@zymostat/words';
import { w } from '../../words/words.ts';
import {
  activeFacts,
  actsBetween,
  assessSurface,
  bestOf,
  compareFamilies,
  families,
  growthIn,
  isGeneric,
  parseFigure,
  parseStrength,
  treatedSurface,
  type Compared,
  type Family,
  type Goal,
  type HouseRules,
  type Setting,
} from '@zymostat/core';
import { lazy, Suspense, useState } from 'react';
import { useSetSurfaceMutation } from '../homes/api.ts';
import { useBook } from '../../api/useBook.ts';
import { aReason, figureBetween } from '../../ui/checks.ts';
import { Choice } from '../../ui/Choice.tsx';
import { Switches } from '../../ui/Switches.tsx';
import { optionsOf, TextField } from '../../ui/Field.tsx';
import { Form } from '../../ui/Form.tsx';
import { Severity, Verdict } from '../../ui/parts.tsx';
import { FamilyRow } from './FamilyRow.tsx';
import { ChangedMeanwhile } from '../../ui/ChangedMeanwhile.tsx';
import { Steps } from './Steps.tsx';
import { goalInWords, sayCleaning, sayHolding, saySteps } from './words.ts';

/** The curves come with the charts, when somebody asks for them. */
const WetTime = lazy(() => import('../wetTime/WetTime.tsx'));

interface Props {
  home: HomeDetail;
  room: RoomRow;
  surface: SurfaceRow;
  stocks: StockRow[];
  rules: HouseRules;
  now: number;
}

/** m² of mildew on it; as long as nobody has said, all of the surface counts. */
const Growth = ({
  value,
  area,
  onSave,
}: {
  value: number | null | undefined;
  area: number;
  onSave: (growth: number) => void;
}) => {
  const [text, setText] = useState(value == null ? '' : String(value));
  const check = figureBetween(0, area, 'm²');
  return (
    <Form
      className="flex items-end gap-2"
      onSubmit={() => {
        if (!check(text)) onSave(parseFigure(text)!);
      }}
    >
      <TextField
        className="w-36"
        label={w.name('protocol', 'mildewM')}
        figure
        value={text}
        onChange={setText}
        check={check}
        hint={value == null ? w.name('protocol', 'notMeasuredAllOfIt') : undefined}
      />
      <button className="btn mb-1">{w.name('protocol', 'keep')}</button>
    </Form>
  );
};

/** What somebody has typed for a family, over what would be taken from the stock by itself. */
type Typed = Partial<Record<Family, { stockId: string; strength: string }>>;

const typedFrom = ({ use }: Setting, stocks: StockRow[]): Typed => {
  const stock = use && stocks.find((one) => one.id === use.stockId);
  return stock
    ? {
        [activeFacts[stock.active].family]: {
          stockId: stock.id,
          strength: percent(w, use.strength),
        },
      }
    : {};
};

/** One surface: what it must reach, and what each family could do for it here. */
export const SurfaceSheet = ({ home, room, surface, stocks, rules, now }: Props) => {
  const { setting } = surface;
  const [save, saving] = useSetSurfaceMutation();
  const [typed, setTyped] = useState(() => typedFrom(setting, stocks));
  const [why, setWhy] = useState(setting.accepted ?? '');
  const book = useBook();
  const where = { surface, room, home, growth: growthIn(home.rooms), rules, now, book };
  const [last, setLast] = useState<Partial<Setting>>({});
  const set = (to: Partial<Setting>, seen?: number) => {
    setLast(to);
    void save({
      id: surface.id,
      homeId: home.id,
      ...(seen === undefined ? {} : { seen }),
      body: { ...setting, ...to },
    });
  };

  const asTyped = (one: Compared): Compared => {
    const own = typed[one.family];
    const stock = stocks.find((candidate) => candidate.id === own?.stockId) ?? one.stock;
    const read = own && parseStrength(own.strength, activeFacts[stock.active].basis);
    const strength = read?.ok ? read.value.value : one.strength;
    return {
      ...one,
      stock,
      strength,
      contact: assessSurface({ ...setting, stock, strength }, where),
    };
  };
  const compared = compareFamilies(setting, stocks, where).map(asTyped);
  const isSet = (one: Compared) =>
    setting.use?.stockId === one.stock.id && Math.abs(setting.use.strength - one.strength) < 1e-9;
  const chosen = compared.find(isSet);
  const best = bestOf(compared, where);
  const [drying, setDrying] = useState<Compared | null>(null);
  const use = (one: Compared) =>
    set({ use: { stockId: one.stock.id, strength: one.strength }, accepted: null });

  const proposal = chosen ?? (setting.goal === 'clean' ? undefined : best);
  // The same steps stand here, in the approved version, on the phone and on paper.
  const treated = treatedSurface(
    {
      ...surface,
      setting: {
        ...setting,
        use: proposal ? { stockId: proposal.stock.id, strength: proposal.strength } : null,
      },
    },
    {
      home,
      room,
      stocks,
      verdict: proposal?.contact ?? { outcome: 'use', reasons: [], seconds: 0 },
      between: actsBetween(home, stocks, book).get(surface.id) ?? [],
    },
  );
  const say =
    !proposal && setting.goal !== 'clean'
      ? w.name('protocol', 'nothingOnTheShelfMay')
      : proposal?.contact.outcome === 'never'
        ? w.say('protocol.isSetAndItDoes', { family: w.name('family', proposal.family) })
        : saySteps(treated);
  const barred =
    surface.level === 'toilet' &&
    !setting.lifts &&
    compared.some(({ contact }) => contact.reasons.some(({ code }) => code === 'meets-in-bowl'));
  const goalsHere: Goal[] = [
    'clean',
    ...(rules.vinegar === 'household-reduction' || setting.goal === 'reduce'
      ? ['reduce' as const]
      : []),
    'sanitise',
    'disinfect',
  ];
  const careOpen = chosen?.contact.outcome === 'care' && !setting.accepted;
  return (
    <>
      <p className="crumb">
        {rich('protocol.m', {
          b: (text: ReactNode) => <b>{text}</b>,
          surface: surface.name,
          material: w.name('material', surface.material),
          area: surface.area,
          touched: w.name('touched', surface.touched),
          food: surface.food && w.name('protocol', 'foodTouchesIt'),
        })}
      </p>
      <Verdict
        say={say}
        why={
          proposal
            ? [
                sayHolding(proposal.contact),
                chosen ? undefined : w.name('protocol', 'notSetYetThisIs'),
              ]
                .filter(Boolean)
                .join(' ') || undefined
            : undefined
        }
      >
        {proposal && !chosen && proposal.contact.outcome !== 'never' && (
          <button className="btn btn--main" onClick={() => use(proposal)}>
            {w.say('protocol.set', { family: w.name('family', proposal.family).toLowerCase() })}
          </button>
        )}
      </Verdict>
      <div className="mb-4 flex flex-wrap items-end gap-x-6 gap-y-3">
        <Switches
          label={w.name('protocol', 'mustBe')}
          value={setting.goal}
          onChange={(goal) => set({ goal, use: null, accepted: null })}
          options={goalsHere.map((value) => ({ value, name: goalInWords[value] }))}
        />
        {(setting.goal !== 'clean' || setting.against !== 'everyday') && (
          <Choice
            className="w-56"
            label={w.name('protocol', 'against')}
            value={setting.against}
            onChange={(against) => set({ against, accepted: null })}
            options={optionsOf(w.table('against'))}
          />
        )}
        {setting.goal === 'clean' && setting.against === 'everyday' && (
          <button className="btn btn--quiet mb-1.5" onClick={() => set({ against: 'mildew' })}>
            {w.name('protocol', 'thereIsMildew')}
          </button>
        )}
        {setting.against === 'mildew' && (
          <Growth
            key={setting.growth ?? 'all'}
            value={setting.growth}
            area={surface.area}
            onSave={(growth) => set({ growth })}
          />
        )}
        {setting.use && (
          <button
            className="btn btn--quiet mb-1.5"
            onClick={() => set({ use: null, accepted: null })}
          >
            {rich('protocol.takeOffAgain', {
              chosen: chosen
                ? w.name('family', chosen.family).toLowerCase()
                : w.name('protocol', 'it'),
            })}
          </button>
        )}
      </div>
      <ChangedMeanwhile
        error={saving.error}
        onMine={(seen) => set(last, seen)}
        onTheirs={() => saving.reset()}
      />
      {proposal?.contact.outcome !== 'never' && <Steps treated={treated} />}
      {barred && (
        <div className="mb-4 border-y border-ink py-3">
          <p className="mb-2">{w.say('protocol.keepsABleachTabletIn', { home: home.name })}</p>
          <button className="btn" onClick={() => set({ lifts: true })}>
            {w.name('protocol', 'takeTheTabletOutFirst')}
          </button>
        </div>
      )}
      {setting.lifts && (
        <p className="mb-4 border-y border-ink py-2">
          {rich('protocol.firstTakeTheTabletOut', { b: (text: ReactNode) => <b>{text}</b> })}{' '}
          <button className="btn btn--quiet ml-3" onClick={() => set({ lifts: false })}>
            {w.name('protocol', 'leaveThisStepOut')}
          </button>
        </p>
      )}
      {chosen?.contact.outcome === 'care' && (
        <Form
          key={careOpen ? 'open' : 'accepted'}
          className="mb-4 border-y border-ink py-3"
          onSubmit={() => {
            if (!aReason(why)) set({ accepted: why.trim() });
          }}
        >
          <p className="mb-2 flex items-center gap-3">
            <Severity is="care" />{' '}
            {careOpen ? (
              w.name('protocol', 'aCompetentPersonMayDecide')
            ) : (
              <span>
                {rich('protocol.accepted', {
                  b: (text: ReactNode) => <b>{text}</b>,
                  accepted: setting.accepted,
                })}
              </span>
            )}
          </p>
          {careOpen && (
            <div className="flex flex-wrap items-end gap-3">
              <TextField
                className="min-w-60 grow"
                label={w.name('protocol', 'whyItIsAcceptableHere')}
                value={why}
                onChange={setWhy}
                check={aReason}
              />
              <button className="btn">{w.name('protocol', 'acceptWithThisReason')}</button>
            </div>
          )}
        </Form>
      )}
      <div className="compare__head">
        <span>{w.name('protocol', 'family')}</span>
        <span>{w.name('protocol', 'strength')}</span>
        <span>{w.name('protocol', 'mustStayWet')}</span>
      </div>
      {[
        ...families,
        ...(compared.some(({ family }) => family === 'product') ? (['product'] as const) : []),
      ].map((family) => {
        const one = compared.find((candidate) => candidate.family === family);
        return one ? (
          <FamilyRow
            key={family}
            compared={one}
            stocks={stocks.filter((stock) => activeFacts[stock.active].family === family)}
            goal={setting.goal}
            rules={rules}
            set={isSet(one)}
            typed={typed[family]}
            onType={(to) => setTyped({ ...typed, [family]: to })}
            onSet={() => use(one)}
            onDrying={() => setDrying(one)}
          />
        ) : (
          <article key={family} className="compare compare--line" data-family={family}>
            <div className="compare__name">
              <i className="compare__swatch fill" />
              <h2>{w.name('family', family)}</h2>
            </div>
            <p className="compare__why">{w.name('protocol', 'noStockAtHand')}</p>
          </article>
        );
      })}
      <article className="compare compare--line" data-family="soap">
        <div className="compare__name">
          <i className="compare__swatch fill" />
          <h2>{w.name('protocol', 'cleaning')}</h2>
        </div>
        <p className="compare__why flex items-baseline gap-3" style={{ margin: 0 }}>
          <Severity is="use" word={w.name('protocol', 'useFirst')} />
          <span>
            {w.say('protocol.dirtMakesTheSolutionToo', { material: sayCleaning(surface.material) })}
          </span>
        </p>
      </article>
      {drying && drying.contact.prediction && isGeneric(drying.stock.active) && (
        <Suspense>
          <WetTime
            title={surface.name}
            active={drying.stock.active}
            strength={drying.strength}
            seconds={drying.contact.seconds}
            against={setting.against}
            prediction={drying.contact.prediction}
            area={surface.area}
            room={room}
            rules={rules}
            onClose={() => setDrying(null)}
          />
        </Suspense>
      )}
    </>
  );
};
