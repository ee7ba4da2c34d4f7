import { Window } from '../ui/Window.tsx';
import { w } from '../words/words.ts';
import type { Place } from './places.ts';

interface Props {
  places: Place[];
  open: boolean;
  onClose: () => void;
}

const linesOf = (places: Place[]): [key: string, does: string][] => [
  ...places.map(({ name }, i): [string, string] => [String(i + 1), w.say('shell.goTo', { name })]),
  ['!', w.name('shell', 'firstResponseWhatToDo')],
  ['/', w.name('shell', 'findAHome')],
  ['n', w.name('shell', 'makeANewOneOf')],
  ['↑ ↓', w.name('shell', 'walkThroughAListOr')],
  ['← →', w.name('shell', 'openTheRoomBeforeOr')],
  [w.name('shell', 'esc'), w.name('shell', 'leaveADialog')],
  ['?', w.name('shell', 'thisList')],
];

/** What the keys do, everywhere. */
export const KeyList = ({ places, open, onClose }: Props) => (
  <Window open={open} title={w.name('shell', 'keys')} onClose={onClose}>
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
