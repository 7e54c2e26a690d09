/** The pieces that presentations are written with and read by. */
import fc from 'fast-check';
import { lettersOf, readRichText, type RichText, shapeNames, shapePath } from '../../deck/index.js';
import { DeckBuilder } from '../../testing/index.js';
import { fontOf } from './font-families.js';
import { flatParagraphs, textOfParagraphs } from './paragraphs.js';
import { pathSteps } from './path.js';
import { mediaTypeOf, pixelsOf } from './picture-bytes.js';
import { plainDeck } from './plain-deck.js';
import { playSign } from './play-sign.js';

describe('texts as flat paragraphs', () => {
  const paragraph = fc
    .string({ minLength: 1, maxLength: 5 })
    .map((text) => ({ type: 'paragraph', content: [{ type: 'text', text }] }));
  /** A list whose entries hold lists of the next level, or none. */
  const listOf = (inner: fc.Arbitrary<object> | null): fc.Arbitrary<object> => {
    const deeper = inner ? fc.array(inner, { maxLength: 1 }) : fc.constant([]);
    const entry = fc.tuple(paragraph, deeper).map(([first, rest]) => ({ type: 'listItem', content: [first, ...rest] }));
    return fc.record({
      type: fc.constantFrom('bulletList', 'orderedList'),
      content: fc.array(entry, { minLength: 1, maxLength: 3 }),
    });
  };
  const list = listOf(listOf(listOf(null)));
  const text = fc
    .array(fc.oneof(paragraph, list), { minLength: 1, maxLength: 4 })
    .map((content) => readRichText({ type: 'doc', content }))
    // Two lists of one kind right after each other are one to whoever sees them.
    .filter(({ content }) =>
      content.every((each, at) => at === 0 || each.type === 'paragraph' || each.type !== content[at - 1]?.type),
    );

  test('come back as they were', () => {
    fc.assert(fc.property(text, (given: RichText) => expect(textOfParagraphs(flatParagraphs(given))).toEqual(given)));
  });
});

describe('paths', () => {
  test('of our shapes stay as they are: moves, lines and curves', () => {
    for (const shape of shapeNames) {
      const path = shapePath(shape, 300, 200);
      const steps = pathSteps(path);
      expect(steps.filter(({ is }) => is === 'close')).toHaveLength(path.split('Z').length - 1);
      const drawn = steps.map((step) => {
        if (step.is === 'close') return 'Z';
        const at = ({ x, y }: { readonly x: number; readonly y: number }) => `${x} ${y}`;
        if (step.is === 'curve') return `C${at(step.first)} ${at(step.second)} ${at(step.to)}`;
        return `${step.is === 'move' ? 'M' : 'L'}${at(step.to)}`;
      });
      expect(drawn.join('')).toBe(path);
    }
  });

  test('that are relative, smooth or round end where they say', () => {
    const ends = (path: string) => pathSteps(path).flatMap((step) => (step.is === 'close' ? [] : [step.to]));
    expect(ends('m1 1h2v3l-1-1z')).toEqual([
      { x: 1, y: 1 },
      { x: 3, y: 1 },
      { x: 3, y: 4 },
      { x: 2, y: 3 },
    ]);
    expect(ends('M0 0q1 1 2 0t2 0').at(-1)).toEqual({ x: 4, y: 0 });
    expect(ends('M0 0a5 5 0 0110 0').at(-1)).toEqual({ x: 10, y: 0 });
  });

  test('round ones stay on their circle', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 50 }), fc.boolean(), fc.boolean(), (radius, large, sweep) => {
        const path = `M${radius} 0A${radius} ${radius} 0 ${large ? 1 : 0} ${sweep ? 1 : 0} 0 ${radius}`;
        const isOwn = large !== sweep;
        const middle = isOwn ? { x: 0, y: 0 } : null;
        for (const step of pathSteps(path)) {
          if (step.is !== 'curve' || !middle) continue;
          expect(Math.hypot(step.to.x, step.to.y)).toBeCloseTo(radius, 6);
          const half = {
            x: (step.first.x + step.second.x) / 2,
            y: (step.first.y + step.second.y) / 2,
          };
          expect(Math.hypot(half.x, half.y)).toBeGreaterThan(radius * 0.9);
        }
      }),
    );
  });
});

test('bytes say what they are, and how large', () => {
  const sign = playSign('#0b5f5c');
  expect(mediaTypeOf(sign)?.type).toBe('image/png');
  expect(pixelsOf(sign)).toEqual({ width: 96, height: 96 });
  expect(mediaTypeOf(new TextEncoder().encode('<?xml version="1.0"?><svg xmlns="x"/>'))?.ending).toBe('svg');
  expect(mediaTypeOf(new TextEncoder().encode('MZ and so on'))).toBeNull();
  expect(pixelsOf(new Uint8Array([0xff, 0xd8, 0xff]))).toEqual({ width: 0, height: 0 });
});

test('a family is one of ours, or the nearest to it', () => {
  expect(fontOf('Source Serif 4 Variable')).toEqual({ font: 'serif', isOurs: true });
  expect(fontOf('Some Mono')).toEqual({ font: 'mono', isOurs: false });
  expect(fontOf('Anything Sans')).toEqual({ font: 'text', isOurs: false });
});

describe('a deck that is made plain', () => {
  const frame = { x: 40, y: 40, width: 400, height: 300, rotation: 0 };
  const { deck } = new DeckBuilder()
    .slide('gate')
    .item('which', 'choice', {
      frame,
      fields: {
        prompt: 'Who?',
        choices: [
          { id: 'a', text: 'Otter' },
          { id: 'b', text: 'Owl' },
        ],
        right: ['a'],
      },
    })
    .item('piece', 'shape', {
      loose: true,
      link: { to: 'by-answer', questionId: 'which', right: 'hide', wrong: null, choices: {} },
    })
    .item('look', 'viewpoint')
    .slide('hide');
  const plain = plainDeck(deck);

  test('has nothing but what can be printed and moved', () => {
    const [first] = plain.slides;
    expect(first?.items.map(({ kind }) => kind)).toEqual(['shape', 'shape']);
    const [question] = first?.items ?? [];
    expect(question?.kind === 'shape' && lettersOf(question.text)).toBe('Who?\nA  Otter\nB  Owl');
    expect(question?.frame).toEqual(frame);
  });

  test('says what did not fit, and leads where it can', () => {
    const gate = plain.left.filter(({ name }) => name === 'gate').map(({ why }) => why);
    expect(gate[0]).toEqual({ code: 'printed', kinds: ['choice'] });
    expect(gate[1]?.code === 'slide-without' && gate[1].parts).toEqual(
      expect.arrayContaining(['links-by-answer', 'viewpoints']),
    );
    expect(plain.slides[0]?.items[1]?.link).toEqual({ to: 'slide', slideId: 'hide' });
  });
});

test('pictures of choices are printed as they are, and a scale with its ends', () => {
  const { deck } = new DeckBuilder()
    .slide('gate')
    .item('which', 'choice', {
      frame: { x: 0, y: 0, width: 800, height: 400, rotation: 0 },
      fields: {
        choices: [
          { id: 'a', text: 'Otter', picture: 'a'.repeat(64) },
          { id: 'b', text: 'Owl', picture: 'b'.repeat(64) },
        ],
      },
    })
    .item('when', 'point', {
      frame: { x: 0, y: 420, width: 800, height: 200, rotation: 0 },
      fields: { prompt: 'When?', axis: { from: 18, to: 30, unit: 'o’clock', upright: false, right: 24, tolerance: 1 } },
    });
  const [slide] = plainDeck(deck, { pixelsOf: () => ({ width: 400, height: 100 }) }).slides;
  const pictures = (slide?.items ?? []).filter(({ kind }) => kind === 'picture');
  expect(pictures.map(({ frame }) => [frame.x, frame.y, frame.width, frame.height])).toEqual([
    [0, 254, 368, 92],
    [400, 254, 368, 92],
  ]);
  const scale = (slide?.items ?? []).filter(({ frame }) => frame.y >= 420);
  expect(scale.map(({ kind }) => kind)).toEqual(['text', 'line', 'text', 'text']);
  expect(scale.map((item) => (item.kind === 'text' ? lettersOf(item.text) : ''))).toEqual([
    ...['When?', '', '18 o’clock', '30 o’clock'],
  ]);
  expect(scale.slice(2).map((item) => item.kind === 'text' && item.look.align)).toEqual(['left', 'right']);
  // Without the answer.
  expect(JSON.stringify(scale)).not.toContain('24 o');
});

test('a link to a slide that is gone is left out, and told', () => {
  const { deck } = new DeckBuilder().slide('gate').item('on', 'hotspot', { link: { to: 'slide', slideId: 'gone' } });
  const { slides, left } = plainDeck(deck);
  expect(slides[0]?.items[0]?.link).toBeNull();
  expect(left.find(({ name }) => name === 'gate')?.why).toEqual({ code: 'slide-without', parts: ['links-left'] });
});
