import type { ReactNode } from 'react';
import { ErrorBoundary, type FallbackProps } from 'react-error-boundary';
import { useLocation } from 'react-router';
import { w } from '../words/words.ts';

const Broken = ({ resetErrorBoundary }: FallbackProps) => (
  <main className="grid gap-4 p-6">
    <p role="alert" className="notice">
      <b>{w.name('shell', 'partBroke')}</b> {w.name('shell', 'nothingIsLost')}
    </p>
    <p className="flex flex-wrap gap-3">
      <button className="btn btn--main" onClick={resetErrorBoundary}>
        {w.name('shell', 'tryAgain')}
      </button>
      <a className="btn" href="/">
        {w.name('shell', 'toTheStart')}
      </a>
    </p>
  </main>
);

/**
 * What breaks in one part, or could not be fetched, leaves the rest as it is, with a way on; going
 * elsewhere is one.
 */
export const WayOn = ({ children }: { children: ReactNode }) => {
  const { pathname } = useLocation();
  return (
    <ErrorBoundary FallbackComponent={Broken} resetKeys={[pathname]}>
      {children}
    </ErrorBoundary>
  );
};
