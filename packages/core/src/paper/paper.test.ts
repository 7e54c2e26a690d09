/** Drawn slides on sheets, in SVG and in PDF, by what other programs read of them. */
import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { XMLValidator } from 'fast-xml-parser';
import fc from 'fast-check';
import { addSection } from '../deck/index.js';
import { DeckBuilder } from '../testing/index.js';
import {
  type DrawnMark,
  type DrawnPage,
  fontKey,
  fontsOf,
  handoutSheets,
  inGroups,
  led,
  mapSheet,
  type Matrix,
  notesSheets,
  type PageFont,
  perSheetChoices,
  picturesOn,
  place,
  type Sheet,
  slideSheets,
  STILL,
  studentSheets,
  takenBack,
  worksheetSheets,
  writePdf,
  writeSvg,
} from './index.js';

const font: PageFont = { url: '/a.woff2', family: 'DejaVu Sans', weight: 400 };
const bytes = new Uint8Array(
  readFileSync(createRequire(__filename).resolve('@fontsource/dejavu-sans/files/dejavu-sans-latin-400-normal.woff2')),
);
const base = { matrix: STILL, seen: 1, cuts: [], group: null, part: null, itemId: null } as const;
const ink = [20, 30, 40, 1] as const;

const run = (text: string, y: number, more: Partial<DrawnMark> = {}): DrawnMark =>
  ({
    kind: 'run',
    ...base,
    text,
    x: 50,
    y,
    width: text.length * 15,
    size: 30,
    font,
    colour: ink,
    slanted: false,
    ...more,
  }) as DrawnMark;
const box = (x: number, itemId: string | null = null): DrawnMark => ({
  kind: 'path',
  ...base,
  itemId,
  d: `M${x} 20h40v30h-40Z`,
  fill: [200, 80, 40, 1],
  stroke: { colour: ink, width: 2, dash: [4, 3], cap: 'round', join: 'round' },
});
const page = (slideId: string, marks: readonly DrawnMark[], more: Partial<DrawnPage> = {}): DrawnPage => ({
  slideId,
  width: 1280,
  height: 720,
  marks,
  cuts: [],
  groups: [],
  parts: [],
  links: [],
  ...more,
});

const builder = new DeckBuilder()
  .slide('gate')
  .item('shell', 'shape')
  .apply([{ type: 'set-item', id: 'shell', fields: { loose: true } }])
  .slide('home');
builder.apply(addSection(builder.deck, { id: 'out', title: 'Out', before: 'gate' }));
const { deck } = builder.apply(addSection(builder.deck, { id: 'homeward', title: 'Home', before: 'home' }));
const words = {
  slideName: (id: string) => `The ${id}`,
  nameLine: 'Name:',
  dateLine: 'Date:',
  cutOut: (slide: string) => `Cut out for ${slide}`,
  key: (slide: string) => `Key: ${slide}`,
};

const written = (sheets: readonly Sheet[], title = 'Night walk') =>
  writePdf(sheets, {
    title,
    language: 'en',
    fonts: new Map([[fontKey(font), bytes]]),
    pictures: new Map(),
    wordFonts: { plain: [font], bold: [font] },
  });

/** What a program says of a PDF; with its output in UTF-8. */
async function asked(pdf: Uint8Array, program: string, args: (path: string) => readonly string[]): Promise<string> {
  const path = join(mkdtempSync(join(tmpdir(), 'pdf-')), 'a.pdf');
  writeFileSync(path, pdf);
  return execFileSync(program, args(path), { encoding: 'utf8', env: { ...process.env, LC_ALL: 'C.UTF-8' } });
}

const matrices: fc.Arbitrary<Matrix> = fc
  .tuple(
    fc.integer({ min: -179, max: 180 }),
    fc.integer({ min: 1, max: 40 }),
    fc.integer({ min: -500, max: 500 }),
    fc.integer({ min: -500, max: 500 }),
  )
  .map(([degrees, scale, x, y]) => {
    const [cos, sin] = [Math.cos((degrees * Math.PI) / 180), Math.sin((degrees * Math.PI) / 180)];
    return [(cos * scale) / 10, (sin * scale) / 10, (-sin * scale) / 10, (cos * scale) / 10, x, y];
  });

describe('matrices', () => {
  test('what one does, its opposite takes back', () => {
    fc.assert(
      fc.property(
        matrices,
        fc.integer({ min: -900, max: 900 }),
        fc.integer({ min: -900, max: 900 }),
        (matrix, x, y) => {
          const [backX, backY] = place(led(takenBack(matrix), matrix), x, y);
          expect(backX).toBeCloseTo(x, 6);
          expect(backY).toBeCloseTo(y, 6);
        },
      ),
    );
  });

  test('one after the other does what both do', () => {
    fc.assert(
      fc.property(matrices, matrices, (outer, inner) => {
        const [x, y] = place(led(outer, inner), 3, 7);
        const [alsoX, alsoY] = place(outer, ...place(inner, 3, 7));
        expect([x, y]).toEqual([expect.closeTo(alsoX, 6), expect.closeTo(alsoY, 6)]);
      }),
    );
  });

  test('what flattens everything cannot be taken back', () => {
    expect(() => takenBack([1, 1, 1, 1, 0, 0])).toThrow(RangeError);
  });
});

describe('what pages are made of', () => {
  test('each font once, each picture in the largest size it is drawn in', () => {
    const picture = (scale: number): DrawnMark => ({
      kind: 'picture',
      ...base,
      matrix: [scale, 0, 0, scale, 0, 0],
      picture: 'owl',
      x: 0,
      y: 0,
      width: 100,
      height: 50,
    });
    const pages = [page('gate', [run('a', 10), picture(1)]), page('home', [run('b', 10), picture(3), picture(2)])];
    expect(fontsOf(pages)).toEqual([font]);
    expect(picturesOn(pages).get('owl')).toEqual({ width: 300, height: 150 });
  });

  test('marks of a group stay together, in their order', () => {
    const marks = [null, 0, 0, null, 1].map((group, at) => ({ ...box(at), group }));
    expect(inGroups(marks).map(({ group, marks: run }) => [group, run.length])).toEqual([
      [null, 1],
      [0, 2],
      [null, 1],
      [1, 1],
    ]);
  });
});

describe('sheets', () => {
  const pages = [page('gate', [box(10)]), page('home', [box(20)])];

  test('a slide a sheet, with the sections that begin there in the table of contents', () => {
    const sheets = slideSheets(deck, pages, words);
    expect(sheets.map(({ width, height }) => [width, height])).toEqual([
      [960, 540],
      [960, 540],
    ]);
    expect(sheets.flatMap(({ bookmarks }) => bookmarks)).toEqual([
      { title: 'Out', depth: 0 },
      { title: 'The gate', depth: 1 },
      { title: 'Home', depth: 0 },
      { title: 'The home', depth: 1 },
    ]);
  });

  test.each(perSheetChoices.filter((count) => count > 1))(
    '%i a sheet: all of them lie on it, none over another',
    (perSheet) => {
      const many = Array.from({ length: 7 }, (_, at) => page(`s${at}`, []));
      const sheets = handoutSheets(deck, many, perSheet, words);
      expect(sheets).toHaveLength(Math.ceil(7 / perSheet));
      for (const { layers, width, height } of sheets) {
        const frames = layers.flatMap((layer) =>
          layer.kind === 'page' && layer.page.width > 0
            ? [
                {
                  x: layer.at[4],
                  y: layer.at[5],
                  right: layer.at[4] + 1280 * layer.at[0],
                  bottom: layer.at[5] + 720 * layer.at[3],
                },
              ]
            : [],
        );
        frames.forEach((one, at) => {
          expect(one.x).toBeGreaterThan(0);
          expect(one.y).toBeGreaterThan(0);
          expect(one.right).toBeLessThan(width);
          expect(one.bottom).toBeLessThan(height);
          for (const other of frames.slice(at + 1))
            expect(one.right <= other.x || other.right <= one.x || one.bottom <= other.y || other.bottom <= one.y).toBe(
              true,
            );
        });
      }
    },
  );

  test('worksheets: one for each name, pieces apart and cut out, the key at the end', () => {
    const marks = [box(10), box(90, 'shell')];
    const sheets = worksheetSheets(
      deck,
      { pages: [page('gate', marks)], keys: [page('gate', marks)], names: ['Ada', 'Bo'] },
      words,
    );
    const said = sheets.map(({ layers }) => layers.flatMap((layer) => (layer.kind === 'words' ? [layer.text] : [])));
    expect(said.map(([first]) => first)).toEqual([
      'Ada',
      'Ada · Cut out for The gate',
      'Bo',
      'Bo · Cut out for The gate',
      'Key: The gate',
    ]);
    const items = sheets.map(({ layers }) =>
      layers.flatMap((layer) => (layer.kind === 'page' ? layer.page.marks.flatMap(({ itemId }) => itemId ?? []) : [])),
    );
    expect(items).toEqual([[], ['shell'], [], ['shell'], ['shell']]);
  });

  test('the map has every slide, within the sheet, and a way to it', () => {
    const layout = { places: { gate: { x: 0, y: 0 }, home: { x: 900, y: 300 } }, bends: {} };
    const { layers, width, height } = mapSheet(deck, pages, layout, words);
    const cards = layers.filter((layer) => layer.kind === 'page' && layer.page.width > 0);
    expect(cards).toHaveLength(2);
    for (const layer of cards) {
      if (layer.kind !== 'page') continue;
      expect(layer.at[4] + 1280 * layer.at[0]).toBeLessThan(width);
      expect(layer.at[5] + 720 * layer.at[3]).toBeLessThan(height);
    }
    expect(layers.filter(({ kind }) => kind === 'words')).toHaveLength(3);
  });
});

describe('as SVG', () => {
  const marks = [
    box(10),
    run('Rock & <pool> "low"', 100, { slanted: true }),
    { ...box(80), group: 0 },
    { ...box(99), cuts: [0] },
  ];
  const drawn = page('gate', marks, { groups: [0.5], cuts: [{ d: 'M0 0h50v50Z', matrix: STILL }] });
  const svg = writeSvg(drawn, {
    title: 'Gate & tide',
    picture: (id) => id,
    font: () => 'url(data:font/woff2;base64,AA)',
  });

  test('is well formed, and its words are words', () => {
    expect(XMLValidator.validate(svg)).toBe(true);
    expect(svg).toContain('Rock &amp; &lt;pool&gt; &quot;low&quot;</text>');
    expect(svg).toContain('<title>Gate &amp; tide</title>');
  });

  test('has its groups, its cuts and its font', () => {
    expect(svg).toContain('<g opacity="0.5">');
    expect(svg).toContain('<g clip-path="url(#cut0)">');
    expect(svg).toMatch(/@font-face\{font-family:"(\w+)"[^}]*\}[\s\S]*font-family="\1, DejaVu Sans"/);
  });
});

describe('as PDF', () => {
  const parts = [
    { role: 'P', within: null, alt: '', language: null },
    { role: 'H1', within: null, alt: '', language: null },
    { role: 'Figure', within: null, alt: 'a barn owl', language: null },
  ] as const;
  const first = page(
    'gate',
    [
      run('The tide turns at ten.', 200, { part: 0 }),
      run('Dusk at the gate', 80, { part: 1 }),
      { ...box(300), part: 2 },
      { ...box(400), group: 0 },
    ],
    {
      groups: [0.4],
      parts: [parts[0], parts[1], parts[2]],
      links: [
        { x: 40, y: 170, width: 300, height: 40, to: { slideId: 'home' }, part: null },
        { x: 40, y: 300, width: 300, height: 40, to: { address: 'https://tides.example/today' }, part: null },
        { x: 40, y: 400, width: 300, height: 40, to: { slideId: 'gone' }, part: null },
      ],
    },
  );
  const pages = [first, page('home', [run('Home again', 100)])];

  test('holds against another program, which reads its words, and where its links lead', async () => {
    const pdf = await written(slideSheets(deck, pages, words));
    expect(await asked(pdf, 'qpdf', (path) => ['--check', path])).toContain('No syntax or stream encoding errors');
    expect(await asked(pdf, 'pdftotext', (path) => ['-f', '2', path, '-'])).toContain('Home again');
    expect(await asked(pdf, 'pdfinfo', (path) => ['-url', path])).toContain('https://tides.example/today');
    const plain = await asked(pdf, 'qpdf', (path) => ['--qdf', '--object-streams=disable', path, '-']);
    expect(plain).toContain('/S /GoTo');
    expect(plain.match(/\/S \/GoTo/g)).toHaveLength(1);
    expect(plain).toContain('/S /Transparency');
    // A link shows its slide from the top: 540 points up from the foot of the sheet.
    expect(plain).toMatch(/\/XYZ\s+0\s+540\s+null/);
  });

  test('is read out by its parts: the title first, whatever was drawn first, and what a picture shows', async () => {
    const pdf = await written(slideSheets(deck, pages, words));
    const said = await asked(pdf, 'pdfinfo', (path) => ['-struct-text', path]);
    expect(said.indexOf('Dusk at the gate')).toBeGreaterThan(0);
    expect(said.indexOf('Dusk at the gate')).toBeLessThan(said.indexOf('The tide turns at ten.'));
    expect(await asked(pdf, 'qpdf', (path) => ['--qdf', '--object-streams=disable', path, '-'])).toContain(
      '/Alt (a barn owl)',
    );
  });

  test('long notes go on on a sheet of their own, with no word lost', async () => {
    const notes = Array.from({ length: 900 }, (_, at) => `word${at}`).join(' ');
    const noted = { ...deck, slides: { ...deck.slides, gate: { ...deck.slides['gate'], notes } } } as typeof deck;
    const pdf = await written(notesSheets(noted, [page('gate', [])], words));
    const text = await asked(pdf, 'pdftotext', (path) => [path, '-']);
    expect(text.match(/word\d+/g)).toHaveLength(900);
    expect(await asked(pdf, 'pdfinfo', (path) => [path])).toMatch(/Pages: +[2-9]/);
  });

  test('what students did: two slides a sheet, each student on sheets of their own, and no word said to them lost', async () => {
    const done = (caption: string, said = '') => ({ page: page(caption, [run(caption, 80)]), caption, said });
    const long = Array.from({ length: 500 }, (_, at) => `said${at}`).join(' ');
    const sheets = studentSheets([
      {
        name: 'Noor Ashby',
        facts: 'Tides, 3 of 4',
        pages: [done('one'), done('two', 'Well seen.'), done('three', long)],
      },
      { name: 'Dov Kestrel', facts: '', pages: [done('four'), done('five', long), done('six')] },
      { name: 'Ada Finch', facts: '', pages: [] },
    ]);
    const slidesOn = sheets.map(({ layers }) =>
      layers.flatMap((layer) => (layer.kind === 'page' ? layer.page.slideId : [])),
    );
    expect(slidesOn).toEqual([['one', 'two'], ['three'], ['four'], ['five'], ['six'], []]);
    expect(sheets.flatMap(({ bookmarks }) => bookmarks.map(({ title }) => title))).toEqual([
      'Noor Ashby',
      'Dov Kestrel',
      'Ada Finch',
    ]);
    const pdf = await written(sheets);
    const text = await asked(pdf, 'pdftotext', (path) => [path, '-']);
    expect(text.match(/said\d+/g)).toHaveLength(1000);
    expect(text).toMatch(/Tides, 3 of 4[\s\S]*Well seen\./);
    expect(await asked(pdf, 'qpdf', (path) => ['--check', path])).toContain('No syntax');
  });

  test('parts of which nothing is drawn do not keep it waiting', async () => {
    const empty = page('gate', [box(10)], { parts: [{ role: 'P', within: null, alt: '', language: null }] });
    const pdf = await written(slideSheets(deck, [empty], words));
    expect(await asked(pdf, 'qpdf', (path) => ['--check', path])).toContain('No syntax');
  });

  test('a font that is not there is said, not written around', async () => {
    const other = { ...font, url: '/b.woff2' };
    const sheets = slideSheets(deck, [page('gate', [run('a', 10, { font: other } as never)])], words);
    await expect(written(sheets)).rejects.toThrow('/b.woff2');
  });
});
