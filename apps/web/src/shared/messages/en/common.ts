/** Words that many screens say. */

export const common = {
  close: 'Close',
  cancel: 'Cancel',
  keep: 'Keep',
  undo: 'Undo',
  redo: 'Redo',
  note: 'Note',
  lamp: 'Lamp: dark colours for dim rooms',
  tryAgain: 'Try again',
  loading: (what: string) => `Getting ${what} …`,
  notReached: 'The server cannot be reached. Check the network; what you typed is kept on this device.',
  somethingWrong: 'Something went wrong. Try again in a moment.',
} as const;

export const kept = {
  loading: 'getting it …',
  saved: 'saved',
  saving: 'saving …',
  'on-device': 'no network: kept on this device',
  refused: 'the server does not take the last change',
  forbidden: 'not open to you',
} as const;
