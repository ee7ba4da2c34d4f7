import { type HomeDetail } from '@zymostat/contract';
import { w } from '../../words/words.ts';
import { Link } from 'react-router';
import { Whose } from './Whose.tsx';

export const tabs = {
  survey: w.name('homes', 'survey'),
  protocol: w.name('homes', 'protocol'),
  visit: w.name('homes', 'visitPlan'),
} as const;
export type Tab = keyof typeof tabs;

/** What both tabs of a home share: which room is open, which surface is chosen. */
export interface Standing {
  home: HomeDetail;
  openRoomId: string | undefined;
  chosenId: string | undefined;
  onOpen: (roomId: string) => void;
  onChoose: (surfaceId: string | undefined) => void;
}

export const HomeHead = ({ home, tab }: { home: HomeDetail; tab: Tab }) => (
  <>
    <p className="crumb">
      <Link to="/homes">{w.name('homes', 'homes2')}</Link> / <Whose home={home} />
    </p>
    <div className="headline">
      <h1>{tabs[tab]}</h1>
      <nav className="tabs" aria-label={w.name('homes', 'home')}>
        {(Object.keys(tabs) as Tab[]).map((one) => (
          <Link
            key={one}
            to={`/homes/${home.id}/${one}`}
            aria-current={one === tab ? 'page' : undefined}
          >
            {tabs[one]}
          </Link>
        ))}
      </nav>
    </div>
  </>
);
