import type { HomeRow } from '@zymostat/contract';
import { Severity } from '../../ui/parts.tsx';
import { dayOf } from '../../ui/times.ts';
import { w } from '../../words/words.ts';
import { ListRow } from '../../ui/ListRow.tsx';

const standing = ({ version, lastRoundAt }: HomeRow): string => {
  if (version === null) return w.name('homes', 'notApproved');
  return lastRoundAt
    ? w.say('homes.versionAndLastRound', { version, on: dayOf(lastRoundAt) })
    : w.say('homes.version', { version });
};

const rowNote = (home: HomeRow): string =>
  home.surfaces === 0
    ? w.name('homes', 'toBeSurveyed')
    : w.say('homes.roomsSurfaces', {
        rooms: home.rooms,
        surfaces: home.surfaces,
        standing: standing(home),
      });

interface RowProps {
  home: HomeRow;
  chosen: boolean;
  toReview: boolean;
  onChoose: () => void;
}

const Row = ({ home, chosen, toReview, onChoose }: RowProps) => (
  <ListRow chosen={chosen} onChoose={onChoose}>
    <span className="flex items-baseline justify-between gap-3">
      <span>
        <b className="font-semibold">
          {home.name}, {home.place}
        </b>
        {home.situations.length > 0 && (
          <span className="soft">
            {' '}
            · {home.situations.map((one) => w.name('situation', one)).join(', ')}
          </span>
        )}
      </span>
      {toReview && <Severity is="care" word={w.name('homes', 'review')} />}
    </span>
    <span className="small soft block">{rowNote(home)}</span>
  </ListRow>
);

interface Props {
  homes: HomeRow[];
  chosen: string | undefined;
  /** What is approved there no longer holds. */
  toReview: Set<string>;
  onChoose: (homeId: string) => void;
}

export const HomeList = ({ homes, chosen, toReview, onChoose }: Props) => (
  <ul className="list">
    {homes.map((home) => (
      <Row
        key={home.id}
        home={home}
        chosen={home.id === chosen}
        toReview={toReview.has(home.id)}
        onChoose={() => onChoose(home.id)}
      />
    ))}
  </ul>
);
