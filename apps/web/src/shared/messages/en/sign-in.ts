/** Words of signing in. */

export const signIn = {
  about: 'Decks that branch. Students fill in their own copy, submit it, and show it.',
  toLesson: 'I am a student: into a lesson',
  title: 'Sign in',
  newTitle: 'New account',
  name: 'Name',
  email: 'E-mail address',
  password: 'Password',
  passwordHint: 'At least 10 letters; a short sentence is good.',
  enter: 'Sign in',
  create: 'Create account',
  noAccount: 'I have no account yet',
  haveAccount: 'I have an account',
} as const;
