import { Component, type ReactNode } from 'react';
import { useLocation } from 'react-router';
import { w } from '../words/words.ts';

const Broken = ({ onAgain }: { onAgain: () => void }) => (
  <main className="grid gap-4 p-6">
    <p role="alert" className="notice">
      <b>{w.name('shell', 'partBroke')}</b> {w.name('shell', 'nothingIsLost')}
    </p>
    <p className="flex flex-wrap gap-3">
      <button className="btn btn--main" onClick={onAgain}>
        {w.name('shell', 'tryAgain')}
      </button>
      <a className="btn" href="/">
        {w.name('shell', 'toTheStart')}
      </a>
    </p>
  </main>
);

interface State {
  broken: boolean;
  place: string;
}

/** React catches what breaks only in a class. A package for it would not fit the first page. */
class Boundary extends Component<{ place: string; children: ReactNode }, State> {
  override state: State = { broken: false, place: '' };
  static getDerivedStateFromError = () => ({ broken: true });
  static getDerivedStateFromProps = ({ place }: { place: string }, state: State) =>
    place === state.place ? null : { broken: false, place };
  override render() {
    const again = () => this.setState({ broken: false });
    return this.state.broken ? <Broken onAgain={again} /> : this.props.children;
  }
}

/**
 * What breaks in one part, or could not be fetched, leaves the rest as it is, with a way on; going
 * elsewhere is one.
 */
export const WayOn = ({ children }: { children: ReactNode }) => {
  const { pathname } = useLocation();
  return <Boundary place={pathname}>{children}</Boundary>;
};
