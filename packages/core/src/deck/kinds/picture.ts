/** Picture: stored bytes by their SHA-256, and how they are shown. */
import { readCredit } from '../credits/credit.js';
import { tidyCrop, undistorted, WHOLE_PICTURE } from '../appearance/picture-look.js';
import { readColour } from '../appearance/colour.js';
import { type Fields, readBoolean, readFields, readNumber, readOneOf, readString } from '../model/reading.js';
import { shapeNames } from '../appearance/shapes.js';
import { LONGEST_TEXT } from '../text/rich-text.js';
import { asItIs, contentsOfPicture, INK, type ItemKind, noLengths, noTexts, readDash, readPixels } from './kind.js';
import { noReferences } from '../references/reference.js';

export const pictureKind: ItemKind<'picture'> = {
  kind: 'picture',
  make: (base, fields) => ({ ...base, kind: 'picture', ...pictureKind.read(fields) }),
  size: { width: 480, height: 270 },
  read: (fields) => ({
    picture: /^[0-9a-f]{64}$/.test(String(fields['picture'])) ? String(fields['picture']) : '',
    pixels: readPixels(fields['pixels']),
    moving: readBoolean(fields['moving'], false),
    alt: readString(fields['alt'], '', 500),
    says: readString(fields['says'], '', LONGEST_TEXT),
    credit: readCredit(fields['credit']),
    crop: readCrop(readFields(fields['crop'])),
    shape: readOneOf(fields['shape'], shapeNames, 'sharp-rectangle'),
    outline: readColour(fields['outline'], INK),
    outlineWidth: readNumber(fields['outlineWidth'], 0, 0, 40),
    dash: readDash(fields['dash']),
    opacity: readNumber(fields['opacity'], 1, 0, 1),
    flippedAcross: readBoolean(fields['flippedAcross'], false),
    flippedDown: readBoolean(fields['flippedDown'], false),
  }),
  withoutKey: asItIs,
  words: ({ alt, says }) => [alt, says].filter(Boolean).join('\n'),
  isSeen: true,
  asks: false,
  gates: [],
  references: noReferences,
  texts: noTexts,
  contents: contentsOfPicture,
  withoutContents: (item, gone) => (gone.has(item.picture) ? null : item),
  isMissedInQuestions: false,
  carriesLink: true,
  canBeLoose: true,
  ...noLengths,
  // Where its pixels are not known, the picture was shown undistorted on the slide as it was.
  stretched: ({ pixels, frame }, to) => ({ crop: undistorted(pixels.width > 0 ? pixels : frame, to) }),
};

function readCrop(fields: Fields | null) {
  return tidyCrop({
    x: readNumber(fields?.['x'], WHOLE_PICTURE.x),
    y: readNumber(fields?.['y'], WHOLE_PICTURE.y),
    width: readNumber(fields?.['width'], WHOLE_PICTURE.width),
    height: readNumber(fields?.['height'], WHOLE_PICTURE.height),
  });
}
