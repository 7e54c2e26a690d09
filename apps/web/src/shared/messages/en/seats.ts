/** Words of the seats in a lesson. */

export const seats = {
  more: (name: string) => `More for ${name}`,
  guest: 'Guest',
  resetPin: (name: string) => `Reset PIN of ${name}`,
  pinIsReset: (name: string) => `${name} is signed out and chooses a new PIN when they join again.`,
  remove: (name: string) => `Remove ${name} from the lesson`,
  removed: (name: string) => `${name} is removed. Their work is kept.`,
  removedTitle: 'Removed from the lesson',
  letIn: (name: string) => `Let ${name} in again`,
} as const;
