import { choicesOf, kindOfSurfaceField, type SurfaceField } from '@zymostat/contract';
import { touches } from '@zymostat/core';
import type { FieldPathByValue } from 'react-hook-form';
import {
  ChoiceControl,
  SegmentsControl,
  TextControl,
  TickControl,
} from '../../../ui/form/controls.tsx';
import type { FormOf } from '../../../ui/form/useFormOf.ts';
import { w } from '../../../words/words.ts';
import { fieldName } from '../fieldNames.ts';
import { MaterialControl } from './MaterialControl.tsx';
import type { SurfaceLines } from './surfaceForm.ts';

interface Props {
  of: FormOf<SurfaceLines, never>['control'];
  field: SurfaceField;
}
type Named<V> = FieldPathByValue<SurfaceLines, V>;

/** Two that many choose from often are asked in a way of their own. */
const ownWay: Partial<Record<SurfaceField, (props: Pick<Props, 'of'>) => React.ReactNode>> = {
  material: ({ of }) => <MaterialControl of={of} />,
  touched: ({ of }) => (
    <SegmentsControl
      of={of}
      name="touched"
      label={w.name('fieldLabel', 'touched')}
      options={touches.map((one) => ({ value: one, name: w.name('survey', one) }))}
    />
  ),
};

/** Asks for one field of a surface, in the way its kind is asked for. */
export const SurfaceControl = ({ of, field }: Props) => {
  const Own = ownWay[field];
  if (Own) return <Own of={of} />;
  const label = w.name('fieldLabel', field);
  switch (kindOfSurfaceField(field)) {
    case 'text':
      return <TextControl of={of} name={field as Named<string>} label={label} />;
    case 'number':
      return <TextControl of={of} name={field as Named<string>} label={label} figure />;
    case 'yes-no':
      return <TickControl of={of} name={field as Named<boolean>} label={label} />;
    case 'choice':
      return (
        <ChoiceControl
          of={of}
          name={field as Named<string>}
          label={label}
          options={choicesOf(field).map((code) => ({ value: code, name: fieldName(field, code) }))}
        />
      );
  }
};
