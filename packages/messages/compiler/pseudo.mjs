// The pseudo-language: English that is longer and accented, so that whoever looks sees what is not in the catalogue,
// what is cut off, and what goes by the reading direction.
import { parse, TYPE } from '@formatjs/icu-messageformat-parser';
import { printAST } from '@formatjs/icu-messageformat-parser/printer.js';

const plain = 'abcdefghijklmnopqrstuvwxyzABCDEFGHIJKLMNOPQRSTUVWXYZ';
const accented = [...'åƀçðéƒĝĥîĵķļɱñöþǫŕšţûṽŵẋýžÅƁÇÐÉƑĜĤÎĴĶĻṀÑÖÞǪŔŠŢÛṼŴẊÝŽ'];

/** How much longer a text gets: German and Finnish take about this much more than English. */
const LONGER = 0.4;

/** A literal text with its letters accented and, where it has any, lengthened with dots; spaces at its ends stay. */
function pseudoText(text) {
  const letters = [...text].filter((letter) => plain.includes(letter)).length;
  if (letters === 0) return text;
  const core = text.trim();
  const made = [...core].map((letter) => accented[plain.indexOf(letter)] ?? letter).join('');
  return text.replace(core, () => made + '·'.repeat(Math.ceil(letters * LONGER)));
}

/** A message in ICU message syntax, its literal texts altered and its values as they were. */
export function pseudoMessage(message) {
  const altered = (parts) => {
    for (const part of parts) {
      if (part.type === TYPE.literal) part.value = pseudoText(part.value);
      if (part.options) Object.values(part.options).forEach(({ value }) => altered(value));
    }
    return parts;
  };
  return printAST(altered(parse(message, { ignoreTag: true })));
}
