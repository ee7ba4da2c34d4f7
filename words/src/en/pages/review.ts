/** That a protocol is to be looked over again. */
export const review = {
  minApproved: '{why}: {now} min, approved {approved}.',
  toBeReviewed: 'To be reviewed',
  versionIsToBeReviewed: 'Version {number} is to be reviewed',
  review: 'Review',
} as const;
