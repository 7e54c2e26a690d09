/**
 * Makes a deck follow its plan: new passages become slides with their texts and choices, others are renamed, retold and
 * linked anew, and whatever was designed on them stays. Every slide is worked on as a deck of its own, so that a plan of
 * thousands of passages takes time in proportion to them.
 */
import type { Frame } from '../geometry/index.js';
import {
  addSlideFrom,
  addWay,
  applyChanges,
  type Change,
  choiceBlock,
  type Deck,
  type Destination,
  emptyDeck,
  entriesOf,
  isWordBox,
  itemsOf,
  leadLink,
  lettersOf,
  moveEntries,
  newId,
  onlySlide,
  plainText,
  ranksBetween,
  removeItems,
  removeSlides,
  sameDestination,
  setItemFields,
  setText,
  sizeOf,
  type Slide,
  type SlideId,
  slidesInOrder,
} from '../deck/index.js';
import { type Passage, PassageIndex, type Plan, type PlanChoice, type PlanProblem, type PlanTarget } from './plan.js';
import { bodyOf, choicesOf, titleOf } from './plan-parts.js';
import { matchPassages, ranksFor } from './passage-slides.js';
import { problemsOf } from './read-plan.js';
import { retold } from './retelling.js';

/** What following a plan would change, by the names of slides. */
export interface PlanEffect {
  readonly changes: readonly Change[];
  /** The slide of each passage, in the order of the plan. */
  readonly slides: readonly SlideId[];
  readonly added: readonly string[];
  readonly renamed: readonly { readonly from: string; readonly to: string }[];
  readonly removed: readonly string[];
  /** Slides whose text or choices change. */
  readonly changed: readonly string[];
  /** Links that the plan does not speak of any more: they are cut, or kept where that is wished. */
  readonly cut: readonly CutLink[];
  /** What is wrong or risky, where passages are known by the names of their slides too. */
  readonly problems: readonly PlanProblem[];
}

/** A link that following a plan would cut. */
interface CutLink {
  /** The name of the slide it is on. */
  readonly on: string;
  readonly words: string;
}

/** What is to stay though the plan does not speak of it. */
export interface PlanWishes {
  readonly keepLinks: boolean;
  readonly keepSlides: boolean;
}

const nothingKept: PlanWishes = { keepLinks: false, keepSlides: false };

/**
 * The changes after which a deck says what a plan says. Choices without a passage get open links. A passage that was
 * renamed is still found by the name its slide has.
 */
export function followPlan(
  deck: Deck,
  plan: Plan,
  createId: () => string = newId,
  { keepLinks, keepSlides }: PlanWishes = nothingKept,
): PlanEffect {
  const slides = slidesInOrder(deck);
  const match = matchPassages(slides, plan.passages);
  const index = new PassageIndex(
    plan.passages,
    match.map((slide) => slide?.name ?? ''),
  );
  const ids = plan.passages.map((_passage, place) => match[place]?.id ?? createId());
  const led = destinations(index, ids, createId);
  const unspoken = slides.filter((slide) => !ids.includes(slide.id));
  const gone = keepSlides ? [] : unspoken;
  const cut: CutLink[] = [];
  const kept = new Set([...ids, ...(keepSlides ? unspoken.map(({ id }) => id) : [])]);
  const making: Making = { led, createId, isThere: (id) => kept.has(id), keepLinks, cut: (link) => cut.push(link) };
  const added: string[] = [];
  const renamed: PlanEffect['renamed'][number][] = [];
  const changed: string[] = [];
  const changes: Change[] = [];
  const ranks = ranksFor(deck, match);
  plan.passages.forEach((passage, place) => {
    const id = ids[place] ?? '';
    const slide = match[place];
    if (!slide) {
      added.push(passage.name);
      changes.push(...newSlide(deck, passage, { id, rank: ranks[place] ?? '', ...making }));
      return;
    }
    const retelling = retell(onlySlide(deck, id), slide, passage, making);
    if (passage.name !== '' && passage.name !== slide.name) {
      renamed.push({ from: slide.name, to: passage.name });
      changes.push({ type: 'set-slide', id, fields: { name: passage.name } });
    }
    if (retelling.length > 0) changed.push(passage.name || slide.name);
    changes.push(...retelling);
  });
  const next = applyChanges(deck, changes);
  const removal =
    gone.length === 0
      ? []
      : removeSlides(
          next,
          gone.map(({ id }) => id),
        );
  const order = inPlanOrder(applyChanges(next, removal), ids);
  return {
    changes: [...changes, ...removal, ...order],
    slides: ids,
    added,
    renamed,
    removed: unspoken.map(({ name }) => name),
    changed,
    cut,
    problems: [...plan.problems.filter(({ kind }) => !isOfPassages(kind)), ...problemsOf(plan.passages, index)].sort(
      (a, b) => a.line - b.line,
    ),
  };
}

/**
 * Makes a slide of every passage, after an entry of the running order or at the end, and leaves everything else as it
 * is; gives the new slides in the order of the passages.
 */
export function placePassages(
  deck: Deck,
  { passages }: Plan,
  after: SlideId | null,
  createId: () => string = newId,
): { readonly changes: readonly Change[]; readonly slides: readonly SlideId[] } {
  const slides = passages.map(() => createId());
  const index = new PassageIndex(passages);
  const led = destinations(index, slides, createId);
  const entries = entriesOf(deck);
  const at = after === null ? entries.length - 1 : entries.findIndex(({ id }) => id === after);
  const ranks = ranksBetween(entries[at]?.rank ?? null, entries[at + 1]?.rank ?? null, passages.length);
  const changes = passages.flatMap((passage, place) =>
    newSlide(deck, passage, {
      id: slides[place] ?? '',
      rank: ranks[place] ?? '',
      led,
      createId,
      isThere: (id) => slides.includes(id),
      keepLinks: false,
      cut: () => undefined,
    }),
  );
  return { changes, slides };
}

/** Where choices lead, when their passages are these slides. */
function destinations(index: PassageIndex, slides: readonly SlideId[], createId: () => string): Making['led'] {
  return (target) => {
    if (target.to === 'as-it-is') return null;
    if (target.to !== 'passage') return { to: target.to };
    const place = index.find(target.named);
    return { to: 'slide', slideId: (place === null ? undefined : slides[place]) ?? createId() };
  };
}

interface Making {
  /** Where a choice leads: an open link where there is no such passage, `null` for wherever it leads now. */
  readonly led: (target: PlanTarget) => Destination | null;
  /** Whether a slide is there once the plan is followed. */
  readonly isThere: (slideId: SlideId) => boolean;
  readonly createId: () => string;
  /** Whether links that the plan does not speak of stay. */
  readonly keepLinks: boolean;
  /** Hears of each of them. */
  readonly cut: (link: CutLink) => void;
}

function newSlide(
  deck: Deck,
  passage: Passage,
  { id, rank, ...making }: Making & { id: SlideId; rank: string },
): Change[] {
  const small: Deck = { ...emptyDeck(''), size: deck.size, theme: deck.theme };
  const changes: Change[] = [...addSlideFrom(small, 'story', { id, name: passage.name, createId: making.createId })];
  let present = applyChanges(small, changes);
  const add = (more: readonly Change[]) => {
    changes.push(...more);
    present = applyChanges(present, more);
  };
  const [title, body] = [titleOf(present, id), bodyOf(present, id)];
  if (title) add(setText(present, title.id, plainText(passage.name)));
  if (body) add(setText(present, body.id, plainText(passage.text)));
  const room = roomForChoices(present, id, passage.choices.length);
  add(room.changes);
  passage.choices.forEach((choice, at) => add(addChoice(present, id, choice, making, room.frames[at])));
  // Choices of the layout that the passage does not need would be empty signs in the show.
  add(
    removeItems(
      present,
      itemsOf(present, id).flatMap((item) => (item.role?.startsWith('choice-') && !item.link ? item.id : [])),
    ),
  );
  const isEnding = passage.choices.length === 0;
  return [...changes, { type: 'set-slide', id, fields: { rank, exits: 'links-only', ending: isEnding } }];
}

/** Room for the choices of a passage: the changes that make it, and where each choice stands. */
interface ChoiceRoom {
  readonly changes: readonly Change[];
  readonly frames: readonly Frame[];
}

/** The layout has room for three choices; where there are more, its text makes room for all of them. */
function roomForChoices(deck: Deck, slideId: SlideId, count: number): ChoiceRoom {
  const signs = itemsOf(deck, slideId).filter(({ kind, role }) => kind === 'shape' && role?.startsWith('choice-'));
  if (count <= signs.length) return { changes: [], frames: [] };
  const { textHeight, frames } = choiceBlock(sizeOf(deck), count);
  const body = bodyOf(deck, slideId);
  return {
    frames,
    changes: [
      ...(body ? setItemFields(deck, body.id, { frame: { ...body.frame, height: textHeight } }) : []),
      ...signs.flatMap(({ id, frame }, at) => setItemFields(deck, id, { frame: frames[at] ?? frame })),
    ],
  };
}

/** A choice of its own on a slide; one that does not say where it leads has an open link. */
function addChoice(
  deck: Deck,
  slideId: SlideId,
  choice: PlanChoice,
  { led, createId }: Pick<Making, 'led' | 'createId'>,
  frame?: Frame,
): Change[] {
  const destination = (choice.target && led(choice.target)) ?? { to: 'slide' as const, slideId: createId() };
  return addWay(deck, slideId, { id: createId(), words: choice.words, destination, ...(frame ? { frame } : {}) });
}

/** What changes on a slide so that it says what its passage says. */
function retell(deck: Deck, slide: Slide, passage: Passage, making: Making): Change[] {
  const changes: Change[] = [];
  let present = deck;
  const add = (more: readonly Change[]) => {
    changes.push(...more);
    present = applyChanges(present, more);
  };
  const title = titleOf(deck, slide.id);
  // A title that is the slide's name goes along with it.
  const titled = title ? lettersOf(title.text).trim() : '';
  if (title && passage.name !== '' && passage.name !== titled && (titled === '' || titled === slide.name))
    add(setText(present, title.id, retold(title.text, passage.name)));
  const body = bodyOf(deck, slide.id);
  if (body && lettersOf(body.text).trim() !== passage.text)
    add(setText(present, body.id, retold(body.text, passage.text)));
  const isEmptyHanded = !body && passage.text !== '';
  if (isEmptyHanded) add(newBody(present, slide.id, passage.text, making.createId));
  const before = choicesOf(present, slide.id);
  // Words that carried a link and are not told any more took it with them.
  const lost = lostLinks(choicesOf(deck, slide.id), before);
  const waiting = [...before];
  const taken = passage.choices.map((choice) => {
    const same = waiting.findIndex(({ said }) => said === choice.words);
    return same < 0 ? null : (waiting.splice(same, 1)[0] ?? null);
  });
  passage.choices.forEach((choice, place) => {
    // Other words at the same place are the same choice, said differently.
    const link = taken[place] ?? takeFrom(waiting, before[place]);
    const destination = choice.target && making.led(choice.target);
    if (!link) return add(addChoice(present, slide.id, choice, making));
    if (link.said !== choice.words && link.run === null) {
      const item = present.items[link.itemId];
      if (item && isWordBox(item)) add(setText(present, item.id, retold(item.text, choice.words)));
    }
    if (!destination || isSamePlace(link.destination, destination, making.isThere)) return;
    const { gate } = link.destination;
    add(leadLink(present, link, gate ? { ...destination, gate } : destination));
  });
  const wordsOfPlan = new Set(passage.choices.map(({ words }) => words));
  for (const { said, destination } of lost.filter((link) => !wordsOfPlan.has(link.said))) {
    making.cut({ on: passage.name || slide.name, words: said });
    if (making.keepLinks) add(addWay(present, slide.id, { id: making.createId(), words: said, destination }));
  }
  // The last words of a text go first, so that those before them are still counted as they were.
  for (const link of [...waiting].reverse()) {
    making.cut({ on: passage.name || slide.name, words: link.said });
    if (!making.keepLinks) add(withoutChoice(present, link));
  }
  // A slide that gets its first choices is left by them, so that nobody runs past them.
  if (before.length === 0 && passage.choices.length > 0 && slide.exits === 'open')
    add([{ type: 'set-slide', id: slide.id, fields: { exits: 'links-only' } }]);
  if (slide.ending && passage.choices.length > 0) add([{ type: 'set-slide', id: slide.id, fields: { ending: false } }]);
  return changes;
}

type Choice = ReturnType<typeof choicesOf>[number];

/** Those of some links on words that are not among others any more, by where they lead; each counts once. */
function lostLinks(before: readonly Choice[], after: readonly Choice[]): readonly Choice[] {
  const left = after.filter(({ run }) => run !== null);
  return before.filter(({ run, destination }) => {
    if (run === null) return false;
    const at = left.findIndex((link) => sameDestination(link.destination, destination));
    if (at >= 0) left.splice(at, 1);
    return at < 0;
  });
}

/** Takes something out of a list; `null` when it is not in it. */
function takeFrom<T>(list: T[], wanted: T | undefined): T | null {
  const at = wanted === undefined ? -1 : list.indexOf(wanted);
  return at < 0 ? null : (list.splice(at, 1)[0] ?? null);
}

/** Whether a problem is one that depends on which passages are known. */
function isOfPassages(kind: PlanProblem['kind']): boolean {
  return kind !== 'unclosed';
}

/** Whether two links lead to one place; all that lead to slides that are not there are open alike. */
function isSamePlace(present: Destination, wanted: Destination, isThere: Making['isThere']): boolean {
  if (present.to !== 'slide' || wanted.to !== 'slide') return present.to === wanted.to;
  return present.slideId === wanted.slideId || (!isThere(present.slideId) && !isThere(wanted.slideId));
}

/** Takes a choice away: a sign with words goes, of anything else only the link. */
function withoutChoice(deck: Deck, link: Choice): Change[] {
  const item = deck.items[link.itemId];
  return link.run === null && item?.kind === 'shape' ? removeItems(deck, [item.id]) : leadLink(deck, link, null);
}

/** A text for a slide that had none: as the body of the story layout. */
function newBody(deck: Deck, slideId: SlideId, text: string, createId: () => string): Change[] {
  const small: Deck = { ...emptyDeck(''), size: deck.size, theme: deck.theme };
  const pattern = applyChanges(small, addSlideFrom(small, 'story', { id: slideId, name: '', createId }));
  const body = bodyOf(pattern, slideId);
  if (!body) return [];
  return [{ type: 'put-item', item: { ...body, role: null, text: plainText(text) } }];
}

/** Moves slides so that they stand in the order of their passages; sections stay where they are. */
function inPlanOrder(deck: Deck, ids: readonly SlideId[]): Change[] {
  const wanted = ids.filter((id) => deck.slides[id]);
  const changes: Change[] = [];
  let present = deck;
  for (let place = 1; place < wanted.length; place += 1) {
    const [before = '', id = ''] = [wanted[place - 1], wanted[place]];
    // Only what stands before the passage it follows is out of order.
    const [a, b] = [present.slides[before], present.slides[id]];
    if (a && b && isBefore(a, b)) continue;
    const moved = moveEntries(present, [id], { id: before, side: 'after' });
    changes.push(...moved);
    present = applyChanges(present, moved);
  }
  return changes;
}

function isBefore(a: Slide, b: Slide): boolean {
  return a.rank < b.rank || (a.rank === b.rank && a.id < b.id);
}
