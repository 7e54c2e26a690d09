/** Text: words on the slide. */
import { lettersOf, readRichText, scaleLetters } from '../text/rich-text.js';
import { readOneOf } from '../model/reading.js';
import { asItIs, type ItemKind, noContents, noLengths, oneText, PLAIN_LOOK, readLook, scaledLook } from './kind.js';
import { noReferences } from '../references/reference.js';

export const textKind: ItemKind<'text'> = {
  kind: 'text',
  make: (base, fields) => ({ ...base, kind: 'text', ...textKind.read(fields) }),
  size: { width: 480, height: 80 },
  read: (fields) => ({
    text: readRichText(fields['text']),
    look: readLook(fields['look'], PLAIN_LOOK),
    gathers: readOneOf(fields['gathers'], ['credits', null], null),
  }),
  withoutKey: asItIs,
  words: (item) => lettersOf(item.text).trim(),
  isSeen: true,
  asks: false,
  gates: [],
  references: noReferences,
  texts: oneText,
  ...noContents,
  isMissedInQuestions: false,
  carriesLink: true,
  canBeLoose: true,
  ...noLengths,
  scaled: ({ look, text }, factor) => ({ look: scaledLook(look, factor), text: scaleLetters(text, factor) }),
};
