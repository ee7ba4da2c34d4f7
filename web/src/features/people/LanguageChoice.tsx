import { languageNames, languages, type Language } from '@zymostat/words';
import { useSetLanguageMutation } from './api.ts';
import { changeLanguage, w } from '../../words/words.ts';
import { WentWrong } from '../../ui/parts.tsx';

/** Every language by its own name, each said in itself. */
export const LanguageButtons = ({
  of,
  className,
  onChoose,
}: {
  of: readonly Language[];
  className: string;
  onChoose: (language: Language) => void;
}) =>
  of.map((language) => (
    <button
      key={language}
      type="button"
      lang={language}
      className={className}
      onClick={() => onChoose(language)}
    >
      {languageNames[language]}
    </button>
  ));

/** Keeps a person's language on the server and on this device, and opens the page in it. */
export const useChooseLanguage = () => {
  const [set, { error }] = useSetLanguageMutation();
  const choose = async (language: Language) => {
    const { error: failed } = await set({ language });
    if (!failed) changeLanguage(language);
  };
  return { choose, error };
};

/** Asked once, at the first sign-in. */
export const LanguageChoice = () => {
  const { choose, error } = useChooseLanguage();
  return (
    <main className="mx-auto grid min-h-dvh max-w-[400px] content-center gap-4 px-5 pb-24">
      <h1>{w.name('shell', 'whichLanguage')}</h1>
      <WentWrong error={error} />
      <LanguageButtons
        of={languages}
        className="btn min-h-14 text-lg"
        onChoose={(language) => void choose(language)}
      />
      <p className="soft">{w.name('shell', 'changeLater')}</p>
    </main>
  );
};
