/** What a client's message over the socket carries, as far as the server cares before it is handled. */
import { createDecoder, readVarString, readVarUint, readVarUint8Array } from 'lib0/decoding';

type ClientMessage =
  | { readonly type: 'update'; readonly update: Uint8Array }
  | { readonly type: 'awareness'; readonly payload: Uint8Array }
  /** Asks for something, or closes a document; changes nothing. */
  | { readonly type: 'asking' }
  /** What clients never send. */
  | { readonly type: 'strange' };

/** Message numbers of the sync protocol (Hocuspocus' `MessageType`, y-protocols' sync messages). */
const SYNC = 0;
const AWARENESS = 1;
const SYNC_REPLY = 4;
const ASKING = [2, 3, 7];
const STEP_1 = 0;
const STEP_2 = 1;
const UPDATE = 2;

/** Reads a message as it came over the socket; what it carries is a view of its bytes. @throws Error when it is cut off */
export function readClientMessage(message: Uint8Array): ClientMessage {
  const decoder = createDecoder(message);
  readVarString(decoder);
  const type = readVarUint(decoder);
  if (type === AWARENESS) return { type: 'awareness', payload: readVarUint8Array(decoder) };
  if (ASKING.includes(type)) return { type: 'asking' };
  if (type !== SYNC && type !== SYNC_REPLY) return { type: 'strange' };
  const step = readVarUint(decoder);
  if (step === STEP_1) return { type: 'asking' };
  return step === STEP_2 || step === UPDATE
    ? { type: 'update', update: readVarUint8Array(decoder) }
    : { type: 'strange' };
}
