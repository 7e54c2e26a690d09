/** What a connection says of where somebody is: of itself only, and briefly. */
import { createDecoder, hasContent, readVarString, readVarUint } from 'lib0/decoding';
import { createEncoder, toUint8Array, writeVarString, writeVarUint } from 'lib0/encoding';

/** The longest that one says of oneself, in letters of JSON. */
const LONGEST_STATE = 2_000;

/** One client in an awareness message, as y-protocols writes it. */
interface AwarenessEntry {
  readonly client: number;
  readonly clock: number;
  /** JSON. */
  readonly state: string;
}

/**
 * An awareness message cut down to what may be said.
 * @param isOwn whether a client is the connection's own, or nobody's yet
 * @throws Error when the message is cut off
 */
export function ownAwareness(payload: Uint8Array, isOwn: (client: number) => boolean): Uint8Array {
  const entries = readEntries(payload).filter(({ client, state }) => isOwn(client) && state.length <= LONGEST_STATE);
  const encoder = createEncoder();
  // Whoever connects is one client; more than one come only from devices that pass on what they heard.
  writeVarUint(encoder, entries.length);
  for (const { client, clock, state } of entries) {
    writeVarUint(encoder, client);
    writeVarUint(encoder, clock);
    writeVarString(encoder, state);
  }
  return toUint8Array(encoder);
}

function readEntries(payload: Uint8Array): readonly AwarenessEntry[] {
  const decoder = createDecoder(payload);
  const count = readVarUint(decoder);
  const entries: AwarenessEntry[] = [];
  while (entries.length < count && hasContent(decoder))
    entries.push({ client: readVarUint(decoder), clock: readVarUint(decoder), state: readVarString(decoder) });
  return entries;
}
