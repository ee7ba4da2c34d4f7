import { lazy, Suspense, type ComponentProps } from 'react';
import type { Window } from './Window.tsx';

const Loaded = lazy(async () => ({ default: (await import('./Window.tsx')).Window }));

/** A window whose code is fetched when it is first opened: for the first page, which need not wait for it. */
export const LaterWindow = (props: ComponentProps<typeof Window>) => (props.open ? <Suspense fallback={null}><Loaded {...props} /></Suspense> : null);
