/** Where somebody comes in by a code: it stands behind the address, where no server writes it down. */
export const joinLink = (code: string): string => `${location.origin}/join#${code}`;
