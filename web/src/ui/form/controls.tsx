import {
  useController,
  type Control,
  type FieldPathByValue,
  type FieldValues,
} from 'react-hook-form';
import { Choice, Segments, type ChoiceProps, type SegmentsProps } from './Choice.tsx';
import { TextField, Tick, type TextProps } from './Field.tsx';

/** A field of a form: which form, and which of its values. */
interface Of<In extends FieldValues, V> {
  // What a form gives when it is sent off does not matter to one of its fields.
  // eslint-disable-next-line @typescript-eslint/no-explicit-any
  of: Control<In, unknown, any>;
  name: FieldPathByValue<In, V>;
}
type Fixed = 'value' | 'onChange' | 'name' | 'check' | 'wrong';

export const TextControl = <In extends FieldValues>({
  of,
  name,
  onTyped,
  ...rest
}: Of<In, string> & Omit<TextProps, Fixed> & { onTyped?: (text: string) => void }) => {
  const { field, fieldState } = useController({ control: of, name });
  const type = (text: string) => {
    field.onChange(text);
    onTyped?.(text);
  };
  return <TextField {...rest} {...field} onChange={type} wrong={fieldState.error?.message} />;
};

export const ChoiceControl = <In extends FieldValues, V>({
  of,
  name,
  onChosen,
  ...rest
}: Of<In, V> & Omit<ChoiceProps<V>, Fixed> & { onChosen?: (value: V) => void }) => {
  const { field, fieldState } = useController({ control: of, name });
  const choose = (value: V) => {
    field.onChange(value);
    onChosen?.(value);
  };
  return (
    <Choice
      {...rest}
      value={field.value as V}
      onChange={choose}
      wrong={fieldState.error?.message}
    />
  );
};

export const SegmentsControl = <In extends FieldValues, V extends string>({
  of,
  name,
  ...rest
}: Of<In, V> & Omit<SegmentsProps<V>, Fixed>) => {
  const { field } = useController({ control: of, name });
  return <Segments {...rest} value={field.value as V} onChange={field.onChange} />;
};

export const TickControl = <In extends FieldValues>({
  of,
  name,
  label,
}: Of<In, boolean> & { label: string }) => {
  const { field } = useController({ control: of, name });
  return <Tick label={label} checked={field.value} onChange={field.onChange} />;
};

/** Any number of a list. */
export const TicksControl = <In extends FieldValues, V extends string>({
  of,
  name,
  options,
}: Of<In, V[]> & { options: readonly { value: V; name: string }[] }) => {
  const { field } = useController({ control: of, name });
  const ticked = field.value as V[];
  const tick = (one: V, on: boolean) =>
    field.onChange(on ? [...ticked, one] : ticked.filter((other) => other !== one));
  return (
    <div className="ticks">
      {options.map((option) => (
        <Tick
          key={option.value}
          label={option.name}
          checked={ticked.includes(option.value)}
          onChange={(on) => tick(option.value, on)}
        />
      ))}
    </div>
  );
};
