/** Refuses updates that would make a work document hold what its edition does not allow. */
import type { Deck } from '@gobrel/core/deck';
import { readWorkDocument, workRoots } from '@gobrel/core/shared-doc';
import { misfitsOf } from '@gobrel/core/work';
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

/** Why the work after `update` would not fit its edition; empty when it fits. Costs a copy of the document. */
export function refusalsFor(present: Y.Doc, update: Uint8Array, edition: Deck): readonly string[] {
  const state = Y.encodeStateAsUpdate(present);
  if (state.length + update.length > LARGEST_WORK) return ['the work is too large'];
  const trial = new Y.Doc();
  Y.applyUpdate(trial, state);
  Y.applyUpdate(trial, update);
  const strange = [...trial.share.keys()].filter((root) => !workRoots.includes(root));
  const refusals = [
    ...strange.map((root) => `${root} is no part of work`),
    ...misfitsOf(readWorkDocument(trial), edition),
  ];
  trial.destroy();
  return refusals;
}
