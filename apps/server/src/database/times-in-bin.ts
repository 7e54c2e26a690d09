/** From when to when something is in the bin. */
import { DAYS_IN_BIN } from '@gobrel/contract';

const DAY_MS = 24 * 60 * 60 * 1000;

/** When something was put in the bin, and when it goes for good; both ISO 8601. */
export function timesInBin(deletedAt: Date | null): { deletedAt: string; goneAt: string } {
  const since = deletedAt ?? new Date();
  return { deletedAt: since.toISOString(), goneAt: new Date(since.getTime() + DAYS_IN_BIN * DAY_MS).toISOString() };
}
