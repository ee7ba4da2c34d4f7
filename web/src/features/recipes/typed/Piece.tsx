import { writeItems, type Ingredients, type Line, type Portion } from '@zymostat/core';
import { questionInWords, unreadInWords } from '@zymostat/words';
import { w } from '../../../words/words.ts';
import { assumesOf, inFull, itemInWords, takesUsual } from './readAs.ts';

type Take = (line: Line, text: string) => void;

/** Buttons that put other words in the place of what was typed. */
const Ways = ({ ways }: { ways: { text: string; onTake: () => void }[] }) => (
  <span className="recipe__ways">
    {ways.map(({ text, onTake }) => (
      <button key={text} type="button" className="btn btn--quiet small" onClick={onTake}>
        {text}
      </button>
    ))}
  </span>
);

const Unread = ({ line, onTake }: { line: Extract<Line, { kind: 'unread' }>; onTake: Take }) => (
  <span className="recipe__unread">
    {unreadInWords(w, line)}
    {line.offers.length > 0 && (
      <Ways
        ways={line.offers.map((offer) => ({
          text: offer,
          onTake: () => onTake(line, line.text.replace(line.found, offer)),
        }))}
      />
    )}
  </span>
);

interface ReadProps {
  line: Ingredients;
  portions: readonly Portion[];
  onTake: Take;
}

/** It may mean several things: until somebody says which, the worst of them counts. */
const Asked = ({ line, onTake }: ReadProps) => (
  <span className="recipe__unread">
    {line.asks &&
      w.say('bench.untilThenTheWorstOf', {
        found: questionInWords(w, line.asks.code, line.asks.found),
      })}
    <Ways
      ways={line.readings.map((reading) => ({
        text: inFull(reading),
        onTake: () => onTake(line, inFull(reading)),
      }))}
    />
  </span>
);

const Read = ({ line, portions, onTake }: ReadProps) => {
  const [first] = line.readings;
  const last = line.readings.at(-1)!;
  const assumed = assumesOf(first);
  return (
    <>
      {w.say('bench.lineReadAs', {
        items: first.items.map((item, i) => itemInWords(item, portions[i])).join(' + '),
        range: line.readings.length > 1 ? 'yes' : 'no',
        first: inFull(first),
        last: inFull(last),
        assumed: assumed.length > 0 ? assumed.map((word) => `“${word}”`).join(', ') : 'none',
        text: writeItems(first.items, w.language),
      })}
      {(assumed.length > 0 || takesUsual(first)) && (
        <button
          type="button"
          className="btn btn--quiet small block"
          onClick={() => onTake(line, inFull(first))}
        >
          {w.name('bench', 'changeWhatWasTaken')}
        </button>
      )}
    </>
  );
};

interface Props {
  line: Line;
  portions: readonly Portion[];
  onTake: Take;
}

/** What one piece of a line was read as, or what it is asked, or why it is not read. */
export const Piece = ({ line, portions, onTake }: Props) => {
  switch (line.kind) {
    case 'size':
      return line.volume === undefined
        ? w.name('bench', 'theSizeOfTheBatch')
        : w.name('bench', 'theSizeOfTheBottle');
    case 'aside':
      return w.name('bench', 'nothingGoesInByThis');
    case 'unread':
      return <Unread line={line} onTake={onTake} />;
    case 'ingredients': {
      const Shown = line.asks ? Asked : Read;
      return <Shown line={line} portions={portions} onTake={onTake} />;
    }
  }
};
