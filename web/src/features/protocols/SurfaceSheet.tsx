import {
  againstNames,
  familyNames,
  materialWords,
  percent,
  touchedNames,
  type HomeDetail,
  type RoomRow,
  type StockRow,
  type SurfaceRow,
} from '@zymostat/contract';
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
import { api } from '../../app/api.ts';
import { useBook } from '../../app/useBook.ts';
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
        label="Mildew, m²"
        figure
        value={text}
        onChange={setText}
        check={check}
        hint={value == null ? 'not measured: all of it counts' : undefined}
      />
      <button className="btn mb-1">Keep</button>
    </Form>
  );
};

/** What somebody has typed for a family, over what would be taken from the stock by itself. */
type Typed = Partial<Record<Family, { stockId: string; strength: string }>>;

const typedFrom = ({ use }: Setting, stocks: StockRow[]): Typed => {
  const stock = use && stocks.find((one) => one.id === use.stockId);
  return stock
    ? { [activeFacts[stock.active].family]: { stockId: stock.id, strength: percent(use.strength) } }
    : {};
};

/** One surface: what it must reach, and what each family could do for it here. */
export const SurfaceSheet = ({ home, room, surface, stocks, rules, now }: Props) => {
  const { setting } = surface;
  const [save, saving] = api.useSetSurfaceMutation();
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
      ? 'Nothing on the shelf may do this. Clean it, or call for a registered product or a licensed trade.'
      : proposal?.contact.outcome === 'never'
        ? `${familyNames[proposal.family]} is set, and it does not hold here.`
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
        <b>{surface.name}</b> · {materialWords[surface.material].name} · {surface.area} m² ·{' '}
        {touchedNames[surface.touched]}
        {surface.food && ' · food touches it'}
      </p>
      <Verdict
        say={say}
        why={
          proposal
            ? [
                sayHolding(proposal.contact),
                chosen
                  ? undefined
                  : 'Not set yet: this is what the evidence, the material and the home allow.',
              ]
                .filter(Boolean)
                .join(' ') || undefined
            : undefined
        }
      >
        {proposal && !chosen && proposal.contact.outcome !== 'never' && (
          <button className="btn btn--main" onClick={() => use(proposal)}>
            Set {familyNames[proposal.family].toLowerCase()}
          </button>
        )}
      </Verdict>
      <div className="mb-4 flex flex-wrap items-end gap-x-6 gap-y-3">
        <Switches
          label="Must be"
          value={setting.goal}
          onChange={(goal) => set({ goal, use: null, accepted: null })}
          options={goalsHere.map((value) => ({ value, name: goalInWords[value] }))}
        />
        {(setting.goal !== 'clean' || setting.against !== 'everyday') && (
          <Choice
            className="w-56"
            label="Against"
            value={setting.against}
            onChange={(against) => set({ against, accepted: null })}
            options={optionsOf(againstNames)}
          />
        )}
        {setting.goal === 'clean' && setting.against === 'everyday' && (
          <button className="btn btn--quiet mb-1.5" onClick={() => set({ against: 'mildew' })}>
            There is mildew
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
            Take {chosen ? familyNames[chosen.family].toLowerCase() : 'it'} off again
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
          <p className="mb-2">
            {home.name} keeps a bleach tablet in this cistern: it doses the bowl at every flush, and
            nothing that it reacts with may go on here until it is out and the bowl flushed twice.
          </p>
          <button className="btn" onClick={() => set({ lifts: true })}>
            Take the tablet out first: put it in the protocol
          </button>
        </div>
      )}
      {setting.lifts && (
        <p className="mb-4 border-y border-ink py-2">
          <b>First: take the tablet out, flush twice.</b> The cleaner confirms it before anything
          goes on.{' '}
          <button className="btn btn--quiet ml-3" onClick={() => set({ lifts: false })}>
            Leave this step out
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
              'A competent person may decide this. The reason stays on the record.'
            ) : (
              <span>
                Accepted: <b>{setting.accepted}</b>
              </span>
            )}
          </p>
          {careOpen && (
            <div className="flex flex-wrap items-end gap-3">
              <TextField
                className="min-w-60 grow"
                label="Why it is acceptable here"
                value={why}
                onChange={setWhy}
                check={aReason}
              />
              <button className="btn">Accept with this reason</button>
            </div>
          )}
        </Form>
      )}
      <div className="compare__head">
        <span>Family</span>
        <span>Strength</span>
        <span>Must stay wet</span>
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
              <h2>{familyNames[family]}</h2>
            </div>
            <p className="compare__why">No stock at hand.</p>
          </article>
        );
      })}
      <article className="compare compare--line" data-family="soap">
        <div className="compare__name">
          <i className="compare__swatch fill" />
          <h2>Cleaning</h2>
        </div>
        <p className="compare__why flex items-baseline gap-3" style={{ margin: 0 }}>
          <Severity is="use" word="Use first" />
          <span>
            {sayCleaning(surface.material)} Dirt makes the solution too weak, so the wet time counts
            from a clean surface. Cleaning takes dirt off; it does not disinfect.
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
