/** Graphs written in open formats and read again, and files from elsewhere. */
import fc from 'fast-check';
import { applyChanges, emptyDeck, plainText, slidesInOrder } from '../deck/index.js';
import { linksFrom } from '../routes/index.js';
import { placePassages } from '../story-plan/index.js';
import { DeckBuilder } from '../testing/index.js';
import { planOf, readDot, readMermaid, type RouteSketch, sketchOf, writeDot, writeMermaid } from './index.js';

const formats = [
  ['DOT', writeDot, readDot],
  ['Mermaid', writeMermaid, readMermaid],
] as const;

const words = fc
  .string({ unit: fc.constantFrom(...'aé "#[](){}|;-> <\\&%\'/'), minLength: 1, maxLength: 12 })
  .map((text) => text.trim().replace(/\s+/g, ' '))
  .filter((text) => text !== '' && !/<br/i.test(text));
const sketches: fc.Arbitrary<RouteSketch> = fc.integer({ min: 1, max: 6 }).chain((size) => {
  const id = fc.integer({ min: 1, max: size }).map((place) => `s${place}`);
  return fc.record({
    title: fc.constant(''),
    slides: fc.tuple(
      ...Array.from({ length: size }, (_none, place) =>
        fc.record({
          id: fc.constant(`s${place + 1}`),
          name: words,
          // Sections follow one another, as they do in a file.
          section: fc.constant(place < size / 2 ? null : 'The "mud" [far]'),
        }),
      ),
    ),
    links: fc.array(
      fc
        .record({ from: id, to: id, words: fc.oneof(fc.constant(''), words), isOrder: fc.boolean() })
        .map((link) => ({ ...link, isOrder: link.isOrder && link.words === '' })),
      { maxLength: 8 },
    ),
  });
});

describe.each(formats)('%s', (_name, write, read) => {
  test('what was written is read again, whatever the names', () => {
    fc.assert(
      fc.property(sketches, (sketch) => {
        const { sketch: again, unread } = read(write(sketch));
        expect(again.slides).toEqual(sketch.slides);
        expect(again.links).toEqual(sketch.links);
        // What we write ourselves of looks is known.
        expect(unread.filter(({ kind }) => kind !== 'look')).toEqual([]);
      }),
    );
  });

  test('any text is read to its end', () => {
    const piece = fc.oneof(
      fc.string({ maxLength: 6 }),
      fc.constantFrom('digraph', 'flowchart LR\n', '{', '}', 'a -> b', 'a --> b', '[label="', 'subgraph x', '"', '\n'),
    );
    fc.assert(
      fc.property(fc.array(piece, { maxLength: 30 }), (pieces) => {
        expect(() => read(pieces.join(' '))).not.toThrow();
      }),
      { numRuns: 300 },
    );
  });

  test('a deck goes out and comes back as slides with their links', () => {
    const { deck } = new DeckBuilder('Night walk')
      .slide('gate', { name: 'Gate' })
      .item('on', 'shape', {
        fields: { text: plainText('Step onto the boards') },
        link: { to: 'slide', slideId: 'hide' },
      })
      .slide('mud', { name: 'Mud' })
      .slide('hide', { name: 'Hide' });
    const { sketch } = read(write(sketchOf(deck)));
    const { changes, slides } = placePassages(emptyDeck(''), planOf(sketch), null);
    const made = applyChanges(emptyDeck(''), changes);
    expect(slidesInOrder(made).map(({ name }) => name)).toEqual(['Gate', 'Mud', 'Hide']);
    expect(linksFrom(made, slides[0] ?? '').map(({ carrier, destination }) => [carrier, destination])).toEqual([
      ['Step onto the boards', { to: 'slide', slideId: slides[2] }],
    ]);
  });
});

test('DOT from elsewhere: chains, groups, ports, markup; what has no counterpart is listed', () => {
  const { sketch, unread } = readDot(`
    // a walk
    strict digraph walk {
      graph [splines=true]; node [shape=box, color="red"];
      gate:n -> fork -> { splash; hide } [label="on"]
      subgraph cluster_0 { label = "Far out"; owl [label=<<b>The</b> owl>] }
      hide -> owl; /* and
      back */ owl -- gate
    `);
  expect(sketch.title).toBe('walk');
  expect(sketch.slides.map(({ id, name, section }) => [id, name, section])).toEqual([
    ['gate', 'gate', null],
    ['fork', 'fork', null],
    ['splash', 'splash', null],
    ['hide', 'hide', null],
    ['owl', 'The owl', 'Far out'],
  ]);
  expect(sketch.links.map(({ from, to, words: said }) => `${from} ${to} ${said}`)).toEqual([
    'gate fork on',
    'fork splash on',
    'fork hide on',
    'hide owl ',
    'owl gate ',
  ]);
  expect(new Set(unread.map(({ kind }) => kind))).toEqual(new Set(['look', 'undirected', 'unclosed']));
  expect(readDot('<svg></svg>').unread.map(({ kind }) => kind)).toContain('not-this-format');
});

test('Mermaid from elsewhere: shapes, words on links, several at once; what has no counterpart is listed', () => {
  const { sketch, unread } = readMermaid(`---
title: A walk
---
flowchart TD
  %% the start
  A([Gate]) -->|step on| B{Which way?}; B -- left --> C & D
  B -. right .-> E[/The hide/]
  subgraph far [Far out]
    E ==> F((Owl<br/>flight)):::loud
  end
  C --- A
  classDef loud fill:#f00
  G[never closed`);
  expect(sketch.title).toBe('A walk');
  expect(sketch.slides.map(({ id, name, section }) => [id, name, section])).toEqual([
    ['A', 'Gate', null],
    ['B', 'Which way?', null],
    ['C', 'C', null],
    ['D', 'D', null],
    ['E', 'The hide', 'Far out'],
    ['F', 'Owl flight', 'Far out'],
    ['G', 'never closed', null],
  ]);
  expect(sketch.links.map(({ from, to, words: said }) => `${from} ${to} ${said}`)).toEqual([
    'A B step on',
    'B C left',
    'B D left',
    'B E right',
    'E F ',
    'C A ',
  ]);
  expect(unread.map(({ kind, line }) => [kind, line])).toEqual([
    ['undirected', 11],
    ['look', 12],
    ['unclosed', 13],
  ]);
});

test('more than can be brought in is said so', () => {
  const many = Array.from({ length: 2500 }, (_none, place) => `n${place};`).join('\n');
  const { sketch, unread } = readDot(`digraph { ${many} }`);
  expect(sketch.slides).toHaveLength(2000);
  expect(unread.map(({ kind }) => kind)).toEqual(['too-much']);
});
