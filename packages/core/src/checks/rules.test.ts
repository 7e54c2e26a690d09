/** Each rule by an example in which it finds something, one in which it does not, and by what mending it leaves. */
import {
  addSection,
  applyChanges,
  type Deck,
  type Destination,
  NOT_DRAWN,
  PLAIN_LOOK,
  plainText,
  type SlideId,
  tableOfWords,
  USUAL_CHECK,
} from '../deck/index.js';
import { DeckBuilder } from '../testing/index.js';
import { checkDeck, type Given, mendFinding, type RuleName, rules, type Samples } from './index.js';

const frame = (x: number, y: number, width: number, height: number, rotation = 0) => ({
  x,
  y,
  width,
  height,
  rotation,
});
const to = (slideId: SlideId): Destination => ({ to: 'slide', slideId });
const words = (text: string, look = {}) => ({ text: plainText(text), look: { ...PLAIN_LOOK, ...look } });
const file = 'a'.repeat(64);
const picture = 'b'.repeat(64);
/** A picture whose left half is dark, and whose right half is light. */
const halves: Samples = { width: 2, height: 1, values: [20, 20, 30, 255, 240, 240, 230, 255] };

const start = () => new DeckBuilder().slide('creek');
const given = (deck: Deck, colours: Given['colours'] = () => null): Given => ({ settings: deck.check, colours });

const PALE = '#f0f0e8';
const credit = { title: 'An owl', author: 'R. Sedge', source: '', licence: 'cc-by-4.0' } as const;
const film = { file, alt: 'The tide', captions: [{ from: 0, to: 1, text: '[water]' }] };

interface Example {
  /** A deck in which the rule finds something, and one in which it finds nothing. */
  readonly bad: Deck;
  readonly good: Deck;
  /** The items that are named. */
  readonly items: readonly string[];
  readonly colours?: Given['colours'];
}

const pieceFields = { text: plainText('gull') };

const examples: { readonly [R in RuleName]: Example } = {
  'small-text': {
    bad: start().item('small', 'text', { frame: frame(50, 50, 600, 80), fields: words('Read me', { size: 16 }) }).deck,
    good: start().item('small', 'text', { fields: words('Read me', { size: 26 }) }).deck,
    items: ['small'],
  },
  overflow: {
    bad: start().item('long', 'text', { frame: frame(50, 50, 200, 40), fields: words('word '.repeat(20)) }).deck,
    good: start().item('long', 'text', { frame: frame(50, 50, 200, 40), fields: words('word') }).deck,
    items: ['long'],
  },
  contrast: {
    bad: start()
      .item('sea', 'picture', { frame: frame(0, 0, 1280, 720), layer: 'backdrop', fields: { picture, alt: 'Sea' } })
      .item('title', 'text', { frame: frame(700, 50, 500, 60), fields: words('Light on light', { color: '#fffcf5' }) })
      .deck,
    good: start()
      .item('sea', 'picture', { frame: frame(0, 0, 1280, 720), layer: 'backdrop', fields: { picture, alt: 'Sea' } })
      .item('title', 'text', { frame: frame(60, 50, 500, 60), fields: words('Light on dark', { color: '#fffcf5' }) })
      .deck,
    items: ['title'],
    colours: () => halves,
  },
  'reading-level': {
    bad: inYear(
      4,
      start()
        .item('task', 'text', {
          frame: frame(50, 50, 900, 400),
          fields: words(
            'Subsequently, investigate the considerable significance of intertidal communities, considering environmental circumstances and the interdependence of organisms inhabiting contaminated estuaries.',
          ),
        })
        .item('answer', 'short-text', { frame: frame(50, 500, 400, 100), fields: { prompt: 'Why?', accepted: ['x'] } })
        .deck,
    ),
    good: inYear(
      4,
      start()
        .item('task', 'text', {
          frame: frame(50, 50, 900, 400),
          fields: words('Look at the mud. Who went here? Say what you see. Then draw it. Now go on to the next one.'),
        })
        .item('answer', 'short-text', { frame: frame(50, 500, 400, 100), fields: { prompt: 'Why?', accepted: ['x'] } })
        .deck,
    ),
    items: ['task'],
  },
  'reading-order': {
    bad: start()
      .item('below', 'text', { frame: frame(50, 300, 600, 60), fields: words('Second') })
      .item('above', 'text', { frame: frame(50, 100, 600, 60), fields: words('First') }).deck,
    good: start()
      .item('above', 'text', { frame: frame(50, 100, 600, 60), fields: words('First') })
      .item('below', 'text', { frame: frame(50, 300, 600, 60), fields: words('Second') }).deck,
    items: ['above'],
  },
  blurred: {
    bad: start().item('owl', 'picture', {
      frame: frame(0, 0, 900, 600),
      fields: { picture, pixels: { width: 200, height: 133 }, alt: 'Owl' },
    }).deck,
    good: start().item('owl', 'picture', {
      frame: frame(0, 0, 900, 600),
      fields: { picture, pixels: { width: 1400, height: 933 }, alt: 'Owl' },
    }).deck,
    items: ['owl'],
  },
  'no-description': {
    bad: start().item('owl', 'picture', { frame: frame(0, 0, 300, 200), fields: { picture } }).deck,
    good: start()
      .item('owl', 'picture', { frame: frame(0, 0, 300, 200), fields: { picture, alt: 'An owl' } })
      .item('sky', 'picture', { layer: 'backdrop', fields: { picture } }).deck,
    items: ['owl'],
  },
  'formula-not-drawn': {
    bad: applyChanges(start().item('sum', 'text', { fields: { text: plainText(String.raw`\(\frac{1\)`) } }).deck, [
      { type: 'set-item', id: 'sum', fields: { formulas: { [String.raw`\(\frac{1\)`]: NOT_DRAWN } } },
    ]),
    // Nobody has drawn the second one yet: that is the application's to do.
    good: applyChanges(
      start()
        .item('sum', 'text', { fields: { text: plainText(String.raw`\(x\)`) } })
        .item('new', 'text', { frame: frame(0, 300, 300, 60), fields: { text: plainText(String.raw`\(y\)`) } }).deck,
      [
        {
          type: 'set-item',
          id: 'sum',
          fields: {
            formulas: { [String.raw`\(x\)`]: { ...NOT_DRAWN, width: 500, height: 500, outline: 'M0 0H500V-500Z' } },
          },
        },
      ],
    ),
    items: ['sum'],
  },
  unfinished: {
    bad: start().item('chart', 'chart', { fields: { title: 'Birds' } }).deck,
    good: start()
      .item('table', 'table', {
        frame: frame(0, 0, 400, 200),
        fields: tableOfWords([
          ['Bird', 'Counted'],
          ['Curlews', '3'],
        ]),
      })
      .item('chart', 'chart', { frame: frame(500, 0, 600, 300), fields: { table: 'table', title: 'Birds' } })
      .item('card', 'web-card', {
        frame: frame(0, 400, 500, 180),
        link: { to: 'web', address: 'https://marsh.example/' },
      }).deck,
    items: ['chart'],
  },
  'no-captions': {
    bad: start().item('call', 'sound', { fields: { file, alt: 'A call' } }).deck,
    good: start()
      .item('call', 'sound', { fields: { file, alt: 'A call', captions: [{ from: 0, to: 1, text: '[call]' }] } })
      .item('wind', 'sound', { fields: { file, alt: 'Wind', along: 'creek' } })
      .item('mute', 'video', { frame: frame(500, 300, 300, 200), fields: { file, alt: 'Tide', volume: 0 } }).deck,
    items: ['call'],
  },
  'no-credit': {
    bad: start().item('owl', 'picture', { frame: frame(0, 0, 300, 200), fields: { picture, alt: 'An owl' } }).deck,
    good: start().item('owl', 'picture', { frame: frame(0, 0, 300, 200), fields: { picture, alt: 'An owl', credit } })
      .deck,
    items: ['owl'],
  },
  'changed-against-licence': {
    bad: start().item('owl', 'picture', {
      frame: frame(0, 0, 300, 200),
      fields: {
        picture,
        alt: 'An owl',
        credit: { ...credit, licence: 'cc-by-nd-4.0' },
        crop: { x: 0, y: 0, width: 0.5, height: 1 },
      },
    }).deck,
    good: start().item('owl', 'picture', {
      frame: frame(0, 0, 300, 200),
      fields: { picture, alt: 'An owl', credit, crop: { x: 0, y: 0, width: 0.5, height: 1 } },
    }).deck,
    items: ['owl'],
  },
  heavy: {
    bad: start().item('film', 'video', { fields: { ...film, bytes: 60_000_000, seconds: 60 } }).deck,
    good: start().item('film', 'video', { fields: { ...film, bytes: 9_000_000, seconds: 60 } }).deck,
    items: ['film'],
  },
  'colour-alone': {
    bad: start()
      .item('red', 'shape', { frame: frame(50, 50, 100, 100), loose: true, fields: { fill: '#aa2222' } })
      .item('green', 'shape', { frame: frame(250, 50, 100, 100), loose: true, fields: { fill: '#22aa22' } }).deck,
    good: start()
      .item('red', 'shape', { frame: frame(50, 50, 100, 100), loose: true, fields: { fill: '#aa2222' } })
      .item('green', 'shape', {
        frame: frame(250, 50, 100, 100),
        loose: true,
        fields: { fill: '#22aa22', shape: 'triangle' },
      }).deck,
    items: ['red', 'green'],
  },
  'broken-link': {
    bad: start()
      .item('sign', 'shape', { link: to('gone') })
      .slide('hide').deck,
    good: start()
      .item('sign', 'shape', { link: to('hide') })
      .slide('hide').deck,
    items: ['sign'],
  },
  unreachable: {
    bad: start()
      .item('sign', 'shape', { link: to('end') })
      .apply(linksOnly('creek'))
      .slide('lost')
      .slide('end').deck,
    good: start().slide('found').deck,
    items: [],
  },
  'dead-end': {
    bad: start()
      .item('sign', 'shape', { link: to('pit') })
      .slide('end')
      .slide('pit', { exits: 'links-only', leftOut: true }).deck,
    good: start().slide('end', { exits: 'links-only', ending: true }).deck,
    items: [],
  },
  'endless-loop': {
    bad: start()
      .apply(linksOnly('creek'))
      .item('on', 'shape', { link: to('reeds') })
      .slide('reeds', { exits: 'links-only' })
      .item('back', 'shape', { link: to('creek') }).deck,
    good: start()
      .item('on', 'shape', { link: to('reeds') })
      .slide('reeds').deck,
    items: [],
  },
  'never-opens': {
    bad: start()
      .item('door', 'shape', { link: { ...to('hide'), gate: { opens: 'seen', slideId: 'hide' } } })
      .apply(linksOnly('creek'))
      .slide('hide').deck,
    good: start()
      .item('door', 'shape', { link: { ...to('hide'), gate: { opens: 'seen', slideId: 'creek' } } })
      .slide('hide').deck,
    items: ['door'],
  },
  'one-target': {
    bad: start()
      .apply(linksOnly('creek'))
      .item('left', 'shape', { frame: frame(50, 50, 200, 80), link: to('hide') })
      .item('right', 'shape', { frame: frame(500, 50, 200, 80), link: to('hide') })
      .slide('hide').deck,
    good: start()
      .apply(linksOnly('creek'))
      .item('left', 'shape', { frame: frame(50, 50, 200, 80), link: to('hide') })
      .item('right', 'shape', { frame: frame(500, 50, 200, 80), link: to('reeds') })
      .slide('hide')
      .slide('reeds').deck,
    items: ['left', 'right'],
  },
  'outside-sections': {
    bad: inSection('hide', start().slide('hide').deck),
    good: inSection('creek', start().slide('hide').deck),
    items: [],
  },
  'outside-slide': {
    bad: start().item('far', 'shape', { frame: frame(1250, 100, 200, 100) }).deck,
    good: start().item('near', 'shape', { frame: frame(1070, 100, 200, 100) }).deck,
    items: ['far'],
  },
  'hotspots-overlap': {
    bad: start()
      .item('a', 'hotspot', { name: 'A', frame: frame(50, 50, 200, 100), link: to('hide') })
      .item('b', 'hotspot', { name: 'B', frame: frame(150, 60, 200, 100, 15), link: to('creek') })
      .slide('hide').deck,
    good: start()
      .item('a', 'hotspot', { name: 'A', frame: frame(50, 50, 200, 100), link: to('hide') })
      .item('b', 'hotspot', { name: 'B', frame: frame(150, 60, 200, 100, 15), link: to('hide') })
      .slide('hide').deck,
    items: ['a', 'b'],
  },
  covered: {
    bad: start()
      .item('under', 'text', { frame: frame(100, 100, 200, 60, 10), fields: words('Under') })
      .item('over', 'shape', { frame: frame(50, 40, 400, 300), fields: { shape: 'sharp-rectangle', fill: PALE } }).deck,
    good: start()
      .item('under', 'text', { frame: frame(100, 100, 200, 60, 10), fields: words('Under') })
      .item('over', 'shape', { frame: frame(50, 110, 400, 300), fields: { shape: 'sharp-rectangle', fill: PALE } })
      .deck,
    items: ['under'],
  },
  'no-key': {
    bad: start().item('who', 'choice', { fields: { prompt: 'Who?', choices: [{ id: 'a', text: 'Otter' }] } }).deck,
    good: start()
      .item('who', 'choice', { fields: { prompt: 'Who?', choices: [{ id: 'a', text: 'Otter' }], right: ['a'] } })
      .item('how', 'choice', { frame: frame(700, 50, 300, 300), fields: { prompt: 'How sure?', form: 'scale' } })
      .item('tell', 'long-text', { frame: frame(50, 400, 500, 200), fields: { prompt: 'Tell it' } }).deck,
    items: ['who'],
  },
  'key-unreachable': {
    bad: start()
      .item('gull', 'shape', { frame: frame(50, 500, 100, 50), loose: true, fields: pieceFields })
      .item('rail', 'shape', { frame: frame(250, 500, 100, 50), loose: true, fields: pieceFields })
      .item('zone', 'zone', {
        frame: frame(50, 50, 600, 300),
        fields: { label: 'Birds', belongs: ['gull', 'rail'], capacity: 1 },
      }).deck,
    good: start()
      .item('gull', 'shape', { frame: frame(50, 500, 100, 50), loose: true, fields: pieceFields })
      .item('rail', 'shape', { frame: frame(250, 500, 100, 50), loose: true, fields: pieceFields })
      .item('zone', 'zone', {
        frame: frame(50, 50, 600, 300),
        fields: { label: 'Birds', belongs: ['gull', 'rail'], capacity: 2 },
      }).deck,
    items: ['zone'],
  },
  'piece-without-zone': {
    bad: start()
      .item('moon', 'shape', { frame: frame(900, 50, 100, 100), loose: true, fields: { text: plainText('moon') } })
      .item('gull', 'shape', { frame: frame(50, 500, 100, 50), loose: true, fields: pieceFields })
      .item('zone', 'zone', { frame: frame(50, 50, 600, 300), fields: { label: 'Birds', belongs: ['gull'] } }).deck,
    good: start()
      .item('gull', 'shape', { frame: frame(50, 500, 100, 50), loose: true, fields: pieceFields })
      .item('zone', 'zone', { frame: frame(50, 50, 600, 300), fields: { label: 'Birds', belongs: ['gull'] } }).deck,
    items: ['moon'],
  },
  'zone-too-small': {
    bad: start()
      .item('gull', 'shape', { frame: frame(50, 500, 300, 120), loose: true, fields: pieceFields })
      .item('zone', 'zone', { frame: frame(50, 50, 200, 100), fields: { label: 'Birds', belongs: ['gull'] } }).deck,
    good: start()
      .item('gull', 'shape', { frame: frame(50, 500, 150, 60), loose: true, fields: pieceFields })
      .item('zone', 'zone', { frame: frame(50, 50, 200, 100), fields: { label: 'Birds', belongs: ['gull'] } }).deck,
    items: ['zone'],
  },
  'unnamed-blank': {
    bad: start()
      .item('text', 'text', { frame: frame(50, 100, 400, 50), fields: words('The tide turns at') })
      .item('blank', 'blank', { frame: frame(470, 100, 160, 50), fields: { accepted: ['ten'] } }).deck,
    good: start().item('blank', 'blank', { name: 'When the tide turns', fields: { accepted: ['ten'] } }).deck,
    items: ['blank'],
  },
  'too-quick': {
    bad: byItself(
      start().item('story', 'text', { frame: frame(50, 50, 1100, 500), fields: words('word '.repeat(75)) }).deck,
      3,
    ),
    good: byItself(
      start().item('story', 'text', { frame: frame(50, 50, 1100, 500), fields: words('word '.repeat(5)) }).deck,
      9,
    ),
    items: [],
  },
  'too-long': {
    bad: inMinutes(1, start().item('tell', 'long-text', { fields: { prompt: 'Tell it' } }).deck),
    good: inMinutes(30, start().item('tell', 'long-text', { fields: { prompt: 'Tell it' } }).deck),
    items: [],
  },
};

function linksOnly(id: string) {
  return [{ type: 'set-slide' as const, id, fields: { exits: 'links-only' as const } }];
}

function inYear(schoolYears: number, deck: Deck): Deck {
  return { ...deck, language: 'en-GB', check: { ...USUAL_CHECK, schoolYears } };
}

function inMinutes(minutes: number, deck: Deck): Deck {
  return { ...deck, check: { ...USUAL_CHECK, minutes } };
}

function byItself(deck: Deck, stays: number): Deck {
  const playing = { ...deck.playing, byItself: true };
  return applyChanges(deck, [
    { type: 'set-deck', fields: { playing } },
    { type: 'set-slide', id: 'creek', fields: { stays } },
  ]);
}

function inSection(before: string, deck: Deck): Deck {
  return applyChanges(deck, addSection(deck, { id: 's', title: 'The marsh', before }));
}

describe.each(Object.keys(rules) as RuleName[])('%s', (rule) => {
  const { bad, good, items, colours } = examples[rule];
  const foundIn = (deck: Deck) => checkDeck(deck, given(deck, colours)).filter((finding) => finding.rule === rule);

  test('is found where it is, and nowhere else', () => {
    const found = foundIn(bad).map((finding) => finding.items);
    // A loop is told on each of its slides.
    expect(found.length).toBe(rule === 'endless-loop' ? 2 : 1);
    for (const named of found) expect(named).toEqual(items);
    expect(foundIn(good)).toEqual([]);
  });

  test('says where it comes from', () => {
    expect(rules[rule].source.length).toBeGreaterThan(10);
  });

  if (rules[rule].mend)
    test('is mended in one step, and nothing else breaks by it', () => {
      const [finding] = foundIn(bad);
      if (!finding) throw new Error('there is nothing to mend');
      const mended = applyChanges(bad, mendFinding(bad, finding, given(bad, colours)));
      expect(foundIn(mended)).toEqual([]);
      const others = (deck: Deck) => checkDeck(deck, given(deck, colours)).map((each) => each.rule);
      expect(others(mended).filter((name) => !others(bad).includes(name))).toEqual([]);
    });
});
