/** The fonts that a deck is drawn with, as style rules: only the files of its letters, so that a show file stays small. */
import type { Deck } from '@gobrel/core/deck';
import { isInRange } from '@gobrel/core/formats';

/** A font file that is needed, and the rule it stands in. */
export interface FontInUse {
  readonly url: string;
  /** Everything of the rule but where the file is. */
  readonly rule: string;
}

/** The fonts of buttons and headings around a slide. */
const OF_BUTTONS = ['text', 'heading'];
const LETTERS_OF_BUTTONS = 'AZaz09';

/** Fonts for what fonts of letters lack: digits and the like they have only as parts of other signs. */
const BEYOND = /^["']?Slide /;

function isBeyondLatin(letter: string): boolean {
  return (letter.codePointAt(0) ?? 0) > 0xff;
}

/** The fonts of a deck and of the buttons around it, among those that this page knows. */
export function fontsInUse(deck: Deck): readonly FontInUse[] {
  const text = JSON.stringify(deck);
  const letters = new Set([...text, ...LETTERS_OF_BUTTONS]);
  const families = familiesOf(namesIn(text));
  const slanted = /"type":"(?:italic|em)"|"italic":true/.test(text);
  return [...document.styleSheets].flatMap((sheet) =>
    [...sheet.cssRules].flatMap((rule) => {
      if (!(rule instanceof CSSFontFaceRule)) return [];
      const said = (name: string) => rule.style.getPropertyValue(name);
      if (!families.has(unquoted(said('font-family')))) return [];
      if (said('font-style') === 'italic' && !slanted) return [];
      const sought = BEYOND.test(said('font-family')) ? [...letters].filter(isBeyondLatin) : letters;
      if (!isInRange(said('unicode-range'), sought)) return [];
      const url = /url\(["']?([^"')]+)/.exec(said('src'))?.[1];
      return url === undefined ? [] : [{ url: new URL(url, sheet.href ?? location.href).href, rule: ruleOf(said) }];
    }),
  );
}

/** The names under which a deck has its fonts. */
function namesIn(deckText: string): readonly string[] {
  return [...deckText.matchAll(/"(?:font|headingFont|textFont)":"([a-z]+)"/g)].flatMap(([, name]) => name ?? []);
}

/** The families behind those names, as the style sheet says. */
function familiesOf(names: readonly string[]): ReadonlySet<string> {
  const style = getComputedStyle(document.documentElement);
  const stacks = [...OF_BUTTONS, ...names, 'beyond'].map((name) => style.getPropertyValue(`--gv-font-${name}`));
  return new Set(stacks.flatMap((stack) => stack.split(',').map((family) => unquoted(family.trim()))));
}

function unquoted(family: string): string {
  return family.replaceAll(/["']/g, '');
}

function ruleOf(said: (name: string) => string): string {
  return ['font-family', 'font-style', 'font-weight', 'unicode-range']
    .flatMap((name) => (said(name) === '' ? [] : [`${name}:${said(name)}`]))
    .join(';');
}
