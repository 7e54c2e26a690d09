/** Words for what students are told of their answers. */
export const telling = {
  title: 'Your answers here',
  check: 'Check my answers',
  checking: 'Checking …',
  left: (count: number) => (count === 1 ? '1 check left' : `${count} checks left`),
  hint: 'Hint',
  nextHint: 'Another hint',
  stays: 'This was checked for the last time, so it stays as it is.',
  cannot: 'The answers could not be checked just now. They are kept; try again when you are connected.',
} as const;
