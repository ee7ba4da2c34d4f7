import {
  Combobox,
  ComboboxInput,
  ComboboxOption,
  ComboboxOptions,
  Field,
  Label,
} from '@headlessui/react';
import { materialIds, type MaterialId } from '@zymostat/core';
import { useState } from 'react';
import { useController } from 'react-hook-form';
import { FieldNote } from '../../../ui/form/Field.tsx';
import { useTried } from '../../../ui/form/Form.tsx';
import type { FormOf } from '../../../ui/form/useFormOf.ts';
import { w } from '../../../words/words.ts';
import { SomethingElse } from './SomethingElse.tsx';
import type { SurfaceLines } from './surfaceForm.ts';

const nameOf = (id: MaterialId | null) => (id ? w.name('material', id) : '');

const Fitting = ({ query }: { query: string }) => {
  const fitting = materialIds.filter((id) =>
    nameOf(id).toLowerCase().includes(query.toLowerCase()),
  );
  return (
    <ComboboxOptions anchor="bottom start" className="options w-(--input-width)">
      {fitting.map((id) => (
        <ComboboxOption key={id} value={id} className="options__one">
          {nameOf(id)}
        </ComboboxOption>
      ))}
      {fitting.length === 0 && (
        <p className="options__one soft">{w.name('survey', 'noSuchMaterialInThe')}</p>
      )}
    </ComboboxOptions>
  );
};

/** The material, found by typing; three questions for what nobody can name. */
export const MaterialControl = ({ of }: { of: FormOf<SurfaceLines, never>['control'] }) => {
  const { field, fieldState } = useController({ control: of, name: 'material' });
  const { ref, onChange } = field;
  const [query, setQuery] = useState('');
  const tried = useTried();
  const value = field.value as MaterialId | null;
  return (
    <>
      <Field className="field">
        <Label className="field__label">{w.name('fieldLabel', 'material')}</Label>
        <Combobox
          immediate
          value={value}
          onChange={(id) => id && onChange(id)}
          onClose={() => setQuery('')}
        >
          <ComboboxInput
            ref={ref}
            className="input"
            displayValue={nameOf}
            onChange={(event) => setQuery(event.target.value)}
            placeholder={w.name('survey', 'typeToFindTileChrome')}
            autoComplete="off"
            aria-invalid={tried && fieldState.invalid}
          />
          <Fitting query={query} />
        </Combobox>
        <FieldNote
          wrong={tried ? fieldState.error?.message : undefined}
          hint={
            value ? w.name('materialWhy', value) : w.name('survey', 'theMakerSInstructionsPrevail')
          }
        />
      </Field>
      {value?.startsWith('something') && <SomethingElse onChange={onChange} />}
    </>
  );
};
