/** Which items can carry a link as a whole. */
import type { Item } from '@gobrel/core/deck';

const linkable: readonly Item['kind'][] = ['text', 'shape', 'picture', 'line', 'table', 'sign', 'hotspot'];

export function canCarryLink({ kind, loose }: Item): boolean {
  return linkable.includes(kind) && !loose;
}
