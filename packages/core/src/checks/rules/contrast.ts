/** Words that hardly stand out from what is behind them, pictures included. */
import { colourIn, contrastOf, isWordBox, lookFields, runsOf, setItemFields } from '../../deck/index.js';
import { centreOf, turnPoint } from '../../geometry/index.js';
import { lookAtSlide } from '../slide-look.js';
import { colourBehind } from '../measuring/behind.js';
import type { PlacedWords } from '../measuring/placed-words.js';
import type { Given, SlideLook, SlideRule } from '../rule.js';

/** The least contrast of words, and of large ones: from 24 units on, or 18.66 when they are bold. */
const LEAST = { words: 4.5, large: 3 } as const;
const LARGE = { plain: 24, bold: 18.66 } as const;
/** Where words are looked at: so many places across and down their letters. */
const [ACROSS, DOWN] = [8, 4];
/** The part of these places that may be below the least: a star behind a letter hides nothing. */
const MAY_FAIL = 0.15;

export const contrast: SlideRule<'contrast'> = {
  name: 'contrast',
  level: 'easier',
  source: 'WCAG 2.2, 1.4.3 (AA)',
  look: (slide, given) =>
    slide.words.flatMap((words) => {
      const needed = neededFor(words);
      const behind = coloursBehind(slide, words, given);
      const worst = Math.min(...coloursOf(slide, words).map((colour) => reached(colour, behind)));
      if (behind.length === 0 || worst >= needed) return [];
      return [{ items: [words.item.id], values: { ratio: Math.floor(worst * 10) / 10, needed } }];
    }),
  mend: (deck, { slideId, items: [id = ''] }, given) => {
    const slide = lookAtSlide(deck, slideId);
    const words = slide?.words.find(({ item }) => item.id === id);
    const item = deck.items[id];
    // Letters with colours of their own are their author's to choose.
    if (!slide || !words || !item || !isWordBox(item) || coloursOf(slide, words).length > 1) return [];
    const behind = coloursBehind(slide, words, given);
    const needed = neededFor(words);
    const best = ['words', 'ground', '#ffffff', '#1d2b2a', '#000000'].find(
      (colour) => reached(colourIn(slide.theme, colour), behind) >= needed,
    );
    return best === undefined ? [] : setItemFields(deck, id, lookFields(item, { color: best }));
  },
};

function neededFor({ smallest, look }: PlacedWords): number {
  const isBold = (look.weight ?? (look.heading ? 700 : 400)) >= 700;
  return smallest >= (isBold ? LARGE.bold : LARGE.plain) ? LEAST.large : LEAST.words;
}

/** The colours of the letters, each once. */
function coloursOf({ theme }: SlideLook, { look, text }: PlacedWords): readonly string[] {
  const own = runsOf(text).map(({ marks = [] }) => {
    const set = marks.flatMap((mark) => (mark.type === 'textStyle' ? (mark.attrs.color ?? []) : []));
    return set[0] ?? look.color;
  });
  return [...new Set(own.map((colour) => colourIn(theme, colour)))];
}

/** What is behind the letters, where it is known. */
function coloursBehind(slide: SlideLook, words: PlacedWords, given: Given): readonly string[] {
  const { item, box, height, width, look } = words;
  const [tall, wide] = [Math.min(height, box.height), Math.min(width, box.width)];
  const left = { left: 0, justify: 0, center: (box.width - wide) / 2, right: box.width - wide }[look.align];
  const top = { top: 0, middle: (box.height - tall) / 2, bottom: box.height - tall }[look.upright];
  const colours: string[] = [];
  for (let row = 0; row < DOWN; row += 1)
    for (let column = 0; column < ACROSS; column += 1) {
      const x = box.x + left + ((column + 0.5) * wide) / ACROSS;
      const y = box.y + top + ((row + 0.5) * tall) / DOWN;
      const place = turnPoint({ x, y }, centreOf(item.frame), item.frame.rotation);
      const colour = colourBehind(slide, item, place, item.kind !== 'text', given);
      if (colour !== null) colours.push(colour);
    }
  return colours;
}

/** The contrast that all but a few places reach. */
function reached(colour: string, behind: readonly string[]): number {
  const ratios = behind.map((below) => contrastOf(colour, below)).sort((a, b) => a - b);
  return ratios[Math.floor(ratios.length * MAY_FAIL)] ?? Infinity;
}
