/** Words of the frame around the screens, and of addresses where nothing is. */

export const frame = {
  home: 'Gobrel: to the library',
  places: 'Places',
  library: 'Library',
  lessons: 'Lessons',
  classes: 'Classes',
  signIn: 'your account',
  signOut: 'Sign out',
} as const;

export const elsewhere = {
  title: 'Nothing is here',
  text: 'The address may be mistyped, or what was here is gone.',
  home: 'To the library',
  broken: 'This screen broke. What you typed is kept. Load it again.',
} as const;
