/** What this feature says. */
export const WORDS = {
  touchAPhoto: 'Touch a photo where the flaw is: a ring marks it.',
  keepingThePhoto: 'Keeping the photo',
  addAPhoto: 'Add a photo',
  photo: (place: number) => `photo ${place}`,
  photoMarkedMarkIt: (place: number) => `photo ${place}, marked: mark it elsewhere`,
  markPhoto: (place: number) => `mark photo ${place}`,
} as const;
