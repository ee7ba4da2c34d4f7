import './sources.css';
import { sources, type Source } from '@zymostat/core';
import { useSearchParams } from 'react-router';
import { useMeQuery } from '../../api/me.ts';
import { StandingNote, WentWrong } from '../../ui/parts.tsx';
import { rich } from '../../words/rich.tsx';
import { w } from '../../words/words.ts';
import { CompanyTabs } from '../people/CompanyTabs.tsx';
import { useSourcesQuery } from './api.ts';
import { SourceSheet } from './SourceSheet.tsx';
import { ListRow } from '../../ui/ListRow.tsx';

interface RowProps {
  source: Source & { key: string };
  compared: boolean;
  chosen: boolean;
  onChoose: () => void;
}

const Row = ({ source, compared, chosen, onChoose }: RowProps) => (
  <ListRow chosen={chosen} onChoose={onChoose}>
    <span className="source__name">
      <i
        className={`source__stroke ${compared ? 'source__stroke--full' : ''}`}
        aria-hidden="true"
      />
      <b className="font-semibold">{source.key}</b>
      <span className="small soft">
        {compared ? w.name('sources', 'compared') : w.name('sources', 'fromMemory')}
      </span>
    </span>
    <span className="small soft">
      {source.title}, {source.edition}
    </span>
  </ListRow>
);

const b = (text: React.ReactNode) => <b>{text}</b>;

/** What the figures rest on: every publication, and who has compared it with what is held. */
const Sources = () => {
  const { data: me } = useMeQuery();
  const { data: checked = [], error } = useSourcesQuery();
  const [search, setSearch] = useSearchParams();
  const chosen = sources.find(({ key }) => key === search.get('of')) ?? sources[0];
  const of = (key: string) => checked.filter((one) => one.source === key);
  const open = sources.filter(({ key }) => of(key).length === 0);
  return (
    <main className="leaves">
      <section className="leaf" aria-label={w.name('sources', 'publications')}>
        <CompanyTabs />
        <p className="crumb">{rich('sources.companyWhatOurFiguresRest', { b })}</p>
        <h1>{w.name('sources', 'sources')}</h1>
        <WentWrong error={error} />
        <p className="mt-1 mb-3">{rich('sources.restOnMemory', { count: open.length, b })}</p>
        <ol className="list">
          {sources.map((source) => (
            <Row
              key={source.key}
              source={source}
              compared={!open.includes(source)}
              chosen={source === chosen}
              onChoose={() => setSearch({ of: source.key }, { replace: true })}
            />
          ))}
        </ol>
        <p className="small soft mt-3">{w.name('sources', 'whatIsMarkedCommonPractice')}</p>
      </section>
      <section className="sheet" aria-label={chosen.key}>
        <SourceSheet
          source={chosen}
          checks={of(chosen.key)}
          supervisor={me?.person.role === 'supervisor'}
        />
        <StandingNote />
      </section>
    </main>
  );
};
export default Sources;
