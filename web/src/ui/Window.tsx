import { lazy, Suspense, useEffect, useState } from 'react';
import type { WindowProps } from './DialogWindow.tsx';

/** What holds the focus in a window is fetched when the first one is opened. */
const DialogWindow = lazy(() => import('./DialogWindow.tsx'));

/** Gives the focus back to what opened a window, once the page can be reached again. */
const useFocusBack = (open: boolean): void => {
  useEffect(() => {
    const opener = document.activeElement;
    if (!open || !(opener instanceof HTMLElement)) return undefined;
    return () => {
      setTimeout(() => {
        if (document.activeElement === document.body) opener.focus();
      });
    };
  }, [open]);
};

export const Window = (props: WindowProps) => {
  const [wanted, setWanted] = useState(props.open);
  if (props.open && !wanted) setWanted(true);
  useFocusBack(props.open);
  return (
    wanted && (
      <Suspense>
        <DialogWindow {...props} />
      </Suspense>
    )
  );
};
