import { situationNames, type HomeDetail } from '@zymostat/contract';
import { Link } from 'react-router';

export const tabs = { survey: 'Survey', protocol: 'Protocol' } as const;
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
      <Link to="/homes">Homes</Link> /{' '}
      <b>
        {home.name}, {home.place}
      </b>{' '}
      {home.situations.map((one) => (
        <span key={one}>· {situationNames[one]}</span>
      ))}
    </p>
    <div className="headline">
      <h1>{tabs[tab]}</h1>
      <nav className="tabs" aria-label="Home">
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
