import { useId, useState, type FocusEvent, type ReactNode } from 'react';
import { useTried } from './Form.tsx';

interface TextProps {
  label: string;
  value: string;
  onChange: (value: string) => void;
  /** Says what is wrong, or nothing; asked when the field is left. */
  check?: (value: string) => string | null;
  hint?: ReactNode;
  figure?: boolean;
  lines?: number;
  type?: 'text' | 'password' | 'date' | 'datetime-local';
  autoComplete?: string;
  autoFocus?: boolean;
  className?: string;
}

/**
 * A labelled line. It is checked as it is left, says what is allowed, and never clears what was
 * typed.
 */
export const TextField = ({
  label,
  value,
  onChange,
  check,
  hint,
  figure,
  lines,
  className = '',
  type = 'text',
  ...rest
}: TextProps) => {
  const id = useId();
  const [left, setLeft] = useState(false);
  const tried = useTried();
  const wrong = (left || tried) && check ? check(value) : null;
  const shared = {
    id,
    value,
    className: `input ${figure ? 'input--figure' : ''}`,
    'aria-invalid': wrong !== null,
    'aria-describedby': wrong || hint ? `${id}-note` : undefined,
    // Left for a button: a line that came in now would move it away under the finger.
    onBlur: ({ relatedTarget }: FocusEvent) =>
      relatedTarget instanceof HTMLButtonElement || setLeft(true),
    ...rest,
  };
  return (
    <div className={`field ${className}`}>
      <label className="field__label" htmlFor={id}>
        {label}
      </label>
      {lines ? (
        <textarea rows={lines} {...shared} onChange={(event) => onChange(event.target.value)} />
      ) : (
        <input type={type} {...shared} onChange={(event) => onChange(event.target.value)} />
      )}
      {wrong ? (
        <span id={`${id}-note`} className="field__wrong">
          {wrong}
        </span>
      ) : (
        hint && (
          <span id={`${id}-note`} className="field__hint">
            {hint}
          </span>
        )
      )}
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
