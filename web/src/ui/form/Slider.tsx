import { useId } from 'react';

interface Props {
  label: string;
  value: number;
  from: number;
  to: number;
  step: number;
  unit: string;
  onChange: (value: number) => void;
  /** It is let go of. */
  onDone?: () => void;
}

/** A figure that is moved rather than typed. */
export const Slider = ({ label, value, from, to, step, unit, onChange, onDone }: Props) => {
  const id = useId();
  return (
    <div className="field">
      <label className="field__label flex justify-between" htmlFor={id}>
        <span>{label}</span>
        <span className="fig">
          {value} {unit}
        </span>
      </label>
      <input
        id={id}
        className="slider"
        type="range"
        min={from}
        max={to}
        step={step}
        value={value}
        onChange={(event) => onChange(Number(event.target.value))}
        onPointerUp={onDone}
        onKeyUp={onDone}
      />
    </div>
  );
};
