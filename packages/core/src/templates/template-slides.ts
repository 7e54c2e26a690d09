/** Building templates from what they say and ask. */
import {
  addItem,
  addPlacement,
  addSlide,
  addSlideFrom,
  addTable,
  applyChanges,
  type Change,
  type ChartForm,
  type Credit,
  type Deck,
  emptyDeck,
  type ItemKindName,
  itemsOf,
  leadLines,
  NOTEBOOK,
  type OwnFields,
  PLAIN_LOOK,
  type PlacementStart,
  type PlacementWords,
  plainText,
  setText,
  type SlideId,
  tableFromText,
  tableOfWords,
  themes,
  USUAL_STYLES,
  zonesFromTable,
} from '../deck/index.js';
import type { Frame, Point } from '../geometry/index.js';
import type { Age, Doing, Moment, Subject, Template } from './template.js';

/** Left, top, width and height in slide units. */
export type Place = readonly [x: number, y: number, width: number, height: number];

/** A stored picture of a template. */
export interface TemplatePicture {
  /** The SHA-256 of its bytes. */
  readonly picture: string;
  readonly pixels: { readonly width: number; readonly height: number };
  readonly alt: string;
}

/** A zone on the picture of a template: where it stands, and what its line leads to, as shares of the picture. */
export interface NamedPart {
  readonly at: Place;
  readonly part: readonly [x: number, y: number] | null;
}

/** What a template asks: a question of a kind, pieces to place, or a table with headings whose words are pieces to place. */
export type TemplateAsk =
  | { readonly kind: ItemKindName; readonly fields: Partial<OwnFields<ItemKindName>> }
  | { readonly place: PlacementStart; readonly words: PlacementWords; readonly parts?: readonly NamedPart[] }
  | { readonly table: readonly (readonly string[])[] };

/** What a slide to begin from says and asks. */
export interface TemplateSlide {
  readonly id: string;
  readonly name: string;
  readonly moment: Moment;
  readonly does: Doing;
  readonly subject: Subject | null;
  readonly ages: readonly Age[];
  /** What the theme is called that it wears in a deck of its own; the usual one where there is none of that name. */
  readonly theme: string;
  readonly title: string;
  /** Below the title; '' for nothing. */
  readonly text: string;
  /** A picture beside or below what is asked, or in a place of its own; `null` without one. */
  readonly scene: (TemplatePicture & { readonly at: 'beside' | 'below' | Place }) | null;
  readonly ask: TemplateAsk;
  /** A chart beside what is asked, by the rows of its table, which is out of sight; `null` for none. */
  readonly chart: { readonly form: ChartForm; readonly rows: readonly (readonly string[])[] } | null;
}

/** A short deck: an opening, and slides by their ids. */
export interface TemplateDeck {
  readonly id: string;
  readonly name: string;
  readonly moment: Moment;
  readonly title: string;
  readonly subtitle: string;
  readonly subject: Subject | null;
  readonly ages: readonly Age[];
  /** What the theme is called that it wears. */
  readonly theme: string;
  readonly slides: readonly string[];
}

/** Kinds that need only part of a slide; their height in slide units. */
const LOW: Partial<Readonly<Record<ItemKindName, number>>> = {
  number: 220,
  'short-text': 260,
  spoken: 260,
};

/** The drawings of the templates are ours, and anybody’s. */
const OURS: Credit = { title: '', author: 'Gobrel', source: '', licence: 'cc0-1.0' };

/** Where a picture stands beside what is asked, by the top of that; and below it. In slide units. */
const BESIDE = { x: 692, width: 528, height: 429 };
const BELOW = { x: 60, y: 404, width: 1160, height: 220 };

/** A template that is a slide. */
export function slideTemplate(slide: TemplateSlide): Template {
  const { id, name, moment, does, theme, subject, ages } = slide;
  return { id, name, moment, does: [does], subject, ages, deck: withSlide(inTheme(emptyDeck(name), theme), slide, id) };
}

function inTheme(deck: Deck, called: string): Deck {
  return { ...deck, theme: themes.find(({ name }) => name === called) ?? NOTEBOOK };
}

/** A template that is a short deck; slides that there are not are left out. */
export function deckTemplate(spec: TemplateDeck, slides: readonly TemplateSlide[]): Template {
  const chosen = spec.slides.flatMap((id) => slides.find((slide) => slide.id === id) ?? []);
  const opened = begunDeck(spec);
  const deck = chosen.reduce((made, slide) => withSlide(made, slide, `${spec.id}-${slide.id}`), opened);
  return {
    id: spec.id,
    name: spec.name,
    moment: spec.moment,
    does: [...new Set(chosen.map(({ does }) => does))],
    subject: spec.subject,
    ages: spec.ages,
    deck,
  };
}

/** A deck with its opening. */
export function begunDeck(spec: Pick<TemplateDeck, 'id' | 'name' | 'theme' | 'title' | 'subtitle'>): Deck {
  return withOpening(inTheme(emptyDeck(spec.name), spec.theme), spec);
}

function withOpening(deck: Deck, { id, title, subtitle }: Pick<TemplateDeck, 'id' | 'title' | 'subtitle'>): Deck {
  const slideId = `${id}-opening`;
  let count = 0;
  const createId = () => `${slideId}-${(count += 1)}`;
  const opened = applyChanges(deck, addSlideFrom(deck, 'title', { id: slideId, name: title, createId }));
  const said = { title, subtitle } as const;
  return (['title', 'subtitle'] as const).reduce((made, role) => {
    const part = itemsOf(made, slideId).find((item) => item.role === role);
    return part ? applyChanges(made, setText(made, part.id, plainText(said[role]))) : made;
  }, opened);
}

function withSlide(deck: Deck, slide: TemplateSlide, slideId: SlideId): Deck {
  const made = slideIn(deck, slide, slideId);
  return slide.chart ? applyChanges(made, charted(made, slideId, slide.chart)) : made;
}

/** A table out of sight, and the chart that follows it. */
function charted(deck: Deck, slideId: SlideId, { form, rows }: NonNullable<TemplateSlide['chart']>): Change[] {
  const tableId = `${slideId}-table`;
  const table = addTable(deck, tableId, slideId, tableOfWords(rows));
  const frame = { x: BESIDE.x, y: 172, width: BESIDE.width, height: BESIDE.height, rotation: 0 };
  const hidden: Change = { type: 'set-item', id: tableId, fields: { hidden: true, frame } };
  const present = applyChanges(deck, [...table, hidden]);
  const fields = { table: tableId, form, isSaid: false };
  return [...table, hidden, ...addItem(present, { id: `${slideId}-chart`, slideId, kind: 'chart', frame, fields })];
}

/** What a slide says, shows and asks, whatever it is called besides. */
type SlideParts = Pick<TemplateSlide, 'name' | 'title' | 'text' | 'scene'> & { readonly ask: TemplateAsk | null };

/** A deck with a slide more at its end. */
export function slideIn(deck: Deck, { name, title, text, scene, ask }: SlideParts, slideId: SlideId): Deck {
  const begun = applyChanges(deck, addSlide(deck, { id: slideId, name }));
  const titled = withText(begun, slideId, `${slideId}-t`, 'title', title, [60, 36, 1160, 76]);
  const told = text === '' ? titled : withText(titled, slideId, `${slideId}-w`, 'body', text, [60, 112, 1160, 48]);
  const top = text === '' ? 136 : 172;
  const seen = scene ? applyChanges(told, pictured(told, slideId, scene, top)) : told;
  return ask ? applyChanges(seen, asked(seen, slideId, ask, top, scene?.at ?? null)) : seen;
}

function pictured(deck: Deck, slideId: SlideId, scene: NonNullable<TemplateSlide['scene']>, top: number): Change[] {
  const { at, alt, picture, pixels } = scene;
  const place = typeof at === 'string' ? (at === 'beside' ? { ...BESIDE, y: top } : BELOW) : boxOf(at);
  return addItem(deck, {
    id: `${slideId}-p`,
    slideId,
    kind: 'picture',
    frame: { ...place, rotation: 0 },
    fields: { picture, pixels, alt, shape: 'rectangle', credit: OURS },
  });
}

const boxOf = ([x, y, width, height]: Place) => ({ x, y, width, height });

type SceneAt = NonNullable<TemplateSlide['scene']>['at'] | null;

function asked(deck: Deck, slideId: SlideId, ask: TemplateAsk, top: number, at: SceneAt): Change[] {
  let count = 0;
  const createId = () => `${slideId}-q${(count += 1)}`;
  if ('place' in ask) return placed(deck, slideId, ask, createId);
  if ('table' in ask) return tableToFill(deck, slideId, createId, ask.table);
  const { kind, fields } = ask;
  const frame = { x: 60, y: top, ...sizeOfAsk(kind, top, at), rotation: 0 };
  return addItem(deck, { id: createId(), slideId, kind, frame, fields });
}

function sizeOfAsk(kind: ItemKindName, top: number, at: SceneAt): { readonly width: number; readonly height: number } {
  const low = LOW[kind];
  if (at === 'beside') return { width: 600, height: low ?? BESIDE.height };
  if (at === 'below') return { width: 1160, height: BELOW.y - top - 20 };
  return { width: low === undefined ? 1160 : 800, height: low ?? 680 - top };
}

/** Pieces and zones; zones that name parts of the picture stand where they are said to, with lines to those. */
function placed(
  deck: Deck,
  slideId: SlideId,
  { place, words, parts }: Extract<TemplateAsk, { readonly place: PlacementStart }>,
  createId: () => string,
): Change[] {
  const { changes, zones } = addPlacement(deck, slideId, place, words, createId);
  if (!parts) return changes;
  const picture = deck.items[`${slideId}-p`]?.frame;
  const moved = zones.flatMap((id, at): Change[] => {
    const named = parts[at];
    return named ? [{ type: 'set-item', id, fields: { frame: { ...boxOf(named.at), rotation: 0 } } }] : [];
  });
  const present = applyChanges(deck, [...changes, ...moved]);
  const lines = zones.flatMap((id, at) => {
    const named = parts[at];
    return named?.part && picture ? lineTo(present, slideId, id, pointIn(picture, named.part), createId()) : [];
  });
  return [...changes, ...moved, ...lines];
}

const pointIn = ({ x, y, width, height }: Frame, [across, down]: readonly [number, number]): Point => ({
  x: x + across * width,
  y: y + down * height,
});

/** A line from the side of a zone that looks at a point, to that point. */
function lineTo(deck: Deck, slideId: SlideId, zoneId: string, to: Point, id: string): Change[] {
  const zone = deck.items[zoneId];
  if (!zone) return [];
  const side = to.x > zone.frame.x + zone.frame.width / 2 ? 'right' : 'left';
  const from = {
    x: side === 'right' ? zone.frame.x + zone.frame.width : zone.frame.x,
    y: zone.frame.y + zone.frame.height / 2,
  };
  const frame = {
    x: Math.min(from.x, to.x),
    y: Math.min(from.y, to.y),
    width: Math.max(8, Math.abs(from.x - to.x)),
    height: Math.max(8, Math.abs(from.y - to.y)),
    rotation: 0,
  };
  const [u, v] = [from.x <= to.x ? 0 : 1, from.y <= to.y ? 0 : 1];
  const added = addItem(deck, {
    id,
    slideId,
    kind: 'line',
    frame,
    fields: {
      from: { u, v, at: zoneId, side, head: 'none' },
      to: { u: 1 - u, v: 1 - v, at: null, side: null, head: 'dot' },
      outlineWidth: 3,
      outline: '#17262b',
    },
  });
  return [...added, ...leadLines(deck, added)];
}

/** A table by its rows, all cells but its headings turned into zones. */
function tableToFill(
  deck: Deck,
  slideId: SlideId,
  createId: () => string,
  rows: readonly (readonly string[])[],
): Change[] {
  const id = createId();
  const fields = tableFromText(rows.map((row) => row.join('\t')).join('\n')) ?? {};
  const added = addTable(deck, id, slideId, { ...fields, headings: 'both' });
  const placed = applyChanges(deck, added);
  const { changes } = zonesFromTable(placed, id, 'all', String, createId, () => 0.4);
  return [...added, ...changes];
}

function withText(
  deck: Deck,
  slideId: SlideId,
  id: string,
  style: 'title' | 'body',
  words: string,
  [x, y, width, height]: readonly [number, number, number, number],
): Deck {
  const look = { ...PLAIN_LOOK, ...USUAL_STYLES[style], style, fit: 'shrink' as const };
  return applyChanges(
    deck,
    addItem(deck, {
      id,
      slideId,
      kind: 'text',
      role: style,
      frame: { x, y, width, height, rotation: 0 },
      fields: { text: plainText(words), look },
    }),
  );
}
