interface Props<T> {
  label: string;
  value: T;
  onChange: (value: T) => void;
  options: readonly { value: T; name: string }[];
}

/**
 * One of a few where choosing saves at once: walking along them by key chooses nothing, only
 * pressing one does.
 */
export const Switches = <T extends string>({ label, value, onChange, options }: Props<T>) => (
  <div className="field">
    <span className="field__label" aria-hidden="true">
      {label}
    </span>
    <div role="group" aria-label={label} className="segments">
      {options.map((option) => (
        <button
          key={option.value}
          type="button"
          aria-pressed={option.value === value}
          onClick={() => {
            if (option.value !== value) onChange(option.value);
          }}
        >
          {option.name}
        </button>
      ))}
    </div>
  </div>
);
