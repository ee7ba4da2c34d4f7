/** Arrow keys through a list of ids. */
export const walkKeys = (
  ids: string[],
  chosen: string | undefined,
  choose: (id: string) => void,
) => {
  const step = (by: number) => () => {
    const at = chosen === undefined ? -1 : ids.indexOf(chosen);
    const next = ids[Math.max(0, Math.min(ids.length - 1, at + by))];
    if (next !== undefined) choose(next);
  };
  return { ArrowDown: step(1), ArrowUp: step(-1) };
};
