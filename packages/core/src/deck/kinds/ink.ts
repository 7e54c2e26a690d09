/** Ink: what an author wrote or drew by hand. */
import { readColour } from '../appearance/colour.js';
import { readInkStrokes } from '../ink/ink.js';
import { readNumber, readOneOf } from '../model/reading.js';
import { noReferences } from '../references/reference.js';
import { asItIs, INK, type ItemKind, noContents, noLengths, noTexts } from './kind.js';

export const inkKind: ItemKind<'ink'> = {
  kind: 'ink',
  make: (base, fields) => ({ ...base, kind: 'ink', ...inkKind.read(fields) }),
  size: { width: 200, height: 100 },
  read: (fields) => ({
    strokes: readInkStrokes(fields['strokes']),
    color: readColour(fields['color'], INK),
    weight: readNumber(fields['weight'], 5, 1, 60),
    tool: readOneOf(fields['tool'], ['pen', 'highlighter'], 'pen'),
  }),
  withoutKey: asItIs,
  words: () => '',
  isSeen: true,
  asks: false,
  gates: [],
  references: noReferences,
  texts: noTexts,
  ...noContents,
  isMissedInQuestions: true,
  carriesLink: true,
  canBeLoose: true,
  ...noLengths,
  scaled: ({ weight }, factor) => ({ weight: weight * factor }),
};
