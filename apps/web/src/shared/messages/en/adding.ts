/** Words of adding pictures and stickers. */
export const adding = {
  titles: { picture: 'Add a picture', camera: 'Take a picture', sign: 'Add a sign or a sticker' },
  alt: 'What it shows, for those who cannot see it',
  add: 'Add',
  another: 'Another one',
  take: 'Take it',
  library: {
    title: 'From the picture library',
    find: 'Find a picture',
    hint: 'An animal, a plant, a place, the weather',
    none: (looked: string) => `No picture shows “${looked}”. Look for another word, or take one from this device.`,
    credit: (by: string, licence: string) => `drawn by ${by}, ${licence}`,
    away: 'The picture library needs the network. Pictures from this device can be added without.',
  },
  unreadable: 'This is no picture that can be read here, or it is too large. Choose another one.',
  noCamera: 'The camera cannot be used. Allow it in the browser, or choose a picture from the device.',
} as const;
