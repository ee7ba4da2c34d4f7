/**
 * Characters that a reason for a Care has at least. By itself, so that the page can check without
 * carrying the schemas.
 */
export const LEAST_REASON = 10;

/** Characters of a new password at least: length is what counts. Source: common practice. */
export const LEAST_PASSWORD = 12;

/** A name somebody signs in with. */
export const LOGIN = /^[\p{L}\d][\p{L}\d._-]{1,39}$/u;

/** Whether there is money with that code in ISO 4217. */
export const isCurrency = (code: string): boolean =>
  Intl.supportedValuesOf('currency').includes(code);

/** Whether there is a time zone of that name in the IANA database. */
export const isZone = (text: string): boolean => {
  try {
    return new Intl.DateTimeFormat('en', { timeZone: text }).resolvedOptions().timeZone !== '';
  } catch {
    return false;
  }
};

/** Homes and people that one list brings at most. */
export const MOST_HOMES_AT_ONCE = 1000;
export const MOST_PEOPLE_AT_ONCE = 200;

/** Bytes of a photo at most, after the page has made it small; photos of one thing at most. */
export const MOST_PHOTO_BYTES = 1_500_000;
export const MOST_PHOTOS = 24;

/** What is written down of a way in, in the order in which somebody needs it. */
export const wayInLines = ['address', 'door', 'contact', 'hours', 'often', 'notes'] as const;
