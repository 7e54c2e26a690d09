/** What a student's work has to fit: its edition, what is their own to fill in, and the limits of all of it together. */
import type { Deck, ItemId } from '@gobrel/core/deck';
import { isFixed, type WorkMode } from '@gobrel/core/lesson';
import { putBackAnswers } from '@gobrel/core/questions';
import { readTouchedWork, readWorkDocument, workRoots } from '@gobrel/core/shared-doc';
import {
  entryMisfits,
  entryOf,
  filledItems,
  fillKindOf,
  walkMisfits,
  type Work,
  type WorkChange,
  workParts,
  WorkSums,
} from '@gobrel/core/work';
import type * as Y from 'yjs';
import type { GateRules, WorkFacts } from './document-gate.js';
import { shapeMisfits } from './shape.js';
import type { Touched } from './touched.js';

/** The largest work document, in bytes of its Yjs state: more than all that the limits of its parts allow together. */
export const LARGEST_WORK = 4 * 1024 * 1024;

/** The rules for one document of work. What did not fit before, since a correction, is no reason to refuse anything. */
export class WorkRules implements GateRules {
  readonly roots = workRoots;
  readonly largest = LARGEST_WORK;
  private sums = new WorkSums();

  begin(whole: Y.Doc): void {
    this.sums = WorkSums.of(readWorkDocument(whole));
  }

  follow(touched: Touched, after: Y.Doc): void {
    this.count(touched, readTouchedWork(after, touched));
  }

  misfits(touched: Touched, after: Y.Doc, before: Y.Doc, facts: WorkFacts | null): readonly string[] {
    if (facts === null) return ['nothing is known of its edition'];
    const { edition, mode } = facts;
    const shape = shapeMisfits(touched, after);
    if (shape.length > 0) return shape;
    const next = readTouchedWork(after, touched);
    const excessBefore = this.sums.excess(edition);
    // When the change is refused, `begin` counts anew.
    this.count(touched, next);
    const excess = this.sums.excess(edition).filter((each) => !excessBefore.includes(each));
    const misfits = [...unreadable(touched, after, next), ...workMisfits(next, edition, mode), ...excess];
    if (misfits.length === 0) return [];
    const last = readTouchedWork(before, touched);
    const known = [...unreadable(touched, before, last), ...workMisfits(last, edition, mode)];
    return misfits.filter((misfit) => !known.includes(misfit));
  }

  private count(touched: Touched, work: Work): void {
    for (const part of workParts)
      for (const id of touched.get(part) ?? []) if (id !== null) this.sums.put(part, id, entryOf(work, part, id));
  }
}

/**
 * What puts the answers to some questions back to what they were before a change; nothing where they are as they were.
 * @param usedUp questions whose answer stays as it is
 */
export function putBack(
  usedUp: readonly ItemId[],
  touched: Touched,
  after: Y.Doc,
  before: Y.Doc,
  edition: Deck,
): readonly WorkChange[] {
  const maybe = usedUp.filter((id) => isMaybeTouched(id, touched, edition));
  return maybe.length === 0 ? [] : putBackAnswers(maybe, readWorkDocument(before), readWorkDocument(after), edition);
}

/** Whether a change may be one of the answer to a question; asked first, as looking closer costs reading all of the work. */
function isMaybeTouched(id: ItemId, touched: Touched, edition: Deck): boolean {
  const item = edition.items[id];
  const parts = (item && fillKindOf(item)?.parts) ?? [];
  return parts.some((part) => {
    const names = touched.get(part);
    const isById = part === 'answers' || part === 'blanks';
    return names !== undefined && (!isById || names.has(id));
  });
}

/** Names under which something lies that is no entry of its part. */
function unreadable(touched: Touched, doc: Y.Doc, work: Work): readonly string[] {
  return workParts.flatMap((part) =>
    [...(touched.get(part) ?? [])].flatMap((id) =>
      id !== null && doc.getMap(part).has(id) && entryOf(work, part, id) === undefined
        ? [`${part} ${id} cannot be read`]
        : [],
    ),
  );
}

function workMisfits(work: Work, edition: Deck, mode: WorkMode): readonly string[] {
  return [
    ...workParts.flatMap((part) =>
      Object.entries(work[part]).flatMap(([id, entry]) => entryMisfits(part, id, entry, edition)),
    ),
    ...walkMisfits(work, edition),
    ...filledItems(work)
      .filter((id) => isFixed(edition, mode, id))
      .map((id) => `${id} is on a page that stays as it is`),
  ];
}
