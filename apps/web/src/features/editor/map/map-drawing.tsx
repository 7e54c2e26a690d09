/** The whole map as one drawing (SVG) that stands by itself: slides drawn as everywhere, with their pictures and fonts in it. */
import { type Deck, isSection, entriesOf, type SlideId, slidesInOrder, slidesWithin } from '@gobrel/core/deck';
import type { Box, Point } from '@gobrel/core/geometry';
import { bendKey, CARD, type MapLayout, type MapWay } from '@gobrel/core/route-map';
import { SlideView, type Surroundings, SurroundingsProvider } from '@gobrel/slide-view';
import { renderToStaticMarkup } from 'react-dom/server.browser';
import { messages, slideName } from '../../../shared/messages';
import { titlesOfSections, waysToName } from './map-cards';
import { courseBetween, MIDDLE, placesOfWords } from './way-words';

/** Colours of a drawing on white paper, whatever the scheme of the screen. */
const PAPER = { ground: '#fffcf5', ink: '#1d2b2a', edge: '#7d735f', clay: '#a84226', area: '#eaf1ef' } as const;
/** Room around the drawing, in units of the map; width of a slide's picture on its card. */
const MARGIN = 40;
const PICTURE = 160;

/** What is drawn. */
export interface MapToDraw {
  readonly deck: Deck;
  readonly ways: readonly MapWay[];
  readonly layout: MapLayout;
}

/** A drawing with its size in CSS pixels. */
export interface Drawing {
  readonly svg: string;
  readonly width: number;
  readonly height: number;
}

/** Draws the map. Pictures that cannot be fetched are left out. */
export async function drawMap(map: MapToDraw, surroundings: Surroundings): Promise<Drawing> {
  const box = boundsOfMap(map.layout.places);
  const slides = slidesInOrder(map.deck).flatMap(({ id }, place) => {
    const at = map.layout.places[id];
    return at ? [card(map.deck, id, place + 1, at, surroundings)] : [];
  });
  const content = await withContents(slides.join(''));
  const svg = [
    `<svg xmlns="http://www.w3.org/2000/svg" viewBox="${box.x} ${box.y} ${box.width} ${box.height}"`,
    ` width="${box.width}" height="${box.height}" font-family="'Atkinson Hyperlegible Next Variable', sans-serif">`,
    `<title>${escaped(map.deck.title)}</title>`,
    `<style>${escaped(await ownStyle())}</style>`,
    `<defs><marker id="end" viewBox="0 0 10 10" refX="9" refY="5" markerWidth="8" markerHeight="8" orient="auto">`,
    `<path d="M0 0L10 5L0 10Z" fill="${PAPER.clay}"/></marker></defs>`,
    `<rect x="${box.x}" y="${box.y}" width="${box.width}" height="${box.height}" fill="${PAPER.ground}"/>`,
    areas(map.deck, map.layout.places),
    lines(map),
    content,
    '</svg>',
  ].join('');
  return { svg, width: box.width, height: box.height };
}

function boundsOfMap(places: MapLayout['places']): Box {
  const all = Object.values(places);
  const [left, top] = [Math.min(0, ...all.map(({ x }) => x)), Math.min(0, ...all.map(({ y }) => y))];
  const right = Math.max(CARD.width, ...all.map(({ x }) => x + CARD.width));
  const bottom = Math.max(CARD.height, ...all.map(({ y }) => y + CARD.height));
  // Ways that lead back run below the cards.
  return {
    x: left - MARGIN,
    y: top - MARGIN * 2,
    width: right - left + 2 * MARGIN,
    height: bottom - top + MARGIN * 5,
  };
}

function card(deck: Deck, slideId: SlideId, place: number, at: Point, surroundings: Surroundings): string {
  const picture = renderToStaticMarkup(
    <SurroundingsProvider value={surroundings}>
      <SlideView deck={deck} slideId={slideId} width={PICTURE} label="" />
    </SurroundingsProvider>,
  );
  const name = `${place} ${slideName(deck, slideId)}`;
  return [
    `<g transform="translate(${at.x} ${at.y})">`,
    `<rect width="${CARD.width}" height="${CARD.height}" rx="6" fill="#fff" stroke="${PAPER.edge}" stroke-width="2"/>`,
    `<foreignObject x="4" y="4" width="${PICTURE}" height="90"><div xmlns="http://www.w3.org/1999/xhtml">${wellFormed(picture)}</div></foreignObject>`,
    `<text x="8" y="114" font-size="13" font-weight="600" fill="${PAPER.ink}">${escaped(short(name, 24))}</text>`,
    '</g>',
  ].join('');
}

function areas(deck: Deck, places: MapLayout['places']): string {
  return entriesOf(deck)
    .flatMap((entry) => {
      if (!isSection(entry)) return [];
      const at = slidesWithin(deck, entry.id).flatMap(({ id }) => places[id] ?? []);
      if (at.length === 0) return [];
      const [left, top] = [Math.min(...at.map(({ x }) => x)), Math.min(...at.map(({ y }) => y))];
      const [right, bottom] = [Math.max(...at.map(({ x }) => x)), Math.max(...at.map(({ y }) => y))];
      const box = `x="${left - 20}" y="${top - 40}" width="${right - left + CARD.width + 40}" height="${bottom - top + CARD.height + 60}"`;
      const title = escaped(entry.title || messages.order.unnamedSection);
      return [
        `<rect ${box} rx="10" fill="${PAPER.area}"/><text x="${left - 10}" y="${top - 18}" font-size="15" font-weight="600" fill="${PAPER.ink}">${title}</text>`,
      ];
    })
    .join('');
}

function lines({ deck, ways, layout }: MapToDraw): string {
  const named = waysToName(deck, ways);
  const places = placesOfWords(named, layout, titlesOfSections(deck, layout.places));
  return ways
    .flatMap(({ key, from, to, link }, at) => {
      const [a, b] = [layout.places[from], layout.places[to]];
      const { turn = 0, words = '' } = named[at] ?? {};
      if (!a || !b || !deck.slides[from]) return [];
      const course = courseBetween(a, b, layout.bends[bendKey(from, to)] ?? [], turn);
      if (!link) return [`<path d="${course.path}" fill="none" stroke="${PAPER.edge}" stroke-dasharray="2 6"/>`];
      const { share, aside } = places.get(key) ?? MIDDLE;
      const { x, y } = course.at(share);
      return [
        `<path d="${course.path}" fill="none" stroke="${PAPER.clay}" stroke-width="2" marker-end="url(#end)"/>`,
        `<text x="${x}" y="${y + aside + 4}" font-size="12" font-weight="600" text-anchor="middle" fill="${PAPER.clay}" stroke="${PAPER.ground}" stroke-width="4" paint-order="stroke">${escaped(short(words, 22))}</text>`,
      ];
    })
    .join('');
}

/** Markup of a page as markup that stands within a drawing: every element closed, and nothing but what XML knows. */
function wellFormed(markup: string): string {
  const page = new DOMParser().parseFromString(markup, 'text/html');
  const writer = new XMLSerializer();
  return [...page.body.children].map((element) => writer.serializeToString(element)).join('');
}

/** The rules that draw slides, and the fonts they are set in, with the fonts' bytes. */
async function ownStyle(): Promise<string> {
  const rules = [...document.styleSheets].flatMap((sheet) => [...sheet.cssRules]);
  const drawing = rules.filter((rule) => rule instanceof CSSStyleRule && rule.selectorText.includes('.gv-'));
  const faces = rules.filter(
    (rule): rule is CSSFontFaceRule =>
      rule instanceof CSSFontFaceRule && isLatin(rule.style.getPropertyValue('unicode-range')),
  );
  const fonts = await Promise.all(faces.map((face) => withContents(face.cssText, face.parentStyleSheet?.href)));
  return [...fonts, ...drawing.map((rule) => rule.cssText)].join('\n');
}

/** The part of a font that has the letters of most European languages. */
function isLatin(range: string): boolean {
  return range === '' || /U\+0(?:000)?-/i.test(range);
}

/** Text in which every address of a file of ours is replaced by the file itself. */
async function withContents(text: string, base: string | null | undefined = null): Promise<string> {
  const form = /(?:url\("?|src=")((?:\/|\.{1,2}\/|https?:)[^")]+)"?/g;
  const addresses = [...new Set([...text.matchAll(form)].map(([, address = '']) => address))];
  const contents = await Promise.all(
    addresses.map(async (address) => [address, await dataOf(new URL(address, base ?? location.href).href)] as const),
  );
  return contents.reduce((whole, [address, data]) => whole.replaceAll(address, data), text);
}

/** A file as an address that holds all of it; an empty one when it cannot be had. */
async function dataOf(address: string): Promise<string> {
  const response = await fetch(address).catch(() => null);
  if (!response?.ok) return 'data:,';
  const blob = await response.blob();
  return new Promise((resolve) => {
    const reader = new FileReader();
    reader.onload = () => resolve(String(reader.result));
    reader.onerror = () => resolve('data:,');
    reader.readAsDataURL(blob);
  });
}

function short(text: string, most: number): string {
  return text.length > most ? `${text.slice(0, most - 1)}…` : text;
}

function escaped(text: string): string {
  return text.replace(/&/g, '&amp;').replace(/</g, '&lt;').replace(/>/g, '&gt;');
}
