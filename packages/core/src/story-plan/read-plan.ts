/** Reads a story plan from text that somebody typed or pasted; whatever it says, something is made of it. Linear. */
import { cutText, type Step, steps, storableText } from '../deck/index.js';
import {
  AS_IT_IS,
  comparable,
  type Passage,
  PassageIndex,
  type Plan,
  type PlanChoice,
  type PlanProblem,
  type PlanTarget,
  stepWords,
} from './plan.js';

/** The longest plan that is read, in letters. */
const LONGEST_PLAN = 2_000_000;
/** The longest name of a passage, in letters. */
const LONGEST_NAME = 120;

/** A passage while it is read. */
interface Draft {
  readonly name: string;
  readonly number: number | null;
  readonly line: number;
  readonly lines: string[];
  readonly choices: PlanChoice[];
}

/** A plan from text. Tabs, line ends of any system and marks that text programs put in are taken as they come. */
export function readPlan(text: string): Plan {
  const problems: PlanProblem[] = [];
  const drafts: Draft[] = [];
  const begin = (name: string, number: number | null, line: number): Draft => {
    const draft = { name: cutText(name, LONGEST_NAME), number, line, lines: [], choices: [] };
    drafts.push(draft);
    return draft;
  };
  let current: Draft | null = null;
  linesOf(storableText(text)).forEach((written, index) => {
    const line = index + 1;
    const heading = headingIn(written);
    if (heading) {
      current = begin(heading.name, heading.number, line);
      return;
    }
    if (current === null && written.trim() === '') return;
    // What stands before the first passage is a passage without a name.
    current ??= begin('', null, line);
    const choice = choiceIn(written, line);
    if (choice) {
      current.choices.push(choice.choice);
      if (choice.isUnclosed) problems.push({ kind: 'unclosed', line, words: choice.choice.words });
    } else {
      current.lines.push(unescaped(written));
    }
  });
  const passages = drafts.map(({ name, number, line, lines, choices }): Passage => ({
    name,
    number,
    line,
    choices,
    text: trimmed(lines),
  }));
  return {
    passages,
    problems: [...problems, ...problemsOf(passages, new PassageIndex(passages))].sort((a, b) => a.line - b.line),
  };
}

function linesOf(text: string): readonly string[] {
  return text
    .slice(0, LONGEST_PLAN)
    .replace(/^\ufeff/, '')
    .split(/\r\n|\r|\n|\u2028|\u2029/)
    .map((line) => line.replace(/\t/g, '  ').trimEnd());
}

/** A line that begins a passage: `3. Name`, `3) Name`, `3`, `# Name`, `# 3. Name`. */
function headingIn(line: string): { readonly name: string; readonly number: number | null } | null {
  const marked = /^#{1,6}\s+(.*)$/.exec(line)?.[1];
  const numbered = /^(\d{1,6})(?:[.):]\s*(.*))?$/.exec(marked ?? line);
  if (numbered) return { number: Number(numbered[1]), name: (numbered[2] ?? '').trim() };
  return marked === undefined ? null : { number: null, name: marked.trim() };
}

const BULLET = /^\s*[-–—*•+]\s+(.*)$/;
/** The last arrow leads on, as words may hold some; names that hold one are written as numbers. */
const ARROW = /^(.*)(?:->|→|=>|⇒)\s*(.*)$/;
const CLOSED = /^(.*?)\s*(?:\[([^[\]]*)\]|\(([^()]*)\))$/;
const UNCLOSED = /^(.*?)\s*[[(]([^[\]()]+)$/;

/** A line that is a choice; a plain list without any word of where it leads is one too. */
function choiceIn(line: string, at: number): { readonly choice: PlanChoice; readonly isUnclosed: boolean } | null {
  const said = BULLET.exec(line)?.[1];
  if (said === undefined) return null;
  const made = (words: string, named: string | null, isUnclosed = false) => ({
    choice: { words: words.trim(), target: named === null ? null : targetNamed(named), line: at },
    isUnclosed,
  });
  const arrow = ARROW.exec(said);
  if (arrow) {
    // The name after an arrow may stand in brackets too.
    const bare = (arrow[2] ?? '').replace(/^[[(](.*?)[\])]?$/, '$1');
    return made(arrow[1] || bare, bare);
  }
  const closed = CLOSED.exec(said);
  if (closed) return made(closed[1] ?? '', closed[2] ?? closed[3] ?? '');
  const unclosed = UNCLOSED.exec(said);
  if (unclosed) return made(unclosed[1] ?? '', unclosed[2] ?? '', true);
  return made(said, null);
}

function targetNamed(named: string): PlanTarget | null {
  const said = comparable(named);
  if (said === '' || said === '?') return null;
  if (said === AS_IT_IS || said === '...') return { to: 'as-it-is' };
  const step = steps.find((each: Step) => stepWords[each].includes(said));
  return step ? { to: step } : { to: 'passage', named: named.trim() };
}

/** Lines of a text, without empty ones around it. */
function trimmed(lines: readonly string[]): string {
  return lines.join('\n').replace(/^\n+|\n+$/g, '');
}

/** A line of a text that would be read as something else is written with a backslash before it. */
export function escaped(line: string): string {
  return headingIn(line) || BULLET.test(line) || line.startsWith('\\') ? `\\${line}` : line;
}

function unescaped(line: string): string {
  return line.startsWith('\\') ? line.slice(1) : line;
}

/** What is wrong or risky in how passages lead to each other. */
export function problemsOf(passages: readonly Passage[], index: PassageIndex): readonly PlanProblem[] {
  const chosen = new Set<number>([0]);
  const problems: PlanProblem[] = [];
  const names = new Map<string, number>();
  passages.forEach(({ name, line, choices }, place) => {
    const known = comparable(name);
    if (known !== '' && names.has(known)) problems.push({ kind: 'same-name', line, name });
    names.set(known, place);
    for (const choice of choices) {
      const { target, words } = choice;
      if (target === null) problems.push({ kind: 'no-target', line: choice.line, words });
      else if (target.to === 'next') chosen.add(place + 1);
      else if (target.to === 'previous') chosen.add(place - 1);
      else if (target.to === 'last') chosen.add(passages.length - 1);
      if (target?.to !== 'passage') continue;
      const found = index.find(target.named);
      if (found === null) problems.push({ kind: 'no-passage', line: choice.line, words, named: target.named });
      else chosen.add(found);
    }
  });
  passages.forEach(({ name, number, line }, place) => {
    if (!chosen.has(place)) problems.push({ kind: 'unchosen', line, name: name || String(number ?? place + 1) });
  });
  return problems;
}
