import { Listbox, ListboxButton, ListboxOption, ListboxOptions } from '@headlessui/react';
import type { BatchRow } from '@zymostat/contract';
import { activeFacts } from '@zymostat/core';
import { strengthShort } from '@zymostat/words';
import { w } from '../../../words/words.ts';

const bottleName = (row: BatchRow) =>
  w.say('round.bottle2', {
    family: w.name('family', activeFacts[row.active].family),
    strength: strengthShort(w, row.active, row.strength),
    code: row.code,
  });

const Swatch = ({ row, size }: { row: BatchRow; size: string }) => (
  <i className={`fill flex-none ${size}`} data-family={activeFacts[row.active].family} />
);

interface Props {
  rows: BatchRow[];
  hand: string | null;
  onHand: (batchId: string) => void;
}

/**
 * The bottle in hand. Every bottle can be named, the wrong ones too, so that a wrong one is refused
 * and not hidden.
 */
export const BottleInHand = ({ rows, hand, onHand }: Props) => {
  const row = rows.find((one) => one.id === hand);
  return (
    <Listbox value={hand} onChange={(id: string | null) => id && onHand(id)}>
      <ListboxButton
        className="input input--choice phone__bottle"
        aria-label={w.say('round.bottleInHand', {
          row: row ? bottleName(row) : w.name('round', 'noBottle'),
        })}
      >
        <span className="flex min-w-0 items-center gap-3">
          {row && <Swatch row={row} size="h-4 w-9" />}
          <span className="truncate">
            {row ? bottleName(row) : w.name('round', 'whichBottleIsInYour')}
          </span>
        </span>
      </ListboxButton>
      <ListboxOptions anchor="bottom start" className="options w-(--button-width) text-[17px]">
        {rows.map((one) => (
          <ListboxOption
            key={one.id}
            value={one.id}
            className="options__one flex items-center gap-3"
          >
            <Swatch row={one} size="h-3.5 w-8" />
            {bottleName(one)}
          </ListboxOption>
        ))}
      </ListboxOptions>
    </Listbox>
  );
};
