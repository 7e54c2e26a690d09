/** Fonts for slides further on, brought while there is a network: symbols, small pictures, other scripts, the theme's own. */
import { type Deck, lettersOf, textsOf } from '@gobrel/core/deck';

/** What the fonts of a deck have to draw. */
export interface LettersIn {
  /** Every character of its texts, once. */
  readonly all: string;
  /** Those that fonts for Latin letters do not have; small pictures are not among them. */
  readonly further: string;
  /** Small pictures. */
  readonly pictures: string;
}

const PICTURE = /\p{Emoji_Presentation}/u;
const AS_PICTURE = '\ufe0f';

/** Whether a character is a Latin letter or a mark between words, which every font has. */
function isLatin(each: string): boolean {
  const point = each.codePointAt(0) ?? 0;
  return point < 0x250 || (point >= 0x2000 && point < 0x2070);
}

/** The characters of a deck's texts. */
export function lettersIn(deck: Deck): LettersIn {
  const texts = Object.values(deck.items).flatMap((item) => textsOf(item).map(({ text }) => lettersOf(text)));
  const words = [...new Set(texts.join(''))];
  const asPictures = new Set(texts.flatMap((text) => [...text].filter((_each, at, all) => all[at + 1] === AS_PICTURE)));
  const isPicture = (each: string) => PICTURE.test(each) || asPictures.has(each);
  return {
    all: words.join(''),
    further: words.filter((each) => !isLatin(each) && each !== AS_PICTURE && !isPicture(each)).join(''),
    pictures: words.filter(isPicture).join(''),
  };
}

/** Brings them; what cannot be had just now is had when it is drawn. */
export function bringFonts(deck: Deck): void {
  const { all, further, pictures } = lettersIn(deck);
  const style = getComputedStyle(document.documentElement);
  const firstOf = (font: string) => style.getPropertyValue(`--gv-font-${font}`).split(',')[0] ?? '';
  const wanted = [
    [firstOf(deck.theme.headingFont), all],
    [firstOf(deck.theme.textFont), all],
    ['"Noto Sans Variable"', further],
    ['"Slide Symbols"', further],
    ['"Slide Emoji"', pictures],
  ] as const;
  for (const [family, text] of wanted) {
    if (family !== '' && text !== '') document.fonts.load(`16px ${family}`, text).catch(() => undefined);
  }
}
