/** Refuses updates that would make a work document hold what its edition does not allow; finds what is to be put back. */
import type { Deck, ItemId } from '@gobrel/core/deck';
import { putBackAnswers } from '@gobrel/core/questions';
import { readWorkDocument, workRoots } from '@gobrel/core/shared-doc';
import { misfitsOf, type WorkChange } from '@gobrel/core/work';
import { createDecoder, readVarString, readVarUint, readVarUint8Array } from 'lib0/decoding';
import * as Y from 'yjs';

/** The largest work document, in bytes of its Yjs state. */
export const LARGEST_WORK = 1024 * 1024;

/** What a client's message carries, as far as the gate cares. */
export type ClientMessage =
  | { readonly type: 'update'; readonly update: Uint8Array }
  | { readonly type: 'broadcast' }
  | { readonly type: 'other' };

/** Message numbers of the sync protocol (Hocuspocus' `MessageType`, y-protocols' sync messages). */
const SYNC = 0;
const SYNC_REPLY = 4;
const BROADCAST = 6;
const STEP_2 = 1;
const UPDATE = 2;

/** Reads a message as it came over the socket. */
export function readClientMessage(message: Uint8Array): ClientMessage {
  const decoder = createDecoder(message);
  readVarString(decoder);
  const type = readVarUint(decoder);
  if (type === BROADCAST) return { type: 'broadcast' };
  if (type !== SYNC && type !== SYNC_REPLY) return { type: 'other' };
  const step = readVarUint(decoder);
  return step === STEP_2 || step === UPDATE
    ? { type: 'update', update: readVarUint8Array(decoder) }
    : { type: 'other' };
}

/** What becomes of an update to a work document. */
export interface GateVerdict {
  /** Why the work after it would not fit its edition; empty when it fits. */
  readonly refusals: readonly string[];
  /** What has to be put back after it: answers that were checked for the last time. */
  readonly putBack: readonly WorkChange[];
}

/**
 * Looks at the work as it would be after `update`. Costs a copy of the document.
 * @param usedUp questions whose answer stays as it is
 */
export function judgeUpdate(
  present: Y.Doc,
  update: Uint8Array,
  edition: Deck,
  usedUp: readonly ItemId[] = [],
): GateVerdict {
  const state = Y.encodeStateAsUpdate(present);
  if (state.length + update.length > LARGEST_WORK) return { refusals: ['the work is too large'], putBack: [] };
  const trial = new Y.Doc();
  Y.applyUpdate(trial, state);
  Y.applyUpdate(trial, update);
  const strange = [...trial.share.keys()].filter((root) => !workRoots.includes(root));
  const next = readWorkDocument(trial);
  trial.destroy();
  const refusals = [...strange.map((root) => `${root} is no part of work`), ...misfitsOf(next, edition)];
  const isToRepair = usedUp.length > 0 && refusals.length === 0;
  return { refusals, putBack: isToRepair ? putBackAnswers(usedUp, readWorkDocument(present), next, edition) : [] };
}
