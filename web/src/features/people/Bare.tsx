import { languages } from '@zymostat/words';
import type { ReactNode } from 'react';
import { Mark } from '../../ui/Mark.tsx';
import { changeLanguage, w } from '../../words/words.ts';
import { LanguageButtons } from './LanguageChoice.tsx';

/** The frame for whoever has no account yet. */
export const Bare = ({ children }: { children: ReactNode }) => (
  <div className="desk desk--bare">
    <header className="top">
      <p className="mark">
        <Mark />
        {w.name('shell', 'zymostat')}
      </p>
      <div className="top__right">
        <LanguageButtons
          of={languages.filter((one) => one !== w.language)}
          className="btn btn--quiet"
          onChoose={changeLanguage}
        />
      </div>
    </header>
    {children}
  </div>
);
