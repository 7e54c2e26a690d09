/**
 * A show as one HTML file: the program that plays it, its looks, the deck, and all its contents, so that nothing is fetched
 * from anywhere. It is opened by a double click.
 */
import { inHtml } from '../../html/index.js';
import { type Deck, readDeck, readFields, USUAL_CHECK, withoutKeysAndNotes } from '../../deck/index.js';

/** A picture, a sound or any other file that a deck shows, as it stands in the file. */
export interface ShowContent {
  /** As the deck names it: a SHA-256, or a sticker's name. */
  readonly id: string;
  /** Such as image/webp. */
  readonly mediaType: string;
  readonly base64: string;
}

/** What a show file is made of. */
export interface ShowFile {
  /** The language and the direction of its buttons, as pages name them. */
  readonly language: string;
  readonly direction: 'ltr' | 'rtl';
  /** The program, as one script. */
  readonly program: string;
  /** The SHA-256 of the program as `programText` has it, in base64; `null` where it cannot be computed. */
  readonly programHash: string | null;
  /** The looks, with its fonts as data. */
  readonly style: string;
  readonly deck: Deck;
  /** Whether the answer keys come along, so that answers are checked. */
  readonly hasKeys: boolean;
  readonly contents: readonly ShowContent[];
  /** What is read where scripts are not run. */
  readonly withoutScripts: string;
}

/** What the program finds in the file. */
export interface ShowFileDeck {
  readonly deck: Deck;
  readonly hasKeys: boolean;
}

/** Where the deck stands in the file. */
export const DECK_PLACE = 'deck';

/** The version of what stands in the file. */
const VERSION = 1;

/** The parts of a show file, one after the other; together they are its HTML. */
export function writeShowFile(file: ShowFile): readonly string[] {
  const { deck, hasKeys, contents } = file;
  const shown = hasKeys
    ? { ...deck, walks: [], check: USUAL_CHECK, slides: withoutNotes(deck) }
    : withoutKeysAndNotes(deck);
  const told = { format: 'gobrel show', version: VERSION, hasKeys, deck: shown };
  return [
    `<!DOCTYPE html>\n<html lang="${inHtml(file.language)}" dir="${file.direction}">\n<head>\n<meta charset="utf-8">\n` +
      '<meta name="viewport" content="width=device-width, initial-scale=1">\n' +
      `<meta http-equiv="Content-Security-Policy" content="${policyOf(file.programHash)}">\n` +
      `<title>${inHtml(deck.title) || 'Gobrel'}</title>\n<style>`,
    file.style.replaceAll('</', '<\\/'),
    `</style>\n</head>\n<body>\n<div id="root"></div>\n<noscript>${inHtml(file.withoutScripts)}</noscript>\n` +
      `<script type="application/json" id="${DECK_PLACE}">`,
    inScript(told),
    '</script>\n',
    ...contents.flatMap(({ id, mediaType, base64 }) => [
      `<script type="text/plain" data-content="${inHtml(id)}" data-type="${inHtml(mediaType)}">`,
      base64,
      '</script>\n',
    ]),
    '<script>',
    programText(file.program),
    '</script>\n</body>\n</html>\n',
  ];
}

/** A program as it stands in the file: nothing in its texts ends the script or begins a comment of HTML. */
export function programText(program: string): string {
  return program.replaceAll(/<\/(script)/gi, '<\\/$1').replaceAll('<!--', '<\\!--');
}

/** What a show file says of its deck, read as what anybody may have changed; `null` where it says nothing readable. */
export function readShowFile(text: string): ShowFileDeck | null {
  const told = readFields(parse(text));
  if (told?.['format'] !== 'gobrel show' || told['version'] !== VERSION) return null;
  return { deck: readDeck(told['deck']).deck, hasKeys: told['hasKeys'] === true };
}

function parse(text: string): unknown {
  try {
    return JSON.parse(text) as unknown;
  } catch {
    return null;
  }
}

/** Nothing is fetched: what is shown stands in the file. */
function policyOf(programHash: string | null): string {
  const scripts = programHash === null ? "'unsafe-inline'" : `'sha256-${programHash}'`;
  return (
    `default-src 'none'; script-src ${scripts}; style-src 'unsafe-inline'; img-src data: blob:; ` +
    "font-src data:; media-src data: blob:; connect-src data: blob:; form-action 'none'; base-uri 'none'"
  );
}

function withoutNotes({ slides }: Deck): Deck['slides'] {
  return Object.fromEntries(Object.entries(slides).map(([id, slide]) => [id, { ...slide, notes: '' }]));
}

/** JSON in which nothing can end the script around it. */
function inScript(value: unknown): string {
  return JSON.stringify(value).replaceAll('<', '\\u003c');
}
