import { papers, type Paper } from '@zymostat/contract';
import { inFours, languages, type Language } from '@zymostat/words';
import { useState } from 'react';
import { v7 as newId } from 'uuid';
import { Segments } from '../../ui/form/Choice.tsx';
import { WentWrong } from '../../ui/parts.tsx';
import { w } from '../../words/words.ts';
import { useMakeReportMutation } from '../check/api.ts';

/** The report of a visit for its client: signed, and then the same for ever. */
export const MakeReport = ({ roundId }: { roundId: string }) => {
  const [language, setLanguage] = useState<Language>(w.language);
  const [paper, setPaper] = useState<Paper>('A4');
  const [make, { data, error, isLoading }] = useMakeReportMutation();
  const { timeZone: zone } = new Intl.DateTimeFormat().resolvedOptions();
  return (
    <section className="my-4" aria-label={w.name('paper', 'make')}>
      <div className="flex flex-wrap items-end gap-4">
        <Segments
          label={w.name('paper', 'language')}
          value={language}
          onChange={setLanguage}
          options={Object.entries(languages).map(([value, name]) => ({
            value: value as Language,
            name,
          }))}
        />
        <Segments
          label={w.name('paper', 'paper')}
          value={paper}
          onChange={setPaper}
          options={papers.map((value) => ({ value, name: w.name('paperSize', value) }))}
        />
        <button
          className="btn btn--main"
          disabled={isLoading}
          onClick={() => void make({ id: roundId, body: { id: newId(), language, paper, zone } })}
        >
          {w.name('paper', 'make')}
        </button>
      </div>
      <WentWrong error={error} />
      {data && (
        <p className="mt-3" role="status">
          <a
            className="btn btn--quiet"
            href={`/api/reports/${data.code}/report.pdf`}
            target="_blank"
            rel="noreferrer"
          >
            {w.say('paper.open', { code: inFours(data.code) })}
          </a>
        </p>
      )}
    </section>
  );
};
