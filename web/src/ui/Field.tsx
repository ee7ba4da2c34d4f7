import { Field as HeadlessField, Label, Listbox, ListboxButton, ListboxOption, ListboxOptions, Radio, RadioGroup } from '@headlessui/react';
import { useId, useState, type ReactNode } from 'react';

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

/** A labelled line. It is checked as it is left, says what is allowed, and never clears what was typed. */
export const TextField = ({ label, value, onChange, check, hint, figure, lines, className = '', type = 'text', ...rest }: TextProps) => {
  const id = useId();
  const [left, setLeft] = useState(false);
  const wrong = left && check ? check(value) : null;
  const shared = {
    id, value, className: `input ${figure ? 'input--figure' : ''}`, 'aria-invalid': wrong !== null, 'aria-describedby': wrong || hint ? `${id}-note` : undefined,
    onBlur: () => setLeft(true), ...rest,
  };
  return (
    <div className={`field ${className}`}>
      <label className="field__label" htmlFor={id}>{label}</label>
      {lines ? <textarea rows={lines} {...shared} onChange={(event) => onChange(event.target.value)} /> : <input type={type} {...shared} onChange={(event) => onChange(event.target.value)} />}
      {wrong ? <span id={`${id}-note`} className="field__wrong">{wrong}</span> : hint && <span id={`${id}-note`} className="field__hint">{hint}</span>}
    </div>
  );
};

interface ChoiceProps<T> {
  label: string;
  value: T;
  onChange: (value: T) => void;
  options: readonly { value: T; name: ReactNode }[];
  empty?: string;
  className?: string;
}

/** One of a list. */
export const Choice = <T,>({ label, value, onChange, options, empty = 'Choose …', className = '' }: ChoiceProps<T>) => (
  <HeadlessField className={`field ${className}`}>
    <Label className="field__label">{label}</Label>
    <Listbox value={value} onChange={onChange}>
      <ListboxButton className="input input--choice">
        <span className="truncate">{options.find((option) => option.value === value)?.name ?? <span className="soft">{empty}</span>}</span>
      </ListboxButton>
      <ListboxOptions anchor="bottom start" className="options w-(--button-width) min-w-56">
        {options.map((option) => <ListboxOption key={String(option.value)} value={option.value} className="options__one">{option.name}</ListboxOption>)}
      </ListboxOptions>
    </Listbox>
  </HeadlessField>
);

/** One of a few, all in sight. */
export const Segments = <T extends string>({ label, value, onChange, options }: { label: string; value: T; onChange: (value: T) => void; options: readonly { value: T; name: string }[] }) => (
  <div className="field">
    <span className="field__label" aria-hidden="true">{label}</span>
    <RadioGroup value={value} onChange={onChange} className="segments" aria-label={label}>
      {options.map((option) => <Radio key={option.value} value={option.value} as="span">{option.name}</Radio>)}
    </RadioGroup>
  </div>
);

export const Tick = ({ label, checked, onChange }: { label: string; checked: boolean; onChange: (checked: boolean) => void }) => (
  <label className="tick"><input type="checkbox" checked={checked} onChange={(event) => onChange(event.target.checked)} />{label}</label>
);

/** The options of a table of names, in its order. */
export const optionsOf = <T extends string>(names: Record<T, string>): { value: T; name: string }[] => (Object.entries(names) as [T, string][]).map(([value, name]) => ({ value, name }));
