/** Bringing work from elsewhere into somebody's work: what fits and is not there yet comes, nothing that is there goes. */
import type { Deck } from '../deck/index.js';
import { entryMisfits, walkMisfits } from './validate-work.js';
import {
  type AnyWorkEntry,
  applyWorkChanges,
  entryOf,
  type Work,
  type WorkChange,
  workLimits,
  type WorkPart,
  workParts,
} from './work.js';
import { WorkSums } from './work-sums.js';

/** What comes of bringing work in. */
export interface BroughtIn {
  /** What is changed in the work that is there. */
  readonly changes: readonly WorkChange[];
  /** How many entries come. */
  readonly taken: number;
  /** How many do not come, as there is something else already. */
  readonly kept: number;
  /** How many do not come, as they do not fit the edition or there is no room for them. */
  readonly unfit: number;
}

/**
 * What of some work comes into the work that is there, by the same rules as everything a student does. Of what is in
 * both, what is there stays.
 */
export function bringIn(edition: Deck, present: Work, brought: Work): BroughtIn {
  const sums = WorkSums.of(present);
  const changes: WorkChange[] = [];
  const counts = { kept: 0, unfit: 0 };
  for (const part of workParts)
    for (const [id, entry] of Object.entries<AnyWorkEntry>(brought[part])) {
      if (isNothing(entry)) continue;
      const there = entryOf(present, part, id);
      if (there !== undefined && !isNothing(there)) {
        if (JSON.stringify(there) !== JSON.stringify(entry)) counts.kept += 1;
        continue;
      }
      const change = changeOf(part, id, entry);
      if (!fits(edition, change) || !hasRoom(edition, sums, change, there)) counts.unfit += 1;
      else changes.push(change);
    }
  return { changes: [...changes, ...walked(edition, present, brought)], taken: changes.length, ...counts };
}

type EntryChange = Exclude<WorkChange, { readonly part: 'walk' }>;

/** An entry as the change that makes it: read from a map of its part, so that both belong together. */
function changeOf(part: WorkPart, id: string, value: AnyWorkEntry): EntryChange {
  // eslint-disable-next-line @typescript-eslint/no-unsafe-type-assertion
  return { part, id, value } as EntryChange;
}

function isNothing(entry: AnyWorkEntry): boolean {
  if (typeof entry === 'string') return entry.trim() === '';
  return typeof entry === 'object' && 'kind' in entry && entry.kind === 'words' && entry.text.trim() === '';
}

function fits(edition: Deck, change: EntryChange): boolean {
  return change.value !== null && entryMisfits(change.part, change.id, change.value, edition).length === 0;
}

/** Whether there is room for an entry beside what is there; counted on when there is. */
function hasRoom(edition: Deck, sums: WorkSums, { part, id, value }: EntryChange, there?: AnyWorkEntry): boolean {
  sums.put(part, id, value ?? undefined);
  if (sums.excess(edition).length === 0) return true;
  sums.put(part, id, there);
  return false;
}

/** The walk that was made elsewhere, where none was made here; what was seen in either was seen. */
function walked(edition: Deck, present: Work, brought: Work): readonly WorkChange[] {
  if (walkMisfits(brought, edition).length > 0) return [];
  const walk = present.walk.length > 1 ? present.walk : brought.walk;
  const seen = [...new Set([...present.seen, ...brought.seen])].slice(0, workLimits.seen);
  const change: WorkChange = { part: 'walk', walk, seen };
  const next = applyWorkChanges(present, [change]);
  const isSame = JSON.stringify([next.walk, next.seen]) === JSON.stringify([present.walk, present.seen]);
  return isSame ? [] : [change];
}
