import { w } from '../../words/words.ts';
import {
  Field as HeadlessField,
  Label,
  Listbox,
  ListboxButton,
  ListboxOption,
  ListboxOptions,
  Radio,
  RadioGroup,
} from '@headlessui/react';
import type { ReactNode } from 'react';
import { FieldNote } from './Field.tsx';
import { useTried } from './Form.tsx';

export interface ChoiceProps<T> {
  label: string;
  value: T;
  onChange: (value: T) => void;
  options: readonly { value: T; name: ReactNode }[];
  empty?: string;
  className?: string;
  /** What a form's schema says against it, once the form was sent off. */
  wrong?: string;
}

/** One of a list. */
export const Choice = <T,>({
  label,
  value,
  onChange,
  options,
  empty = w.name('common', 'choose'),
  className = '',
  wrong,
}: ChoiceProps<T>) => {
  const tried = useTried();
  const chosen = options.find((option) => option.value === value)?.name;
  return (
    <HeadlessField className={`field ${className}`}>
      <Label className="field__label">{label}</Label>
      <Listbox value={value} onChange={onChange}>
        <ListboxButton className="input input--choice" aria-invalid={tried && Boolean(wrong)}>
          <span className="truncate">{chosen ?? <span className="soft">{empty}</span>}</span>
        </ListboxButton>
        <ListboxOptions anchor="bottom start" className="options w-(--button-width) min-w-56">
          {options.map((option) => (
            <ListboxOption key={String(option.value)} value={option.value} className="options__one">
              {option.name}
            </ListboxOption>
          ))}
        </ListboxOptions>
      </Listbox>
      <FieldNote wrong={tried ? wrong : undefined} />
    </HeadlessField>
  );
};

export interface SegmentsProps<T> {
  label: string;
  value: T;
  onChange: (value: T) => void;
  options: readonly { value: T; name: string }[];
}

/** One of a few, all in sight. */
export const Segments = <T extends string>({
  label,
  value,
  onChange,
  options,
}: SegmentsProps<T>) => (
  <div className="field">
    <span className="field__label" aria-hidden="true">
      {label}
    </span>
    <RadioGroup value={value} onChange={onChange} className="segments" aria-label={label}>
      {options.map((option) => (
        <Radio key={option.value} value={option.value} as="span">
          {option.name}
        </Radio>
      ))}
    </RadioGroup>
  </div>
);
