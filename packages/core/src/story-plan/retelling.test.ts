import fc from 'fast-check';
import { lettersOf, plainText, readRichText, type RichText, runsOf } from '../deck/index.js';
import { differenceOf } from './difference.js';
import { retold } from './retelling.js';

const bold = [{ type: 'bold' }];
const link = [{ type: 'link', attrs: { destination: { to: 'slide', slideId: 'hide' } } }];
const paragraph = (...content: object[]) => ({ type: 'paragraph', content });
const run = (text: string, marks?: object[]) => ({ type: 'text', text, ...(marks ? { marks } : {}) });
const text = (...content: object[]): RichText => readRichText({ type: 'doc', content });
const runs = (told: RichText) => runsOf(told).map((each) => [each.text, ...(each.marks ?? []).map(({ type }) => type)]);

describe('retelling', () => {
  const told = text(
    paragraph(run('Mind the '), run('rising', bold), run(' tide by the '), run('old hide', link), run('.')),
  );

  test('a word that changes leaves the marks of all others', () => {
    expect(runs(retold(told, 'Watch the rising tide by the old hide.'))).toEqual([
      ['Watch the '],
      ['rising', 'bold'],
      [' tide by the '],
      ['old hide', 'link'],
      ['.'],
    ]);
  });

  test('a word in the place of another takes its marks over, a link included', () => {
    expect(runs(retold(told, 'Mind the falling tide by the old tower.'))).toEqual([
      ['Mind the '],
      ['falling', 'bold'],
      [' tide by the '],
      ['old tower', 'link'],
      ['.'],
    ]);
  });

  test('words that come in within linked words carry the link, beside them they do not', () => {
    expect(runs(retold(told, 'Mind the rising tide by the old wooden hide here.'))).toEqual([
      ['Mind the '],
      ['rising', 'bold'],
      [' tide by the '],
      ['old wooden hide', 'link'],
      [' here.'],
    ]);
  });

  test('lines stay in their lists, and further ones become entries of them', () => {
    const entry = (said: string) => ({ type: 'listItem', content: [paragraph(run(said, bold))] });
    const list = text(paragraph(run('Bring:')), { type: 'bulletList', content: [entry('a lamp'), entry('boots')] });
    const more = retold(list, 'Bring:\na lamp\nboots\na map');
    expect(more.content.map(({ type }) => type)).toEqual(['paragraph', 'bulletList']);
    expect(lettersOf(more)).toBe('Bring:\na lamp\nboots\na map');
    expect(retold(list, 'Bring:\na lamp').content).toMatchObject([
      { type: 'paragraph' },
      { content: [{ content: [{}] }] },
    ]);
  });

  test('line breaks stay line breaks', () => {
    const broken = text(paragraph(run('One'), { type: 'hardBreak' }, run('two', bold)));
    expect(retold(broken, 'One\ntwo').content).toEqual(broken.content);
    expect(retold(broken, 'Won\ntwo').content).toEqual(
      text(paragraph(run('Won'), { type: 'hardBreak' }, run('two', bold))).content,
    );
  });

  const line = fc
    .array(fc.constantFrom('a', 'b', 'ebb', ' ', '.', '🦀', ''), { maxLength: 6 })
    .map((parts) => parts.join(''));
  const inline = fc.oneof(
    fc.record({ said: line, marks: fc.constantFrom(undefined, bold, link) }).map(({ said, marks }) => run(said, marks)),
    fc.constant({ type: 'hardBreak' }),
  );
  const block = fc.oneof(
    fc.array(inline, { maxLength: 4 }).map((content) => paragraph(...content)),
    fc.array(inline, { maxLength: 3 }).map((content) => ({
      type: 'orderedList',
      content: [{ type: 'listItem', content: [paragraph(...content)] }],
    })),
    fc.array(inline, { maxLength: 3 }).map((content) => ({ type: 'blockquote', content: [paragraph(...content)] })),
  );

  test('whatever a text was, it then says what it is to say, in canonical form', () => {
    fc.assert(
      fc.property(
        fc.array(block, { maxLength: 4 }),
        fc.array(line, { minLength: 1, maxLength: 5 }),
        (blocks, lines) => {
          const made = retold(text(...blocks), lines.join('\n'));
          expect(lettersOf(made)).toBe(lines.join('\n'));
          expect(readRichText(made)).toEqual(made);
          expect(retold(made, lines.join('\n'))).toBe(made);
        },
      ),
    );
  });

  test('a plain text that is retold is plain', () => {
    expect(retold(plainText('One\nTwo'), 'One\nThree\nFour')).toEqual(plainText('One\nThree\nFour'));
  });
});

test('a difference holds every place of both lists once, and what it calls the same is the same', () => {
  const list = fc.array(fc.constantFrom('a', 'b', 'c'), { maxLength: 8 });
  fc.assert(
    fc.property(list, list, (before, fresh) => {
      const [old, made]: [string[], string[]] = [[], []];
      for (const hunk of differenceOf(before, fresh)) {
        if (hunk.type === 'same') expect(before[hunk.before]).toBe(fresh[hunk.fresh]);
        old.push(...(hunk.type === 'same' ? [before[hunk.before] ?? ''] : before.slice(hunk.from, hunk.to)));
        made.push(...(hunk.type === 'same' ? [fresh[hunk.fresh] ?? ''] : fresh.slice(hunk.freshFrom, hunk.freshTo)));
      }
      expect([old, made]).toEqual([before, fresh]);
    }),
  );
});
