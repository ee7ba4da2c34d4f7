import {
  useId,
  useState,
  type ChangeEvent,
  type FocusEvent,
  type ReactNode,
  type Ref,
} from 'react';
import { useTried } from './Form.tsx';

export interface TextProps {
  label: string;
  value: string;
  onChange: (value: string) => void;
  /** Says what is wrong, or nothing; asked when the field is left. */
  check?: (value: string) => string | null;
  /** What a form's schema says against it. */
  wrong?: string;
  onBlur?: () => void;
  name?: string;
  ref?: Ref<HTMLInputElement & HTMLTextAreaElement>;
  hint?: ReactNode;
  figure?: boolean;
  lines?: number;
  type?: 'text' | 'password' | 'date' | 'datetime-local';
  autoComplete?: string;
  autoFocus?: boolean;
  className?: string;
}

/** What is wrong with a line, else what helps to fill it in. */
export const FieldNote = ({
  id,
  wrong,
  hint,
}: {
  id?: string;
  wrong?: string | null;
  hint?: ReactNode;
}) => {
  if (!wrong && !hint) return null;
  return (
    <span id={id} className={wrong ? 'field__wrong' : 'field__hint'}>
      {wrong ?? hint}
    </span>
  );
};

/**
 * A labelled line. It is checked as it is left, says what is allowed, and never clears what was
 * typed.
 */
export const TextField = ({
  label,
  value,
  onChange,
  check,
  wrong,
  hint,
  figure,
  lines,
  className = '',
  type = 'text',
  onBlur,
  ...rest
}: TextProps) => {
  const id = useId();
  const [left, setLeft] = useState(false);
  const tried = useTried();
  const said = left || tried ? (wrong ?? check?.(value) ?? null) : null;
  const shared = {
    id,
    value,
    className: `input ${figure ? 'input--figure' : ''}`,
    'aria-invalid': said !== null,
    'aria-describedby': said || hint ? `${id}-note` : undefined,
    onBlur: ({ relatedTarget }: FocusEvent) => {
      onBlur?.();
      // Left for a button: a line that came in now would move it away under the finger.
      if (!(relatedTarget instanceof HTMLButtonElement)) setLeft(true);
    },
    onChange: (event: ChangeEvent<HTMLInputElement | HTMLTextAreaElement>) =>
      onChange(event.target.value),
    ...rest,
  };
  return (
    <div className={`field ${className}`}>
      <label className="field__label" htmlFor={id}>
        {label}
      </label>
      {lines ? <textarea rows={lines} {...shared} /> : <input type={type} {...shared} />}
      <FieldNote id={`${id}-note`} wrong={said} hint={hint} />
    </div>
  );
};

export const Tick = ({
  label,
  checked,
  onChange,
}: {
  label: string;
  checked: boolean;
  onChange: (checked: boolean) => void;
}) => (
  <label className="tick">
    <input type="checkbox" checked={checked} onChange={(event) => onChange(event.target.checked)} />
    {label}
  </label>
);

/** The options of a table of names, in its order. */
export const optionsOf = <T extends string>(
  names: Record<T, string>,
): { value: T; name: string }[] =>
  (Object.entries(names) as [T, string][]).map(([value, name]) => ({ value, name }));
