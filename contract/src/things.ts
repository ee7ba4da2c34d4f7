/**
 * What the page keeps of the server and fetches anew when a fact touches it. By itself, so that the
 * page can name them without carrying the schemas.
 */
export const things = [
  'Me',
  'Homes',
  'Home',
  'Stock',
  'Batches',
  'Bottles',
  'Jars',
  'Visits',
  'Week',
  'Recipes',
  'Mishaps',
  'Book',
  'Places',
  'Rounds',
  'Round',
  'WetNow',
  'Records',
  'Verification',
  'Sources',
  'People',
  'Invitations',
  'Beginning',
  'Photos',
] as const;
export type Thing = (typeof things)[number];
