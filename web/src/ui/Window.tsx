import { lazy, Suspense } from 'react';
import type { WindowProps } from './DialogWindow.tsx';

/** What holds the focus is fetched when the first window is opened. */
const DialogWindow = lazy(() => import('./DialogWindow.tsx'));

export const Window = (props: WindowProps) =>
  props.open && (
    <Suspense>
      <DialogWindow {...props} />
    </Suspense>
  );
