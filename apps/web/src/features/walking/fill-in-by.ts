/** Hands that fill in: turn what somebody does on a slide into changes of their work. */
import { type Deck, type ItemId, newId } from '@gobrel/core/deck';
import { changedAnswers, wordsGiven } from '@gobrel/core/questions';
import {
  type AddedContent,
  addedLetters,
  addedShare,
  applyWorkChanges,
  type Drop,
  drawnShare,
  dropPiece,
  hasRoomFor,
  leftToTell,
  validateWork,
  moveAdded,
  nextStrokeId,
  nudgePiece,
  placeAdded,
  putIntoZone,
  sendHome,
  sizeAdded,
  turnPiece,
  type Work,
  type WorkChange,
  workLimits,
} from '@gobrel/core/work';
import type { FillIn } from '@gobrel/slide-view';
import { showToast } from '../../shared/ui';
import { messages } from '../../shared/messages';

/** What can be asked for, to be added in an open area. */
export type AskedToAdd = 'picture' | 'camera' | 'sign';

interface Desk {
  readonly edition: Deck;
  readonly work: Work;
  readonly locked: boolean;
  readonly who: string;
  readonly feedback: FillIn['feedback'];
  readonly say: (words: string) => void;
  /** Asks for a picture or a sticker, and gives it to `add`; where it is not given, there are texts and ink only. */
  readonly onAsk?: ((what: AskedToAdd, add: (content: AddedContent) => void) => void) | undefined;
  /** Takes changes; not called while locked. */
  readonly write: (changes: readonly WorkChange[]) => void;
}

/** The most letters that are written in answer to a question. */
function mostLetters({ items }: Deck, id: ItemId): number {
  const kind = items[id]?.kind;
  if (kind === 'long-text') return workLimits.longText;
  return kind === 'number' ? workLimits.blank : workLimits.words;
}

/** Hands over the given work. */
export function fillInBy({ edition, work, locked, who, feedback, say, onAsk, write }: Desk): FillIn {
  const warn = (text: string) => showToast(text, { tone: 'trouble' });
  const stays = Object.keys(feedback).filter((id) => feedback[id]?.left === 0);
  /** Whether changes leave alone what was checked for the last time: pieces in a zone can be reached all the same. */
  const isAllowed = (changes: readonly WorkChange[]) => {
    const isFree =
      stays.length === 0 || changedAnswers(stays, work, applyWorkChanges(work, changes), edition).length === 0;
    if (!isFree) warn(messages.telling.stays);
    return isFree;
  };
  const put = (...changes: WorkChange[]): boolean => {
    if (locked || changes.length === 0 || !isAllowed(changes)) return false;
    write(changes);
    if (changes.some(({ part }) => part === 'drawn' || part === 'added')) tellRoom(applyWorkChanges(work, changes));
    return true;
  };
  /** Tells in time how much more there is room for. */
  const tellRoom = (after: Work) => {
    const { drawing, adding } = messages.asking.roomLeft;
    for (const [shareOf, inWords] of [
      [drawnShare, drawing],
      [addedShare, adding],
    ] as const) {
      const share = leftToTell(1, shareOf(work), shareOf(after));
      if (share !== null) showToast(inWords({ share }));
    }
  };
  const tellLetters = (most: number, before: string, after: string) => {
    const letters = leftToTell(most, before.length, after.length);
    if (letters !== null) showToast(messages.asking.roomLeft.letters({ letters }));
  };
  const dropped = (drop: Drop | null) => {
    if (drop && drop.changes.length > 0 && !put(...drop.changes)) return null;
    return drop;
  };
  const add = (areaId: string, content: AddedContent) => {
    const added = placeAdded(edition, work, areaId, content);
    if (!added) return;
    const id = newId();
    if (validateWork(applyWorkChanges(work, [{ part: 'added', id, value: added }]), edition).length > 0)
      warn(messages.asking.noRoom);
    else put({ part: 'added', id, value: added });
  };
  return {
    work,
    locked,
    who,
    feedback,
    below: null,
    say,
    warn,
    setBlank: (id, value) => {
      if (put({ part: 'blanks', id, value })) tellLetters(workLimits.blank, work.blanks[id] ?? '', value);
    },
    chooseBlank: (id, value) => put({ part: 'blanks', id, value, chosen: true }),
    setAnswer: (id, value) => {
      const isPut = put({ part: 'answers', id, value });
      if (isPut && value.kind === 'words') tellLetters(mostLetters(edition, id), wordsGiven(work, id), value.text);
    },
    setSure: (id, value) => put({ part: 'sure', id, value }),
    addStroke: (stroke) => {
      if (hasRoomFor(work, stroke)) put({ part: 'drawn', id: nextStrokeId(work, newId()), value: stroke });
      else warn(messages.asking.noRoom);
    },
    removeStrokes: (ids) => put(...ids.map((id): WorkChange => ({ part: 'drawn', id, value: null }))),
    addText: (areaId) => add(areaId, { kind: 'text', text: '', size: addedLetters.usual }),
    askToAdd: onAsk ? (areaId, what) => onAsk(what, (content) => add(areaId, content)) : null,
    setAddedText: (id, text) => {
      const added = work.added[id];
      if (added?.kind !== 'text') return;
      if (put({ part: 'added', id, value: { ...added, text } })) tellLetters(workLimits.added, added.text, text);
    },
    moveAdded: (id, x, y) => {
      const added = work.added[id];
      if (added) put({ part: 'added', id, value: moveAdded(edition, added, x, y) });
    },
    sizeAdded: (id, factor) => {
      const added = work.added[id];
      if (added) put({ part: 'added', id, value: sizeAdded(edition, added, factor) });
    },
    removeAdded: (id) => put({ part: 'added', id, value: null }),
    dropPiece: (id, at) => dropped(dropPiece(edition, work, id, at)),
    putIntoZone: (id, zoneId) => dropped(putIntoZone(edition, work, id, zoneId)),
    nudgePiece: (id, dx, dy) => dropped(nudgePiece(edition, work, id, dx, dy)),
    turnPiece: (id, by) => put(...turnPiece(edition, work, id, by)),
    sendHome: (ids) => put(...sendHome(edition, work, ids)),
  };
}
