/** Words of the story plan. */
import { many } from './phrases';

const few = (names: readonly string[]) => {
  const shown = names.slice(0, 4).map((name) => `“${name || 'without a name'}”`);
  return names.length > shown.length ? `${shown.join(', ')} and ${names.length - shown.length} more` : shown.join(', ');
};

export const plan = {
  title: 'Story plan',
  findings: 'What the plan changes, and what is wrong with it',
  follow: 'Let the slides follow',
  asItIs: 'Back to what the slides say',
  followed: (added: number, changed: number, removed: number) =>
    `The slides follow the plan: ${added} new, ${changed} changed, ${removed} removed.`,
  same: 'The plan says what the slides say.',
  reading: 'The plan is being read …',
  nothing: 'Nothing on the slides would change.',
  added: (names: readonly string[]) =>
    names.length === 0 ? '' : `${many(names.length, 'new slide', 'new slides')}: ${few(names)}`,
  renamed: (names: readonly { readonly from: string; readonly to: string }[]) =>
    names.length === 0 ? '' : `Renamed: ${few(names.map(({ from, to }) => `${from} → ${to}`))}`,
  changed: (names: readonly string[]) => (names.length === 0 ? '' : `Texts or choices change on ${few(names)}`),
  removed: (names: readonly string[]) => (names.length === 0 ? '' : `Removed with all that is on them: ${few(names)}`),
  cut: (links: readonly { readonly on: string; readonly words: string }[]) =>
    links.length === 0 ? '' : `Links that go: ${few(links.map(({ on, words }) => `${words}” on “${on}`))}`,
  keepLinks: (links: readonly { readonly on: string; readonly words: string }[]) =>
    `Keep ${many(links.length, 'link', 'links')} the plan does not mention: ${few(links.map(({ on, words }) => `${words}” on “${on}`))}`,
  keepSlides: (names: readonly string[]) =>
    `Keep ${many(names.length, 'slide', 'slides')} the plan does not mention: ${few(names)}`,
  problems: (count: number) => many(count, 'thing to look at', 'things to look at'),
  line: (line: number) => `Line ${line}`,
  noPassage: (words: string, named: string) => `“${words}” leads to “${named}”, but there is no such passage.`,
  noTarget: (words: string) => `“${words}” does not say where it leads.`,
  unchosen: (name: string) => `No choice leads to “${name}”.`,
  sameName: (name: string) => `“${name}” is there twice. A choice that names it means the first.`,
  unclosed: (words: string) => `A bracket after “${words}” is not closed; what follows it was taken as the passage.`,
  placeholder: '1. The first passage\nWhat it says.\n- A choice -> the name or number of a passage',
  how: [
    'A passage begins with a number (3.) or a name (# The hide). Its text follows.',
    'A choice begins with a dash and says after an arrow where it leads: a name, a number, or back, restart, end, next.',
    'A choice that leads to … goes where a plan has no words for, and stays as it is.',
  ].join('\n'),
} as const;
