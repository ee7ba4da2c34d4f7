const two = (n: number): string => String(n).padStart(2, '0');

/** "09:05" of s since midnight: what a field of a time wants, and what is read. */
export const timeIn = (seconds: number): string =>
  `${two(Math.floor(seconds / 3600))}:${two(Math.floor((seconds % 3600) / 60))}`;

/** s since midnight of such a time, or of a whole hour; nothing where it cannot be read. */
export const secondsOf = (time: string): number | undefined => {
  const found = /^(\d{1,2})(?:[:.](\d{2}))?$/.exec(time.trim());
  if (!found) return undefined;
  const [hours, minutes] = [Number(found[1]), Number(found[2] ?? 0)];
  return hours < 24 && minutes < 60 ? hours * 3600 + minutes * 60 : undefined;
};

/** "17:25" of hours and minutes that last. */
export const lastingIn = (seconds: number): string => {
  const minutes = Math.round(seconds / 60);
  return `${Math.floor(minutes / 60)}:${two(minutes % 60)}`;
};
