/** Words of adding pictures and stickers. */
export const adding = {
  titles: { picture: 'Add a picture', camera: 'Take a picture', sticker: 'Add a sticker' },
  alt: 'What it shows, for those who cannot see it',
  add: 'Add',
  another: 'Another one',
  take: 'Take it',
  unreadable: 'This is no picture that can be read here, or it is too large. Choose another one.',
  noCamera: 'The camera cannot be used. Allow it in the browser, or choose a picture from the device.',
} as const;
