import { useEffect, useRef } from 'react';

const isTyping = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  (target.isContentEditable ||
    ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName) ||
    target.closest(
      // A letter on a list's button chooses in it, also before the list has opened.
      '[role=dialog], [role=listbox], [role=radiogroup], [aria-haspopup=listbox]',
    ) !== null);

/**
 * Enter belongs to the button, link or fold that has the focus, unless that is the chosen row of a list.
 */
const isPressing = ({ key, target }: KeyboardEvent): boolean =>
  key === 'Enter' &&
  target instanceof HTMLElement &&
  target.closest('a, summary, button:not([aria-current])') !== null;

/** Single keys for the page, silent while somebody types or a dialog is open. */
export const useKeys = (keys: Record<string, (() => void) | undefined>): void => {
  const latest = useRef(keys);
  useEffect(() => {
    latest.current = keys;
  });
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      if (
        event.ctrlKey ||
        event.metaKey ||
        event.altKey ||
        isTyping(event.target) ||
        isPressing(event)
      )
        return;
      const act = latest.current[event.key];
      if (!act) return;
      event.preventDefault();
      act();
    };
    document.addEventListener('keydown', press);
    return () => document.removeEventListener('keydown', press);
  }, []);
};
