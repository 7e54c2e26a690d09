/** A lesson's work kept as an ordinary deck: everybody's pages one after another, with what they did on them. */
import {
  addItem,
  addSection,
  addSlide,
  applyChanges,
  type Change,
  type Deck,
  isDangling,
  type Item,
  itemsOf,
  newId,
  onlySlide,
  type OwnFields,
  PLAIN_LOOK,
  pasteSlides,
  plainText,
  removeSlides,
  type Slide,
  type SlideId,
  slidesInOrder,
} from '../deck/index.js';
import type { Frame } from '../geometry/index.js';
import { ownPages, withOwner, type WorkMode } from '../lesson/index.js';
import { givenFor, isQuestion } from '../questions/index.js';
import { type Added, type AddedPicture, addedOn, applyWork, isToFillIn, type Work } from '../work/index.js';

/** Somebody's work, with their added pictures and drawings as pictures that are stored. */
export interface KeptWork {
  readonly name: string;
  readonly work: Work;
  /** The stored pictures: of added ones by their ids, of what was drawn by the id of its area. */
  readonly pictures: Readonly<Record<string, { readonly id: string; readonly width: number; readonly height: number }>>;
}

/** A class deck as an ordinary deck. */
interface KeptDeck {
  readonly deck: Deck;
  /** The slides that are pages of somebody's own: for each of the works, in their order. */
  readonly pages: readonly (readonly SlideId[])[];
}

/** The slides of an edition that each student fills in: in a class deck the pages of their own. */
export function filledSlides(edition: Deck, mode: WorkMode): readonly Slide[] {
  if (mode === 'slide-each') return ownPages(edition);
  return slidesInOrder(edition).filter(({ id }) => isToFillIn(edition, id));
}

/**
 * The deck: of a class deck what was fixed stays, and each page of one's own is there once for everybody, with their name.
 * Of any other there are the slides that were filled in, a section for each student.
 */
export function keptClassDeck(
  edition: Deck,
  { mode, works, title }: { readonly mode: WorkMode; readonly works: readonly KeptWork[]; readonly title: string },
): KeptDeck {
  const pages = filledSlides(edition, mode);
  const isClassDeck = mode === 'slide-each';
  const going = isClassDeck ? pages : slidesInOrder(edition);
  const fixed = going.reduce((deck, { id }) => withoutSlide(deck, id), { ...edition, title });
  return works.reduce<KeptDeck>(
    ({ deck, pages: before }, kept) => {
      const grown = withPagesOf(edition, { pages, mode }, deck, kept);
      const added = slidesInOrder(grown).flatMap(({ id }) => (deck.slides[id] ? [] : [id]));
      return { deck: isClassDeck ? grown : asSection(grown, kept.name, added), pages: [...before, added] };
    },
    { deck: isClassDeck ? fixed : { ...fixed, sections: {} }, pages: [] },
  );
}

/** Slides under somebody's name; links to what did not come along lead nowhere, and go. */
function asSection(deck: Deck, name: string, added: readonly SlideId[]): Deck {
  const [first] = added;
  if (first === undefined) return deck;
  const open = added
    .flatMap((id) => itemsOf(deck, id))
    .flatMap((item): Change[] =>
      item.link && isDangling(deck, item.link) ? [{ type: 'set-item', id: item.id, fields: { link: null } }] : [],
    );
  return applyChanges(deck, [...open, ...addSection(deck, { id: newId(), title: name, before: first })]);
}

/** Takes pages out of a kept deck for good, an empty slide taking their place when nothing else is in it. */
export function withoutPages(deck: Deck, pages: readonly SlideId[]): Change[] {
  const going = pages.filter((id) => deck.slides[id]);
  const isAll = going.length === Object.keys(deck.slides).length;
  const begun = isAll ? addSlide(deck, { id: newId(), name: '' }) : [];
  return [...begun, ...removeSlides(applyChanges(deck, begun), going)];
}

function withPagesOf(
  edition: Deck,
  { pages, mode }: { readonly pages: readonly Slide[]; readonly mode: WorkMode },
  deck: Deck,
  kept: KeptWork,
): Deck {
  const done = applyWork(withOwner(edition, mode, kept.name), kept.work);
  return pages.reduce((grown, { id }) => {
    const last = slidesInOrder(grown).at(-1)?.id ?? '';
    const page = onlySlide(donePage(done, id, kept), id);
    return applyChanges(grown, pasteSlides(grown, page, last).changes);
  }, deck);
}

function withoutSlide(deck: Deck, id: SlideId): Deck {
  const items = itemsOf(deck, id).map((item): Change => ({ type: 'remove-item', id: item.id }));
  return applyChanges(deck, [...items, { type: 'remove-slide', id }]);
}

/** A page that is filled in as one that simply says so: nothing on it asks any more. */
function donePage(own: Deck, slideId: SlideId, { work, pictures }: KeptWork): Deck {
  const instead = (deck: Deck, item: Item): Change[] => {
    if (item.kind === 'open-area' || item.kind === 'draw') return drawnInstead(deck, item, pictures[item.id]);
    if (item.kind === 'zone' || !isQuestion(item)) return [];
    return [{ type: 'remove-item', id: item.id }, ...writtenAt(deck, slideId, item.frame, saidAt(item, work, own))];
  };
  // One after the other, as each stands before those that came before it.
  const said = itemsOf(own, slideId).reduce((deck, item) => applyChanges(deck, instead(deck, item)), own);
  const added = addedOn(own, work, slideId).reduce(
    (deck, each) => applyChanges(deck, addedAsItem(deck, slideId, each, pictures[each.id])),
    said,
  );
  return applyChanges(added, [{ type: 'set-slide', id: slideId, fields: { layout: 'blank' } }]);
}

/** The question and its answer, a line each. */
function saidAt(item: Item, work: Work, own: Deck): string {
  const prompt = 'prompt' in item ? item.prompt : '';
  return [prompt, givenFor(item, work, own)].filter(Boolean).join('\n');
}

function writtenAt(own: Deck, slideId: SlideId, frame: Frame, words: string, size?: number): Change[] {
  const look = size === undefined ? PLAIN_LOOK : { ...PLAIN_LOOK, size, own: ['size' as const] };
  return addItem(own, { id: newId(), slideId, kind: 'text', frame, fields: { text: plainText(words), look } });
}

function drawnInstead(own: Deck, item: Item, picture: KeptWork['pictures'][string] | undefined): Change[] {
  const gone: Change = { type: 'remove-item', id: item.id };
  return picture ? [gone, ...pictureAt(own, item.slideId, item.frame, picture, '')] : [gone];
}

function pictureAt(
  own: Deck,
  slideId: SlideId,
  frame: Frame,
  { id, width, height }: KeptWork['pictures'][string],
  alt: string,
): Change[] {
  const fields = { picture: id, pixels: { width, height }, alt };
  return addItem(own, { id: newId(), slideId, kind: 'picture', frame, fields });
}

/** What it shows, and who made it. */
function withCredit({ alt, credit }: AddedPicture): string {
  return [alt, credit].filter(Boolean).join(', ');
}

function signAt(own: Deck, slideId: SlideId, frame: Frame, fields: Partial<OwnFields<'sign'>>): Change[] {
  return addItem(own, { id: newId(), slideId, kind: 'sign', frame, fields });
}

function addedAsItem(
  own: Deck,
  slideId: SlideId,
  added: Added,
  picture: KeptWork['pictures'][string] | undefined,
): Change[] {
  const frame = { x: added.x, y: added.y, width: added.width, height: added.height, rotation: 0 };
  switch (added.kind) {
    case 'text':
      return writtenAt(own, slideId, frame, added.text, added.size);
    case 'picture':
      return picture ? pictureAt(own, slideId, frame, picture, withCredit(added)) : [];
    case 'sticker':
      return signAt(own, slideId, frame, { shows: added.alt, strokes: [], sticker: added.sticker });
    case 'sign':
      return signAt(own, slideId, frame, { shows: added.alt, strokes: added.strokes, sticker: '' });
  }
}
