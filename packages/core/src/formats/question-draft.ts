/** Questions on their way between decks and files: what they ask and their key, without slides, places and ids. */
import {
  cutText,
  addItem,
  addPlacement,
  addSlide,
  applyChanges,
  type Change,
  type Deck,
  type Item,
  type ItemKindName,
  itemKinds,
  itemsOf,
  nameOf,
  newId,
  type OwnFields,
  piecesOn,
  type QuestionKindName,
  setItemFields,
  type Slide,
  type SlideId,
  sizeOf,
  slidesInOrder,
  type ZoneItem,
} from '../deck/index.js';
import { expectedIn, isQuestion, isQuestionKind } from '../questions/index.js';
import type { NotCarried } from './loss.js';

/** Kinds of questions that are one item. The tables of a format have an entry for each. */
export type AskedKind = Exclude<QuestionKindName, 'zone'>;

/** A question that is one item. */
type AskedDraft = { readonly [K in AskedKind]: AskedDraftOf<K> }[AskedKind];

/** A question of one kind: its fields are all that its kind adds to an item. */
export interface AskedDraftOf<K extends AskedKind> {
  readonly kind: K;
  readonly name: string;
  readonly fields: Partial<OwnFields<K>>;
}

/** Zones and the pieces for them. */
export interface PlacementDraft {
  readonly kind: 'placement';
  readonly name: string;
  readonly prompt: string;
  /** Points of each piece. */
  readonly points: number;
  /** The words of the pieces. */
  readonly pieces: readonly string[];
  /** For each zone the places of its pieces in the list above. */
  readonly zones: readonly { readonly label: string; readonly belongs: readonly number[]; readonly inOrder: boolean }[];
}

/** Any question. */
export type QuestionDraft = AskedDraft | PlacementDraft;

/** The questions of a deck in the order of its slides; the zones of a slide are one. */
export function draftsOf(deck: Deck): readonly QuestionDraft[] {
  return slidesInOrder(deck).flatMap((slide) => draftsOn(deck, slide));
}

/** What stands on slides with questions, and is missed in a file of them. */
export function missedBeside(deck: Deck): readonly NotCarried[] {
  return slidesInOrder(deck).flatMap((slide) => {
    const items = itemsOf(deck, slide.id).filter((item) => !item.hidden);
    if (!items.some(isQuestion)) return [];
    return items.flatMap((item): NotCarried[] => {
      const { kind } = item;
      return itemKinds[kind].isMissedInQuestions
        ? [{ name: nameOf(item) || slide.name, why: { code: 'no-place', kind } }]
        : [];
    });
  });
}

function draftsOn(deck: Deck, slide: Slide): readonly QuestionDraft[] {
  const items = itemsOf(deck, slide.id).filter((item) => !item.hidden && isQuestion(item));
  const zones = items.filter((item): item is ZoneItem => item.kind === 'zone');
  const asked = items.flatMap((item): AskedDraft[] =>
    isAskedKind(item.kind) ? [askedDraft(item.kind, item, nameOf(item) || slide.name)] : [],
  );
  return [...asked, ...(zones.length > 0 ? [placementOf(deck, slide, zones)] : [])];
}

/** What an item asks, without where it stands: the fields of its kind. */
function askedDraft<K extends AskedKind>(kind: K, item: Item, name: string): AskedDraftOf<K> {
  return { kind, name, fields: itemKinds[kind].read({ ...item }) };
}

function isAskedKind(kind: ItemKindName): kind is AskedKind {
  return kind !== 'zone' && isQuestionKind(kind);
}

function placementOf(deck: Deck, slide: Slide, zones: readonly ZoneItem[]): PlacementDraft {
  const pieces = piecesOn(deck, slide.id);
  const title = itemsOf(deck, slide.id).find(({ role }) => role === 'title');
  return {
    kind: 'placement',
    name: slide.name,
    prompt: (title && nameOf(title)) || slide.name,
    points: zones[0]?.points ?? 1,
    pieces: pieces.map(({ name }, at) => name || String(at + 1)),
    zones: zones.map((zone, at) => ({
      label: nameOf(zone) || String(at + 1),
      belongs: expectedIn(zone, deck).map((id) => pieces.findIndex((piece) => piece.id === id)),
      inOrder: zone.inOrder,
    })),
  };
}

/** Room around a question that has a slide of its own, in slide units. */
const RIM = 80;

/** Adds a slide for each question after another slide, or at the end; the ids of the new slides. */
export function addQuestionSlides(
  deck: Deck,
  drafts: readonly QuestionDraft[],
  after: SlideId | null,
  createId: () => string = newId,
): { readonly changes: Change[]; readonly added: readonly SlideId[] } {
  let present = deck;
  let last = after;
  const changes: Change[] = [];
  const added: SlideId[] = [];
  const add = (made: readonly Change[]) => {
    present = applyChanges(present, made);
    changes.push(...made);
  };
  const { width, height } = sizeOf(deck);
  const frame = { x: RIM, y: RIM, width: width - 2 * RIM, height: height - 2 * RIM, rotation: 0 };
  for (const draft of drafts) {
    const id = createId();
    add(addSlide(present, { id, name: cutText(draft.name, 80), ...(last === null ? {} : { after: last }) }));
    add(draft.kind === 'placement' ? placed(present, id, draft, createId) : asked(present, id, draft, frame, createId));
    added.push(id);
    last = id;
  }
  return { changes, added };
}

function asked(
  deck: Deck,
  slideId: SlideId,
  { kind, fields }: AskedDraft,
  frame: {
    readonly x: number;
    readonly y: number;
    readonly width: number;
    readonly height: number;
    readonly rotation: number;
  },
  createId: () => string,
): Change[] {
  return addItem(deck, { id: createId(), slideId, kind, frame, fields: fields as Partial<OwnFields<AskedKind>> });
}

function placed(deck: Deck, slideId: SlideId, draft: PlacementDraft, createId: () => string): Change[] {
  const isOrder = draft.zones.length === 1 && draft.zones[0]?.inOrder === true;
  const words = { zones: draft.zones.map(({ label }) => label), pieces: draft.pieces };
  const { changes, zones, pieces } = addPlacement(deck, slideId, isOrder ? 'order' : 'sort', words, createId);
  const made = applyChanges(deck, changes);
  const keys = zones.flatMap((id, at) => {
    const zone = draft.zones[at];
    const belongs = (zone?.belongs ?? []).flatMap((place) => pieces[place] ?? []);
    return setItemFields(made, id, { belongs, points: draft.points });
  });
  return [...changes, ...keys];
}
