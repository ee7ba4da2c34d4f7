const partsOf = (code: string): { letters: string; number: number } | undefined => {
  const [, letters, digits] = /^\s*([a-z]+)[\s.-]*(\d+)\s*$/i.exec(code) ?? [];
  return letters && digits ? { letters: letters.toUpperCase(), number: Number(digits) } : undefined;
};

/** Whether somebody who typed `typed` means `code`: "f002", "F 2" and "f-002" are all F-002. */
export const isSameCode = (code: string, typed: string): boolean => {
  const [one, other] = [partsOf(code), partsOf(typed)];
  return one !== undefined && one.letters === other?.letters && one.number === other.number;
};
