/** Photos of a home, and of what stands on a label. */
export const photos = {
  photos: 'Photos',
  none: 'No photo.',
  add: 'Add a photo',
  file: 'A photo',
  says: 'What it shows',
  keep: 'Keep it',
  leaveIt: 'Leave it',
  unreadable: 'This picture cannot be read here. Take a JPEG or PNG.',
  bare: 'Made small, and without the place where it was taken.',
  takenBy: '{by}, {on}',
  takeOut: 'Take it out',
  open: 'Open the photo',
  of: 'Photo: {says}',
} as const;
