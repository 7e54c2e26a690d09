/** Words about versions of a deck, and about those who edit it. */
import type { SlideDifference } from '@gobrel/core/deck';
import { many, moment } from './phrases';

export const versions = {
  title: 'Versions',
  one: 'the version',
  name: 'Keep the deck as it is now, under a name',
  hint: 'Such as “before 6 Heron”. While you work, a version is kept by itself every ten minutes or so.',
  keep: 'Keep it',
  none: 'Nothing is kept yet. The first version comes by itself once the deck changes.',
  automatic: 'Kept by itself',
  facts: (madeAt: string, by: string | null, slides: number) =>
    [moment(madeAt), by, many(slides, 'slide', 'slides')].filter(Boolean).join(' · '),
  showAll: 'Show also the slides that are the same',
  restore: 'Go back to this version',
  restored: 'The deck is as it was then.',
  differ: (count: number, same: boolean) =>
    same
      ? 'The deck is the same today.'
      : count === 0
        ? 'All slides are the same; the order, the sections or the theme differ.'
        : `${many(count, 'slide differs', 'slides differ')}.`,
  then: 'Then',
  now: 'Today',
  notThere: 'not there',
  differences: { same: '', changed: 'changed since', added: 'new since', removed: 'removed since' } as Readonly<
    Record<SlideDifference, string>
  >,
} as const;

export const authors = {
  title: 'Who edits this deck',
  share: 'Share',
  email: 'E-mail address of a colleague',
  hint: 'The one they sign in with here. They edit the deck together with you, at the same time if you like.',
  letIn: 'Let in',
  letOut: (name: string) => `Let ${name} out`,
  leave: 'Leave this deck',
  owner: 'owner',
  isIn: (name: string) => `${name} edits this deck too.`,
  sharedBy: (name: string) => `shared by ${name}`,
  onlyOwner: 'Only the owner lets others in.',
} as const;
