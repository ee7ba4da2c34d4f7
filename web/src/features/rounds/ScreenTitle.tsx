import { useEffect, useRef, type ReactNode } from 'react';

/** The title of a screen that has come in place of another: whoever cannot see that is taken there. */
export const ScreenTitle = ({ children }: { children: ReactNode }) => {
  const title = useRef<HTMLHeadingElement>(null);
  useEffect(() => title.current?.focus(), []);
  return (
    <h1 ref={title} tabIndex={-1} className="outline-none">
      {children}
    </h1>
  );
};
