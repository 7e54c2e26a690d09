import fc from 'fast-check';
import { addItem, addSlide, applyChanges, type Deck, emptyDeck } from '../../deck/index.js';
import { DECK_PLACE, programText, readShowFile, type ShowFile, writeShowFile } from './show-file.js';
import { isInRange } from './unicode-range.js';

/** A deck of one slide with a question and notes. */
function asking(title: string, prompt: string): Deck {
  const begun = applyChanges(emptyDeck(title), addSlide(emptyDeck(title), { id: 's', name: prompt }));
  const choices = [
    { id: 'a', text: prompt },
    { id: 'b', text: 'no' },
  ];
  const asked = applyChanges(
    begun,
    addItem(begun, { id: 'q', slideId: 's', kind: 'choice', fields: { prompt, choices, right: ['a'] } }),
  );
  const slide = asked.slides['s'];
  return slide ? { ...asked, slides: { s: { ...slide, notes: 'Only for me' } } } : asked;
}

const file = (deck: Deck, fields: Partial<ShowFile> = {}): ShowFile => ({
  language: 'en',
  direction: 'ltr',
  program: 'start()',
  programHash: null,
  style: 'p { color: black }',
  deck,
  hasKeys: true,
  contents: [],
  withoutScripts: 'This show needs scripts.',
  ...fields,
});
const written = (made: ShowFile) => writeShowFile(made).join('');
/** What a browser finds in the script with the deck: everything up to the first end tag. */
const told = (html: string) =>
  html.split(`<script type="application/json" id="${DECK_PLACE}">`)[1]?.split(/<\/script/i)[0] ?? '';
const odd = fc.oneof(
  fc.string(),
  fc.constantFrom('</script><script>alert(1)</script>', '<!--', ']]>', '"&\'', '</title>', '\u2028', '</style>'),
);

test('whatever is written on slides, the deck comes out of the file as it went in, and nothing else is in it', () =>
  fc.assert(
    fc.property(odd, odd, (title, prompt) => {
      const html = written(file(asking(title, prompt)));
      const read = readShowFile(told(html));
      expect(read?.hasKeys).toBe(true);
      expect(read?.deck.title).toBe(asking(title, prompt).title);
      expect(read?.deck.items).toEqual(asking(title, prompt).items);
      expect(html.match(/<script/gi)).toHaveLength(2);
      expect(html.match(/<title>/gi)).toHaveLength(1);
      expect(html.match(/<\/style>/gi)).toHaveLength(1);
    }),
  ));

test('keys come along only where it is wanted, speaker notes never', () => {
  const deck = asking('Owl', 'Who?');
  for (const hasKeys of [true, false]) {
    const html = written(file(deck, { hasKeys }));
    expect(html).not.toContain('Only for me');
    expect(readShowFile(told(html))?.deck.items['q']).toMatchObject({ right: hasKeys ? ['a'] : [] });
  }
});

test('the program is allowed by its hash alone, and nothing may be fetched', () => {
  const html = written(file(asking('Owl', 'Who?'), { programHash: 'abc=' }));
  expect(html).toContain("default-src 'none'; script-src 'sha256-abc=';");
  expect(html).not.toMatch(/https?:/);
});

test('a program cannot end its own script', () => {
  const program = programText('a = "</script>" + "</SCRIPT >" + "<!-- -->"');
  expect(program).not.toMatch(/<\/script|<!--/i);
  expect(programText(program)).toBe(program);
});

test('contents stand under the names the deck has for them', () => {
  const contents = [{ id: 'ab12', mediaType: 'image/webp', base64: 'AAEC' }];
  expect(written(file(emptyDeck('Owl'), { contents }))).toContain(
    '<script type="text/plain" data-content="ab12" data-type="image/webp">AAEC</script>',
  );
});

test('a file that was cut short, changed, or made by a later version says nothing', () => {
  const whole = told(written(file(asking('Owl', 'Who?'))));
  expect(readShowFile(whole.slice(0, -1))).toBeNull();
  expect(readShowFile('')).toBeNull();
  expect(readShowFile('{"format":"other","version":1}')).toBeNull();
  expect(readShowFile(whole.replace('"version":1,', '"version":2,'))).toBeNull();
  expect(readShowFile('{"format":"gobrel show","version":1,"deck":{"slides":7}}')?.deck.slides).toEqual({});
});

test.each([
  ['U+0000-00FF', 'a', true],
  ['U+0000-00FF', 'ш', false],
  ['U+0400-045F, U+20', 'ш', true],
  ['U+4??', 'ш', true],
  ['U+26', '&', true],
  ['u+1F600-1F64F', '😀', true],
  ['', 'ш', true],
])('letters of %s: whether %s is among them', (range, letter, isAmong) => {
  expect(isInRange(range, [letter])).toBe(isAmong);
});
