/** The words that pictures of the library are told and looked for by. */

/** What pictures of the library are of. */
export const pictureKinds = [
  'animals',
  'plants',
  'places',
  'people',
  'school',
  'maps',
  'backgrounds',
  'frames',
] as const;

/** What a picture is of. */
export type PictureKind = (typeof pictureKinds)[number];

/** The colours that pictures are looked for by. */
export const pictureColours = [
  'red',
  'orange',
  'yellow',
  'green',
  'blue',
  'purple',
  'brown',
  'black',
  'grey',
  'white',
] as const;

/** A colour that is seen much of in a picture. */
export type PictureColour = (typeof pictureColours)[number];

/** The shapes of pictures. */
export const pictureShapes = ['wide', 'tall', 'square'] as const;

/** Whether a picture is wider than high, higher than wide, or neither. */
export type PictureShape = (typeof pictureShapes)[number];
