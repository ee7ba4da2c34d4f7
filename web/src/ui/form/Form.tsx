import {
  createContext,
  use,
  useEffect,
  useRef,
  useState,
  type FormEvent,
  type ReactNode,
} from 'react';

const Tried = createContext(false);

/**
 * Whether the form around it has been sent off: then every line says what is wrong with it, left or
 * not.
 */
export const useTried = (): boolean => use(Tried);

interface Props {
  onSubmit: () => unknown;
  className?: string;
  label?: string;
  children: ReactNode;
}

/**
 * What is filled in and sent off together. Sent off incomplete, it goes to the first line that
 * wants something.
 */
export const Form = ({ onSubmit, className = 'grid gap-4', label, children }: Props) => {
  const form = useRef<HTMLFormElement>(null);
  const [tries, setTries] = useState(0);
  useEffect(() => {
    if (tries > 0) form.current?.querySelector<HTMLElement>('[aria-invalid="true"]')?.focus();
  }, [tries]);
  const submit = (event: FormEvent) => {
    event.preventDefault();
    setTries((before) => before + 1);
    void onSubmit();
  };
  return (
    <form ref={form} className={className} aria-label={label} onSubmit={submit} noValidate>
      <Tried value={tries > 0}>{children}</Tried>
    </form>
  );
};
