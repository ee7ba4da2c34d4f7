/** That a protocol is to be looked over again. */
export const review = {
  minApproved: '{why}: {now} min, aprobado {approved}.',
  toBeReviewed: 'Por revisar',
  versionIsToBeReviewed: 'La versión {number} hay que revisarla',
  review: 'Revisar',
};
