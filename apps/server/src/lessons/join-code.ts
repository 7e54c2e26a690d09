/** Join codes: four consonants and three digits, easy to read from a board and unlikely to spell anything. */
import { randomInt } from 'node:crypto';

const CONSONANTS = 'BCDFGHJKLMNPRSTVWXZ';
const DIGITS = '23456789';

/** A new code without its hyphen, as it is stored and compared. */
export function newJoinCode(): string {
  const pick = (letters: string) => letters[randomInt(letters.length)] ?? '';
  return [...Array.from({ length: 4 }, () => pick(CONSONANTS)), ...Array.from({ length: 3 }, () => pick(DIGITS))].join(
    '',
  );
}
