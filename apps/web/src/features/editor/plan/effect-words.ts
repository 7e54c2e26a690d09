/** What following a plan would do, in words; nothing is said of what would not happen. */
import type { PlanEffect } from '@gobrel/core/story-plan';
import { messages, someOf } from '../../../shared/messages';

/** The names in quotation marks, the first few of them. */
export function quoted(names: readonly string[]): string {
  return someOf(names.map((name) => messages.common.quoted({ name: name || messages.plan.withoutName })));
}

/** Links as what carries them and the slide they are on. */
export function cutLinks(links: PlanEffect['cut']): string {
  return someOf(links.map(({ on, words }) => messages.plan.linkOn({ words, slide: on })));
}

export function addedInWords(names: PlanEffect['added']): string {
  return names.length === 0 ? '' : messages.plan.added({ count: names.length, names: quoted(names) });
}

export function renamedInWords(names: PlanEffect['renamed']): string {
  if (names.length === 0) return '';
  return messages.plan.renamed({ names: quoted(names.map(({ from, to }) => messages.plan.renamedTo({ from, to }))) });
}

export function changedInWords(names: PlanEffect['changed']): string {
  return names.length === 0 ? '' : messages.plan.changed({ names: quoted(names) });
}

export function removedInWords(names: PlanEffect['removed']): string {
  return names.length === 0 ? '' : messages.plan.removed({ names: quoted(names) });
}

export function cutInWords(links: PlanEffect['cut']): string {
  return links.length === 0 ? '' : messages.plan.cut({ links: cutLinks(links) });
}
