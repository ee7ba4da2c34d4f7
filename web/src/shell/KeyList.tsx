import { Window } from '../ui/Window.tsx';
import { w } from '../words/words.ts';
import type { Place } from './places.ts';

interface Props {
  places: Place[];
  onClose: () => void;
}

const linesOf = (places: Place[]): [key: string, does: string][] => [
  ...places.map(({ name }, i): [string, string] => [String(i + 1), w.say('keys.goTo', { name })]),
  ['!', w.name('keys', 'firstResponseWhatToDo')],
  ['/', w.name('keys', 'findAHome')],
  ['n', w.name('keys', 'makeANewOneOf')],
  ['↑ ↓', w.name('keys', 'walkThroughAListOr')],
  ['← →', w.name('keys', 'openTheRoomBeforeOr')],
  [w.name('keys', 'esc'), w.name('keys', 'leaveADialog')],
  ['?', w.name('keys', 'thisList')],
];

/** What the keys do, everywhere. */
const KeyList = ({ places, onClose }: Props) => (
  <Window open title={w.name('keys', 'keys')} onClose={onClose}>
    <dl className="grid grid-cols-[64px_1fr] gap-y-2">
      {linesOf(places).map(([key, does]) => (
        <div key={key} className="contents">
          <dt>
            <span className="key">{key}</span>
          </dt>
          <dd>{does}</dd>
        </div>
      ))}
    </dl>
  </Window>
);
export default KeyList;
