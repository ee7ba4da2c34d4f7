/** One stroke a piece: full where it is there, a dot where it is gone; `need` sets a notch. */
export const Strokes = ({
  full,
  of,
  need,
  label,
}: {
  full: number;
  of: number;
  need?: number;
  label: string;
}) => {
  const shown = Math.min(Math.max(of, full), 80);
  return (
    <span className="strokes" role="img" aria-label={label}>
      {Array.from({ length: shown }, (_, i) => (
        <i
          key={i}
          data-gone={i >= full ? '' : undefined}
          data-need={i + 1 === need ? '' : undefined}
        />
      ))}
    </span>
  );
};
