/**
 * A toll: a small computation that a device makes before it is let in, where very many came in from one address just now.
 * It costs a person a moment and a loop all it has, so that the loop shuts nobody out. Nothing is kept about it: what is paid
 * for holds for one name in one minute (after Hashcash, A. Back 1997).
 */
import { sha256 } from '@noble/hashes/sha2';
import { utf8ToBytes } from '@noble/hashes/utils';

/** What is asked for. */
export interface Toll {
  /** The minute for which it is paid, since 1970 by the server's clock. */
  readonly minute: number;
  /** How many bits at the beginning of the hash are to be 0: one more is twice the work. */
  readonly bits: number;
}

/** How many bits a toll has at least and at most: some 65,000 and a million hashes on average, and by chance four times that. */
const LEAST_BITS = 16;
const MOST_BITS = 20;
/** For how many minutes what was paid holds. */
const HOLDS_MINUTES = 2;
const MINUTE_MS = 60_000;
const PAID = /^(\d{1,12})\.(\d{1,12})$/;

/**
 * The toll where `count` came in within a minute and `most` come in free; `null` where there is none.
 * @param now in milliseconds since 1970, by the server's clock
 */
export function tollFor(count: number, most: number, now: number): Toll | null {
  if (count < most) return null;
  const bits = Math.min(MOST_BITS, LEAST_BITS + Math.floor(Math.log2(count / most)));
  return { minute: Math.floor(now / MINUTE_MS), bits };
}

/**
 * Pays a toll: tries one number after the other. Takes 2 to the power of `bits` hashes on average.
 * @param purpose what is to be let in, as both sides write it
 * @returns what is to be sent along
 */
export function payToll(purpose: string, { minute, bits }: Toll): string {
  for (let number = 0; ; number += 1) {
    const paid = `${minute}.${number}`;
    if (zeroBits(purpose, paid) >= bits) return paid;
  }
}

/** Whether a toll was paid for a purpose: in this minute or one just before it. @param now in milliseconds since 1970 */
export function isTollPaid(purpose: string, { bits }: Toll, paid: string, now: number): boolean {
  const minute = Number(PAID.exec(paid)?.[1] ?? NaN);
  const age = Math.floor(now / MINUTE_MS) - minute;
  return age >= 0 && age <= HOLDS_MINUTES && zeroBits(purpose, paid) >= bits;
}

/** How many bits at the beginning of a hash are 0. */
function zeroBits(purpose: string, paid: string): number {
  let bits = 0;
  for (const byte of sha256(utf8ToBytes(`${purpose}\n${paid}`))) {
    bits += Math.clz32(byte) - 24;
    if (byte !== 0) break;
  }
  return bits;
}
