/** What errors of the database are about. */
import { readFields } from '@gobrel/core/deck';

/**
 * Whether it is the data that cannot be stored, so that trying again helps nobody: PostgreSQL's error classes 22 (data)
 * and 54 (too much of something), or what could not even be sent.
 */
export function isDataError(error: unknown): boolean {
  const code = readFields(error)?.['code'];
  return typeof code === 'string' ? /^(22|54)/.test(code) : error instanceof RangeError || error instanceof TypeError;
}

/** Whether something could not be stored as there is one of it already (23505, unique_violation). */
export function isDuplicate(error: unknown): boolean {
  return readFields(error)?.['code'] === '23505';
}
