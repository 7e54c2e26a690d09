/** How large the letters of a choice question may be, so that its prompt and all its choices stand in it whole. */
import type { ChoiceItem } from '../../deck/index.js';

/** The largest letters, the smallest, and the steps between them, in slide units. */
const LETTERS = { largest: 34, smallest: 10, step: 0.5 } as const;
/** How wide a letter is and how high a line, in parts of the letters' size; wide scripts have square letters. */
const WIDE = { usual: 0.54, bold: 0.58, square: 1 } as const;
const LINE = 1.35;
/** How far apart things stand, in parts of the letters' size: as the question's card is drawn. */
const CARD = { across: 1.4, down: 1.1, gap: 0.34, choiceAcross: 5.2, choiceDown: 0.32 } as const;
/** Edges of the card and of a choice, both sides together, in slide units. */
const EDGES = 4;
/** What is said beside the prompt ("pick one"): its letters, and how small they may be, in slide units. */
const ASIDE = { letters: 14, smallest: 20, part: 0.8 } as const;
/** From this letter on scripts are written in squares (Unicode's blocks of East Asian scripts). */
const SQUARE = 0x2e80;

/**
 * The largest letters with which everything fits, by an estimate of how words break; the smallest there are where nothing
 * does. Choices beside one another, and those that are pictures, go by their rows.
 */
export function choiceLetters(item: ChoiceItem): number {
  const beside = item.form === 'scale' || item.choices.some(({ picture }) => picture !== undefined);
  if (beside) return Math.max(14, Math.min(LETTERS.largest, item.frame.height / 4 / 1.75));
  for (let size: number = LETTERS.largest; size > LETTERS.smallest; size -= LETTERS.step)
    if (heightOf(item, size) <= item.frame.height) return size;
  return LETTERS.smallest;
}

function heightOf({ frame, prompt, choices }: ChoiceItem, size: number): number {
  const width = frame.width - EDGES - CARD.across * size;
  const aside = ASIDE.letters * WIDE.usual * Math.max(ASIDE.smallest, ASIDE.part * size);
  const asked = linesOf(prompt, WIDE.bold * size, width, aside) * LINE * size;
  const room = width - EDGES - CARD.choiceAcross * size;
  const chosen = choices.reduce(
    (sum, { text }) =>
      sum + linesOf(text, WIDE.usual * size, room) * LINE * size + CARD.choiceDown * size + EDGES + CARD.gap * size,
    0,
  );
  return EDGES + CARD.down * size + asked + chosen;
}

/** How many lines words take, each broken where the next word does not fit. @param aside what stands behind them */
function linesOf(text: string, letter: number, width: number, aside = 0): number {
  let [lines, used] = [1, 0];
  const put = (long: number) => {
    if (used > 0 && used + long > width) [lines, used] = [lines + 1, 0];
    // A word that is longer than a line is broken within.
    lines += Math.max(0, Math.ceil(long / Math.max(1, width)) - 1);
    used += long;
  };
  for (const word of text.split(/\s+/)) put(widthOf(`${word} `, letter));
  if (aside > 0) put(aside);
  return lines;
}

function widthOf(text: string, letter: number): number {
  return [...text].reduce(
    (sum, each) => sum + ((each.codePointAt(0) ?? 0) >= SQUARE ? (letter / WIDE.usual) * WIDE.square : letter),
    0,
  );
}
