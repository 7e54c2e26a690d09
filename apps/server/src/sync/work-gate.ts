/** Refuses updates that would make a work document hold what its edition does not allow. */
import type { Deck, ItemId } from '@gobrel/core/deck';
import { answerPrint } from '@gobrel/core/questions';
import { readWorkDocument, workRoots } from '@gobrel/core/shared-doc';
import { misfitsOf, type Work } from '@gobrel/core/work';
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

/**
 * Why the work after `update` would not be allowed; empty when it is. Costs a copy of the document.
 * @param usedUp questions whose answer stays as it is
 */
export function refusalsFor(
  present: Y.Doc,
  update: Uint8Array,
  edition: Deck,
  usedUp: readonly ItemId[] = [],
): readonly string[] {
  const state = Y.encodeStateAsUpdate(present);
  if (state.length + update.length > LARGEST_WORK) return ['the work is too large'];
  const trial = new Y.Doc();
  Y.applyUpdate(trial, state);
  Y.applyUpdate(trial, update);
  const strange = [...trial.share.keys()].filter((root) => !workRoots.includes(root));
  const next = readWorkDocument(trial);
  const refusals = [
    ...strange.map((root) => `${root} is no part of work`),
    ...misfitsOf(next, edition),
    ...(usedUp.length > 0 ? changedIn(readWorkDocument(present), next, edition, usedUp) : []),
  ];
  trial.destroy();
  return refusals;
}

function changedIn(before: Work, next: Work, edition: Deck, usedUp: readonly ItemId[]): readonly string[] {
  return usedUp.flatMap((id) => {
    const item = edition.items[id];
    return item && answerPrint(item, before, edition) !== answerPrint(item, next, edition)
      ? [`the answer to ${id} was checked for the last time`]
      : [];
  });
}
