/** Presentations that others wrote, hand-made ones after the standards, and hostile ones. */
import { readFileSync } from 'node:fs';
import { strToU8, zipSync } from 'fflate';
import {
  cellsOf,
  emptyDeck,
  type Item,
  itemsOf,
  lettersOf,
  readDeck,
  sectionsAround,
  slidesInOrder,
} from '../../deck/index.js';
import { readMarkdown } from '../markdown/index.js';
import { readPresentation } from './read-presentation.js';

const fixture = (name: string) =>
  new Uint8Array(readFileSync(new URL(`../../../../../e2e/fixtures/presentations/${name}`, import.meta.url)));

function read(bytes: Uint8Array) {
  const found = readPresentation(bytes, emptyDeck('File'));
  if ('fault' in found) throw new Error(found.fault);
  expect(readDeck(JSON.parse(JSON.stringify(found.deck)))).toEqual({ deck: found.deck, problems: [] });
  const slides = slidesInOrder(found.deck).map((slide) => ({ ...slide, items: itemsOf(found.deck, slide.id) }));
  return { ...found, slides };
}
const faultOf = (bytes: Uint8Array) => {
  const found = readPresentation(bytes, emptyDeck('File'));
  return 'fault' in found ? found.fault : 'read';
};
const wordsOf = (item: Item | undefined) =>
  item?.kind === 'text' || item?.kind === 'shape' ? lettersOf(item.text) : undefined;
const kindsOn = (items: readonly Item[]) => items.map(({ kind }) => kind);

describe('files of independent writers', () => {
  test.each(['tides.pptx', 'tides.odp'])('%s: words, lists, links, notes, a table and a hidden slide', (name) => {
    const { slides } = read(fixture(name));
    expect(slides.map(({ leftOut }) => leftOut)).toEqual([false, false, true]);
    const [one, two, three] = slides;
    expect(one?.notes.split('\n')[0]).toBe('Ask who has seen the sea.');
    expect(one?.items.map(wordsOf).join('\n')).toMatch(/The moon pulls/);
    const jump = one?.items.find((item) => wordsOf(item) === 'To the birds');
    expect(jump?.link).toEqual({ to: 'slide', slideId: two?.id });
    const table = two?.items.find((item) => item.kind === 'table');
    expect(table?.kind === 'table' && cellsOf(table).map(({ text }) => lettersOf(text))).toEqual([
      'Hour',
      'Curlews',
      '6',
      '12',
      '7',
      '18',
    ]);
    expect(kindsOn(three?.items ?? [])).toContain('picture');
  });

  test('lists keep their levels and their kinds', () => {
    const { slides } = read(fixture('tides.pptx'));
    const list = slides[0]?.items.find((item) => wordsOf(item)?.startsWith('The moon'));
    expect(list?.kind === 'text' && list.text.content.map(({ type }) => type)).toEqual(['bulletList', 'orderedList']);
    const [bullets] = list?.kind === 'text' ? list.text.content : [];
    expect(bullets?.type === 'bulletList' && bullets.content[0]?.content.map(({ type }) => type)).toEqual([
      'paragraph',
      'bulletList',
    ]);
  });

  test('charts come with their figures, in the form that is nearest', () => {
    const { slides, left } = read(fixture('charts.pptx'));
    const forms = slides.map(({ items }) => items.find((item) => item.kind === 'chart'));
    expect(forms.map((chart) => (chart?.kind === 'chart' ? chart.form : null))).toEqual([
      'bars',
      'lines',
      'parts',
      'parts',
      'lines',
      null,
    ]);
    for (const { items } of slides) expect(items.some(({ kind }) => kind === 'table')).toBe(true);
    expect(left.some(({ row, why }) => row === 6 && JSON.stringify(why).includes('charts-as-tables'))).toBe(true);
  });

  test('pictures keep crop, shape, mirror and description; bytes come once', () => {
    const { slides, contents } = read(fixture('pictures.pptx'));
    const [cut, round] = slides[0]?.items ?? [];
    expect(contents).toHaveLength(1);
    expect(cut?.kind === 'picture' && cut.crop.x).toBeCloseTo(1 / 6, 3);
    expect(round).toMatchObject({ kind: 'picture', shape: 'ellipse', flippedAcross: true, opacity: 0.5 });
    expect(read(fixture('tides.pptx')).slides[2]?.items[0]).toMatchObject({
      alt: 'A barn owl',
      frame: { rotation: 15 },
    });
  });

  test('placeholders take what they do not say from their layout; what a master shows lies behind', () => {
    const { slides } = read(fixture('masters.pptx'));
    for (const { items, background, numbered } of slides) {
      expect([background, numbered]).toEqual(['#17262b', true]);
      expect(items.filter(({ layer }) => layer === 'backdrop').map(wordsOf)).toEqual(['', 'Marram Bay School']);
      expect(items.find(({ role }) => role === 'title')?.frame).toMatchObject({ x: 48, width: 1152 });
    }
    expect(slides.map(({ items }) => wordsOf(items.find(({ role }) => role === 'title')))).toEqual(['First', 'Second']);
  });

  test('shapes are those of ours, or the nearest, which is told', () => {
    for (const name of ['shapes.pptx', 'shapes.odp']) {
      const { slides, left } = read(fixture(name));
      const shapes = (slides[0]?.items ?? []).flatMap((item) => (item.kind === 'shape' ? [item.shape] : []));
      expect(shapes).toEqual(
        expect.arrayContaining(['sharp-rectangle', 'ellipse', 'diamond', 'hexagon', 'star', 'heart']),
      );
      expect(JSON.stringify(left)).toContain('nearest-shapes');
    }
  });

  test.each(['languages.pptx', 'portrait.odp'])('%s: letters of all languages come through', (name) => {
    const said = read(fixture(name)).slides[0]?.items.map(wordsOf);
    expect(said).toEqual(expect.arrayContaining(['Ñandú & <pingüino>', '月が海を引く']));
  });

  test('sections come with their slides, notes and links stay', () => {
    const { deck, slides } = read(fixture('sections.pptx'));
    const sections = Object.values(deck.sections).map(({ title }) => title);
    expect(sections.sort()).toEqual(['Home', 'In the marsh', 'On the dune']);
    const of = (name: string) =>
      sectionsAround(deck, slides.find((slide) => slide.name === name)?.id ?? '').map(({ title }) => title);
    expect([of('Grass'), of('Crabs'), of('The way back')]).toEqual([['On the dune'], ['In the marsh'], ['Home']]);
    for (const { name, notes, items } of slides) {
      expect(notes).toBe(`Say something about: ${name}`);
      expect(items.map(({ link }) => link)).toContainEqual({ to: 'slide', slideId: slides[0]?.id });
    }
  });

  test('merged cells come apart with their words, which is told', () => {
    const { slides, left } = read(fixture('merged.pptx'));
    const table = slides[0]?.items.find((item) => item.kind === 'table');
    const cells = table?.kind === 'table' ? cellsOf(table).map(({ text }) => lettersOf(text)) : [];
    expect(cells).toEqual(['Who lives where', '', '', 'Zone', 'Low water', 'High water', '', 'Crab', 'Periwinkle']);
    expect(JSON.stringify(left)).toContain('merged-cells');
  });

  test('a sound is one, whatever its writer calls it; what lies elsewhere is left there, and told', () => {
    const { slides, contents, left } = read(fixture('media.pptx'));
    const kinds = kindsOn(slides[0]?.items ?? []);
    expect(kinds).toEqual(['text', 'sound', 'picture']);
    const sound = slides[0]?.items.find((item) => item.kind === 'sound');
    expect(sound?.kind === 'sound' && contents.some(({ bytes }) => bytes.length === sound.bytes)).toBe(true);
    expect(JSON.stringify(left)).toContain('linked-files');
  });

  test('sixty slides in a ring of links stay one', () => {
    const { slides } = read(fixture('long.pptx'));
    expect(slides).toHaveLength(60);
    slides.forEach(({ items }, at) => {
      const on = items.find((item) => wordsOf(item) === 'On');
      expect(on?.link).toEqual({ to: 'slide', slideId: slides[(at + 1) % 60]?.id });
    });
  });

  test('figures of another writer', () => {
    const table = read(fixture('figures-otherwise.pptx')).slides[0]?.items.find((item) => item.kind === 'table');
    expect(table?.kind === 'table' && cellsOf(table).map(({ text }) => lettersOf(text))).toEqual([
      ...['Hour', 'Dunlins', '6', '40', '7', '64'],
    ]);
  });

  test('groups within groups, lines that stay tied, what is turned, and an outline of its own', () => {
    const { slides } = read(fixture('groups.odp'));
    const items = slides[0]?.items ?? [];
    const [high, low, turned] = ['High water', 'Low water', 'Turned'].map((words) =>
      items.find((item) => wordsOf(item) === words),
    );
    expect([high?.groups.length, low?.groups.length]).toEqual([1, 2]);
    expect(low?.groups).toContain(high?.groups[0]);
    const line = items.find(({ kind }) => kind === 'line');
    expect(line?.kind === 'line' && [line.from, line.to]).toEqual([
      expect.objectContaining({ at: high?.id }),
      expect.objectContaining({ at: low?.id }),
    ]);
    expect(turned?.frame.rotation).toBeCloseTo(330, 3);
    expect(kindsOn(items)).toContain('picture');
  });

  test('placeholders of an OpenDocument master become parts of layouts; empty ones are none', () => {
    const { slides } = read(fixture('layouts.odp'));
    expect(slides.map(({ items }) => items.map(({ role }) => role))).toEqual([
      ['title', 'body'],
      ['title', 'body'],
    ]);
    expect(slides.map(({ items }) => wordsOf(items[0]))).toEqual(['Title 1', 'Title 2']);
  });

  test('one document without a package, as a writer makes it', () => {
    const { slides, deck } = read(fixture('flat.fodp'));
    expect(deck.title).toBe('In one document');
    expect(slides[0]?.items.map(wordsOf)).toEqual(['Everything in one piece']);
  });

  test('the size of pages is kept', () => {
    expect(read(fixture('portrait.odp')).deck.size).toBe('a4-portrait');
    expect(read(fixture('otherwise.pptx')).deck).toMatchObject({ size: '4:3', title: 'Written otherwise' });
  });
});

describe('texts', () => {
  const textOf = (name: string) => new TextDecoder().decode(fixture(name));

  test('Markdown as people write it: slides, lists, marks, links among slides and to the web', () => {
    const { deck, unread } = readMarkdown(textOf('tides.md'), emptyDeck('Tides'));
    const slides = slidesInOrder(deck);
    expect(slides.map(({ name }) => name)).toEqual(['The tide', 'Birds at low water', 'Home']);
    const linked = JSON.stringify(deck.items);
    expect(linked).toContain(`{"to":"slide","slideId":"${slides[0]?.id}"}`);
    expect(linked).toContain('{"to":"web","address":"https://marrambay.example/tides"}');
    expect(unread).toEqual([]);
  });

  test('an outline: what begins at the margin is a slide, what is further in stands on it', () => {
    const { deck, unread } = readMarkdown(textOf('outline.txt'), emptyDeck('Tides'));
    const slides = slidesInOrder(deck);
    expect(slides.map(({ name }) => name)).toEqual(['The tide', 'Birds at low water', 'Home']);
    expect(
      itemsOf(deck, slides[1]?.id ?? '')
        .map(wordsOf)
        .join('\n'),
    ).toContain('Curlews\nDunlins');
    expect(unread).toEqual([]);
  });
});

/** The least that a presentation of Office Open XML has, with one slide. */
function hand(slide: string, more: Readonly<Record<string, string | Uint8Array>> = {}, encode = strToU8) {
  const office = 'http://purl.oclc.org/ooxml/officeDocument/relationships';
  const relations = (...each: readonly (readonly [string, string, string])[]) =>
    `<rel:Relationships xmlns:rel="http://schemas.openxmlformats.org/package/2006/relationships">${each
      .map(([id, type, target]) => `<rel:Relationship Id="${id}" Type="${office}/${type}" Target="${target}"/>`)
      .join('')}</rel:Relationships>`;
  const parts: Record<string, string | Uint8Array> = {
    '[Content_Types].xml': '<Types xmlns="http://schemas.openxmlformats.org/package/2006/content-types"/>',
    '_rels/.rels': relations(['r1', 'officeDocument', 'ppt/main.xml']),
    'ppt/main.xml':
      '<q:presentation xmlns:q="http://purl.oclc.org/ooxml/presentationml/main" xmlns:z="http://purl.oclc.org/ooxml/officeDocument/relationships"><q:sldIdLst><q:sldId id="256" z:id="r1"/></q:sldIdLst><q:sldSz cx="9144000" cy="6858000"/></q:presentation>',
    'ppt/_rels/main.xml.rels': relations(['r1', 'slide', 'deep/one.xml']),
    'ppt/deep/one.xml': `<q:sld xmlns:q="http://purl.oclc.org/ooxml/presentationml/main" xmlns:d="http://purl.oclc.org/ooxml/drawingml/main" xmlns:z="http://purl.oclc.org/ooxml/officeDocument/relationships"><q:cSld><q:spTree>${slide}</q:spTree></q:cSld></q:sld>`,
    ...more,
  };
  return zipSync(
    Object.fromEntries(
      Object.entries(parts).map(([path, text]) => [path, typeof text === 'string' ? encode(text) : text]),
    ),
  );
}
const said = (words: string, more = '') =>
  `<q:sp><q:nvSpPr><q:cNvPr id="2" name="">${more}</q:cNvPr><q:cNvSpPr/><q:nvPr/></q:nvSpPr><q:spPr><d:xfrm><d:off x="952500" y="952500"/><d:ext cx="1905000" cy="952500"/></d:xfrm></q:spPr><q:txBody><d:bodyPr/><d:p><d:r><d:t>${words}</d:t></d:r></d:p></q:txBody></q:sp>`;

describe('hand-made files', () => {
  test('strict names under other prefixes, parts in other places, none of those that may be missing', () => {
    const { slides, deck } = read(hand(said('Strictly')));
    expect(deck.size).toBe('4:3');
    expect(slides[0]?.items.map((item) => [wordsOf(item), item.frame.x])).toEqual([['Strictly', 100]]);
  });

  test('parts in UTF-16, whichever byte comes first', () => {
    const utf16 = (isLittle: boolean) => (text: string) => {
      const bytes = new Uint8Array(2 + text.length * 2);
      bytes.set(isLittle ? [0xff, 0xfe] : [0xfe, 0xff]);
      [...Array(text.length).keys()].forEach((at) => {
        const code = text.charCodeAt(at);
        bytes.set(isLittle ? [code & 255, code >> 8] : [code >> 8, code & 255], 2 + at * 2);
      });
      return bytes;
    };
    for (const isLittle of [true, false])
      expect(wordsOf(read(hand(said('Ñandú 月'), {}, utf16(isLittle))).slides[0]?.items[0])).toBe('Ñandú 月');
  });

  test('links that do harm lead nowhere, and are told', () => {
    const press = (id: string, action: string) => `<d:hlinkClick z:id="${id}" action="${action}"/>`;
    const relation = (target: string) => ({
      'ppt/deep/_rels/one.xml.rels': `<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships"><Relationship Id="r9" Type="x/hyperlink" Target="${target}" TargetMode="External"/></Relationships>`,
    });
    const bad = read(hand(said('Press', press('r9', '')), relation('javascript:alert(1)')));
    expect(bad.slides[0]?.items[0]?.link).toBeNull();
    expect(JSON.stringify(bad.left)).toContain('links-left');
    const program = read(hand(said('Press', press('r9', 'ppaction://program')), relation('https://x.example/a.exe')));
    expect(program.slides[0]?.items[0]?.link).toBeNull();
    expect(JSON.stringify(program.left)).toContain('programs');
    const good = read(hand(said('Press', press('r9', '')), relation('https://marrambay.example')));
    expect(good.slides[0]?.items[0]?.link).toEqual({ to: 'web', address: 'https://marrambay.example' });
  });

  test('a ready diagram is the shapes that its file keeps of it, and told where it keeps none', () => {
    const frame =
      '<q:graphicFrame><q:nvGraphicFramePr><q:cNvPr id="4" name="Cycle"/></q:nvGraphicFramePr><q:xfrm><d:off x="952500" y="1905000"/><d:ext cx="5715000" cy="2857500"/></q:xfrm><d:graphic><d:graphicData uri="http://schemas.openxmlformats.org/drawingml/2006/diagram"><g:relIds xmlns:g="http://schemas.openxmlformats.org/drawingml/2006/diagram" z:dm="r7" z:lo="r8"/></d:graphicData></d:graphic></q:graphicFrame>';
    const relations = (...targets: readonly (readonly [string, string])[]) => ({
      'ppt/deep/_rels/one.xml.rels': `<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships">${targets
        .map(([id, target]) => `<Relationship Id="${id}" Type="x/diagram" Target="${target}"/>`)
        .join('')}</Relationships>`,
    });
    const data =
      '<g:dataModel xmlns:g="http://schemas.openxmlformats.org/drawingml/2006/diagram"><g:extLst><e:ext xmlns:e="http://schemas.openxmlformats.org/drawingml/2006/main"><s:dataModelExt xmlns:s="http://schemas.microsoft.com/office/drawing/2008/diagram" relId="r9"/></e:ext></g:extLst></g:dataModel>';
    const shape = (words: string, x: number) =>
      `<s:sp><s:nvSpPr><s:cNvPr id="0" name=""/><s:cNvSpPr/></s:nvSpPr><s:spPr><d:xfrm><d:off x="${x}" y="0"/><d:ext cx="952500" cy="952500"/></d:xfrm><d:prstGeom prst="ellipse"/><d:solidFill><d:srgbClr val="0F5C5A"/></d:solidFill></s:spPr><s:txBody><d:bodyPr/><d:p><d:r><d:t>${words}</d:t></d:r></d:p></s:txBody></s:sp>`;
    const drawing = `<s:drawing xmlns:s="http://schemas.microsoft.com/office/drawing/2008/diagram" xmlns:d="http://schemas.openxmlformats.org/drawingml/2006/main"><s:spTree>${shape('Ebb', 0)}${shape('Flood', 1905000)}</s:spTree></s:drawing>`;
    const parts = { 'ppt/deep/data.xml': data, 'ppt/deep/drawing.xml': drawing };
    const found = read(hand(frame, { ...parts, ...relations(['r7', 'data.xml'], ['r9', 'drawing.xml']) }));
    const items = found.slides[0]?.items ?? [];
    expect(items.map((item) => [item.kind, wordsOf(item), item.frame.x, item.frame.y])).toEqual([
      ['shape', 'Ebb', 100, 200],
      ['shape', 'Flood', 300, 200],
    ]);
    expect(new Set(items.map(({ groups }) => groups.join())).size).toBe(1);
    expect(JSON.stringify(found.left)).not.toContain('ready-diagrams');
    const bare = read(hand(frame, { 'ppt/deep/data.xml': data, ...relations(['r7', 'data.xml']) }));
    expect(JSON.stringify(bare.left)).toContain('ready-diagrams');
  });

  test('one document of XML without a package', () => {
    const flat = `<?xml version="1.0"?><office:document xmlns:office="urn:oasis:names:tc:opendocument:xmlns:office:1.0" xmlns:draw="urn:oasis:names:tc:opendocument:xmlns:drawing:1.0" xmlns:text="urn:oasis:names:tc:opendocument:xmlns:text:1.0" xmlns:svg="urn:oasis:names:tc:opendocument:xmlns:svg-compatible:1.0"><office:body><office:presentation><draw:page draw:name="Flat"><draw:frame svg:x="1in" svg:y="2in" svg:width="3in" svg:height="1in"><draw:text-box><text:p>In one piece</text:p></draw:text-box></draw:frame></draw:page></office:presentation></office:body></office:document>`;
    const { slides } = read(strToU8(flat));
    expect(slides[0]?.items.map((item) => [wordsOf(item), item.frame.x, item.frame.y])).toEqual([
      ['In one piece', 96, 192],
    ]);
  });
});

describe('hostile files are refused, or read without what is hostile', () => {
  test('what is no presentation', () => {
    expect(faultOf(strToU8('just words'))).toBe('no-presentation');
    expect(faultOf(zipSync({ 'a.txt': strToU8('a') }))).toBe('no-presentation');
    expect(faultOf(new Uint8Array([0x50, 0x4b, 3, 4, 9, 9]))).toBe('broken');
    expect(faultOf(new Uint8Array([0xd0, 0xcf, 0x11, 0xe0]))).toBe('locked');
    expect(faultOf(hand('').slice(0, 300))).toBe('broken');
  });

  test('bombs: a zip that is larger than may be, and far too many parts', () => {
    const zeros = new Uint8Array(70_000_000);
    const bomb = zipSync(Object.fromEntries(Array.from({ length: 10 }, (_none, at) => [`ppt/${at}.xml`, zeros])));
    expect(bomb.length).toBeLessThan(5_000_000);
    expect(faultOf(bomb)).toBe('too-large');
    const parts = Object.fromEntries(Array.from({ length: 20_001 }, (_none, at) => [`p${at}`, new Uint8Array()]));
    expect(faultOf(zipSync(parts))).toBe('too-large');
  }, 60_000);

  test('entities and document types are not read, paths lead nowhere outside', () => {
    const entities = hand(said('x'), {
      'ppt/deep/one.xml':
        '<!DOCTYPE a [<!ENTITY b "c">]><q:sld xmlns:q="http://purl.oclc.org/ooxml/presentationml/main">&b;</q:sld>',
    });
    expect(read(entities).slides[0]?.items).toEqual([]);
    const outside = hand(said('x'), {
      'ppt/_rels/main.xml.rels':
        '<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships"><Relationship Id="r1" Type="x/slide" Target="../../../../etc/passwd"/></Relationships>',
    });
    expect(read(outside).slides.map(({ items }) => items)).toEqual([[]]);
  });

  test('a chain of styles that bites its tail, and shapes within shapes without end', () => {
    const loop = `<office:document xmlns:office="urn:oasis:names:tc:opendocument:xmlns:office:1.0" xmlns:style="urn:oasis:names:tc:opendocument:xmlns:style:1.0" xmlns:draw="urn:oasis:names:tc:opendocument:xmlns:drawing:1.0"><office:automatic-styles><style:style style:name="a" style:family="graphic" style:parent-style-name="b"/><style:style style:name="b" style:family="graphic" style:parent-style-name="a"/></office:automatic-styles><office:body><office:presentation><draw:page draw:name="x">${'<draw:g>'.repeat(80)}${'</draw:g>'.repeat(80)}</draw:page></office:presentation></office:body></office:document>`;
    expect(faultOf(strToU8(loop))).toBe('read');
    expect(
      faultOf(strToU8(loop.replace('<draw:g>', '<draw:g>'.repeat(40)).replace('</draw:g>', '</draw:g>'.repeat(40)))),
    ).not.toBe('read');
  });

  test('ten thousand slides: the first five hundred are read, and it is told', () => {
    const pages = '<draw:page draw:name="x"/>'.repeat(10_000);
    const flat = `<office:document xmlns:office="urn:oasis:names:tc:opendocument:xmlns:office:1.0" xmlns:draw="urn:oasis:names:tc:opendocument:xmlns:drawing:1.0"><office:body><office:presentation>${pages}</office:presentation></office:body></office:document>`;
    const { slides, left } = read(strToU8(flat));
    expect(slides).toHaveLength(500);
    expect(left).toContainEqual({ name: '', why: { code: 'only-first-slides', most: 500 } });
  });

  test('programs and linked files are left where they are, and told', () => {
    const { left } = read(hand(said('x'), { 'ppt/vbaProject.bin': new Uint8Array([1]) }));
    expect(JSON.stringify(left)).toContain('programs');
    const linked = `<q:pic><q:nvPicPr><q:cNvPr id="3" name=""/><q:cNvPicPr/><q:nvPr/></q:nvPicPr><q:blipFill><d:blip z:link="r9"/></q:blipFill><q:spPr><d:xfrm><d:off x="0" y="0"/><d:ext cx="952500" cy="952500"/></d:xfrm></q:spPr></q:pic>`;
    const far = read(hand(linked));
    expect(far.slides[0]?.items).toEqual([]);
    expect(JSON.stringify(far.left)).toContain('linked-files');
  });
});
