/** Refuses updates that would make a work document hold what its edition does not allow; finds what is to be put back. */
import type { Deck, ItemId } from '@gobrel/core/deck';
import { isFixed, type WorkMode } from '@gobrel/core/lesson';
import { putBackAnswers } from '@gobrel/core/questions';
import { isTooDeep, readWorkDocument, workRoots } from '@gobrel/core/shared-doc';
import { filledItems, validateWork, type Work, type WorkChange } from '@gobrel/core/work';
import { createDecoder, readVarString, readVarUint, readVarUint8Array } from 'lib0/decoding';
import * as Y from 'yjs';

/** The largest work document, in bytes of its Yjs state: more than all that the limits of its parts allow together. */
export const LARGEST_WORK = 4 * 1024 * 1024;

/** What a client's message carries, as far as the gate cares. */
type ClientMessage =
  | { readonly type: 'update'; readonly update: Uint8Array }
  | { readonly type: 'broadcast' }
  | { readonly type: 'awareness'; readonly payload: Uint8Array }
  | { readonly type: 'other' };

/** Message numbers of the sync protocol (Hocuspocus' `MessageType`, y-protocols' sync messages). */
const SYNC = 0;
const AWARENESS = 1;
const SYNC_REPLY = 4;
const BROADCAST = 6;
const STEP_2 = 1;
const UPDATE = 2;

/** Reads a message as it came over the socket; what it carries is a view of its bytes. */
export function readClientMessage(message: Uint8Array): ClientMessage {
  const decoder = createDecoder(message);
  readVarString(decoder);
  const type = readVarUint(decoder);
  if (type === BROADCAST) return { type: 'broadcast' };
  if (type === AWARENESS) return { type: 'awareness', payload: readVarUint8Array(decoder) };
  if (type !== SYNC && type !== SYNC_REPLY) return { type: 'other' };
  const step = readVarUint(decoder);
  return step === STEP_2 || step === UPDATE
    ? { type: 'update', update: readVarUint8Array(decoder) }
    : { type: 'other' };
}

/** What becomes of an update to a work document. */
interface GateVerdict {
  /** Why the work after it would not fit its edition; empty when it fits. */
  readonly refusals: readonly string[];
  /** What has to be put back after it: answers that were checked for the last time. */
  readonly putBack: readonly WorkChange[];
}

/** What work has to fit. */
interface GateRules {
  readonly edition: Deck;
  readonly mode: WorkMode;
  /** Questions whose answer stays as it is. */
  readonly usedUp?: readonly ItemId[];
}

/**
 * Looks at the work as it would be after `update`. What did not fit before, since the edition was corrected, is no
 * reason to refuse anything. Costs a copy of the document.
 */
export function judgeUpdate(
  present: Y.Doc,
  update: Uint8Array,
  { edition, mode, usedUp = [] }: GateRules,
): GateVerdict {
  const state = Y.encodeStateAsUpdate(present);
  const trial = new Y.Doc();
  Y.applyUpdate(trial, state);
  Y.applyUpdate(trial, update);
  if (isTooLarge(trial, state.length + update.length, state.length)) return refuseAll('the work is too large');
  const strange = [...trial.share.keys()].filter((root) => !workRoots.includes(root));
  if (workRoots.some((root) => isTooDeep(trial.getMap(root)))) return refuseAll('something lies too deep');
  const next = readWorkDocument(trial);
  trial.destroy();
  const misfits = [...validateWork(next, edition), ...fixedIn(next, edition, mode)];
  const known = misfits.length > 0 ? misfitsBefore(present, edition, mode) : [];
  const refusals = [
    ...strange.map((root) => `${root} is no part of work`),
    ...misfits.filter((misfit) => !known.includes(misfit)),
  ];
  const isToRepair = usedUp.length > 0 && refusals.length === 0;
  return { refusals, putBack: isToRepair ? putBackAnswers(usedUp, readWorkDocument(present), next, edition) : [] };
}

function refuseAll(why: string): GateVerdict {
  return { refusals: [why], putBack: [] };
}

/**
 * Whether a document is larger than any may be, and grew. An update repeats what is known already when a device comes
 * back, so the document itself is measured whenever both together are too large.
 * @param atMost what it cannot be larger than, in bytes
 * @param before how large it was, in bytes
 */
function isTooLarge(doc: Y.Doc, atMost: number, before: number): boolean {
  if (atMost <= LARGEST_WORK) return false;
  const after = Y.encodeStateAsUpdate(doc).length;
  return after > LARGEST_WORK && after > before;
}

function misfitsBefore(present: Y.Doc, edition: Deck, mode: WorkMode): readonly string[] {
  const work = readWorkDocument(present);
  return [...validateWork(work, edition), ...fixedIn(work, edition, mode)];
}

/** What was filled in on pages of a class deck that are not the student's own. */
function fixedIn(work: Work, edition: Deck, mode: WorkMode): readonly string[] {
  return filledItems(work)
    .filter((id) => isFixed(edition, mode, id))
    .map((id) => `${id} is on a page that stays as it is`);
}
