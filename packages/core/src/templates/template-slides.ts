/** Building templates from what they say and ask. */
import {
  addItem,
  addPlacement,
  addSlide,
  addSlideFrom,
  addTable,
  applyChanges,
  type Change,
  type Deck,
  emptyDeck,
  type ItemKindName,
  itemsOf,
  NOTEBOOK,
  type OwnFields,
  PLAIN_LOOK,
  type PlacementStart,
  type PlacementWords,
  plainText,
  setText,
  type SlideId,
  tableFromText,
  themes,
  USUAL_STYLES,
  zonesFromTable,
} from '../deck/index.js';
import type { Doing, Moment, Template } from './template.js';

/** What a template asks: a question of a kind, pieces to place, or a table with headings whose words are pieces to place. */
export type TemplateAsk =
  | { readonly kind: ItemKindName; readonly fields: Partial<OwnFields<ItemKindName>> }
  | { readonly place: PlacementStart; readonly words: PlacementWords }
  | { readonly table: readonly (readonly string[])[] };

/** What a slide to begin from says and asks. */
export interface TemplateSlide {
  readonly id: string;
  readonly name: string;
  readonly moment: Moment;
  readonly does: Doing;
  readonly title: string;
  /** Below the title; '' for nothing. */
  readonly text: string;
  readonly ask: TemplateAsk;
}

/** A short deck: an opening, and slides by their ids. */
export interface TemplateDeck {
  readonly id: string;
  readonly name: string;
  readonly moment: Moment;
  readonly title: string;
  readonly subtitle: string;
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

/** A template that is a slide. */
export function slideTemplate(slide: TemplateSlide): Template {
  const { id, name, moment, does } = slide;
  return { id, name, moment, does: [does], deck: withSlide(emptyDeck(name), slide, id) };
}

/** A template that is a short deck; slides that there are not are left out. */
export function deckTemplate(spec: TemplateDeck, slides: readonly TemplateSlide[]): Template {
  const chosen = spec.slides.flatMap((id) => slides.find((slide) => slide.id === id) ?? []);
  const theme = themes.find(({ name }) => name === spec.theme) ?? NOTEBOOK;
  const opened = withOpening({ ...emptyDeck(spec.name), theme }, spec);
  const deck = chosen.reduce((made, slide) => withSlide(made, slide, `${spec.id}-${slide.id}`), opened);
  return {
    id: spec.id,
    name: spec.name,
    moment: spec.moment,
    does: [...new Set(chosen.map(({ does }) => does))],
    deck,
  };
}

function withOpening(deck: Deck, { id, title, subtitle }: TemplateDeck): Deck {
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

function withSlide(deck: Deck, { name, title, text, ask }: TemplateSlide, slideId: SlideId): Deck {
  const begun = applyChanges(deck, addSlide(deck, { id: slideId, name }));
  const titled = withText(begun, slideId, `${slideId}-t`, 'title', title, [60, 36, 1160, 76]);
  const told = text === '' ? titled : withText(titled, slideId, `${slideId}-w`, 'body', text, [60, 112, 1160, 48]);
  return applyChanges(told, asked(told, slideId, ask, text === '' ? 136 : 172));
}

function asked(deck: Deck, slideId: SlideId, ask: TemplateAsk, top: number): Change[] {
  let count = 0;
  const createId = () => `${slideId}-q${(count += 1)}`;
  if ('place' in ask) return addPlacement(deck, slideId, ask.place, ask.words, createId).changes;
  if ('table' in ask) return tableToFill(deck, slideId, createId, ask.table);
  const { kind, fields } = ask;
  const height = LOW[kind] ?? 700 - top - 20;
  const width = LOW[kind] === undefined ? 1160 : 800;
  return addItem(deck, { id: createId(), slideId, kind, frame: { x: 60, y: top, width, height, rotation: 0 }, fields });
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
