/** Words of the frame around the screens, and of addresses where nothing is. */
import { many } from './phrases';

export const frame = {
  home: 'Gobrel: to the library',
  places: 'Places',
  library: 'Library',
  lessons: 'Lessons',
  classes: 'Classes',
  signIn: 'your account',
  signOut: 'Sign out',
  leavingTitle: 'Leave without saving?',
  leavingText: (unsaved: number) =>
    `Changes in ${many(unsaved, 'document', 'documents')} are only on this device. They are lost when you leave now. Stay until they are saved, with a network.`,
  stay: 'Stay',
  leaveAnyway: 'Leave and lose them',
} as const;

export const elsewhere = {
  title: 'Nothing is here',
  text: 'The address may be mistyped, or what was here is gone.',
  home: 'To the library',
  broken: 'This screen broke. What you typed is kept. Load it again.',
} as const;
