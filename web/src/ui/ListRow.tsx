import type { ReactNode } from 'react';

interface Props {
  chosen: boolean;
  onChoose: () => void;
  children: ReactNode;
}

/** A row of a list of which one is looked at beside it. */
export const ListRow = ({ chosen, onChoose, children }: Props) => (
  <li>
    <button
      className={`list__row ${chosen ? 'on-ink' : ''}`}
      aria-current={chosen || undefined}
      onClick={onChoose}
    >
      {children}
    </button>
  </li>
);
