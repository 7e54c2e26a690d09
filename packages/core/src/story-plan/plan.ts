/**
 * A story plan: passages and the choices that lead on from them, written as plain text.
 *
 *     1. Dusk at the gate
 *     The warden gives you a lantern.
 *     - Step onto the boards → The boardwalk splits
 *     - Go home → end
 *
 * A passage begins with a number (`1.`, `1)`), a name after `#`, or both; its text follows line by line; a choice begins
 * with a dash, a star or a bullet and says after an arrow (`→`, also typed `->`), or in brackets at its end, which passage it leads to.
 */
import type { Step } from '../deck/index.js';

/** Where a choice leads, as it is written. */
export type PlanTarget =
  | { readonly to: 'passage'; readonly named: string }
  | { readonly to: Step }
  /** Wherever the link of the slide leads: to something that a plan has no words for. */
  | { readonly to: 'as-it-is' };

/** A choice of a passage. */
export interface PlanChoice {
  readonly words: string;
  /** `null` when nothing is said of where it leads. */
  readonly target: PlanTarget | null;
  /** The line it stands on, counted from 1. */
  readonly line: number;
}

/** A passage: what becomes a slide. */
export interface Passage {
  readonly name: string;
  /** The number it was given; `null` when it has only a name. */
  readonly number: number | null;
  readonly text: string;
  readonly choices: readonly PlanChoice[];
  /** The line of the plan it begins in, from 1. */
  readonly line: number;
}

/** What is wrong or risky in a plan. */
export type PlanProblem =
  /** A choice names a passage that is not there. */
  | { readonly kind: 'no-passage'; readonly line: number; readonly words: string; readonly named: string }
  /** A choice says nothing of where it leads. */
  | { readonly kind: 'no-target'; readonly line: number; readonly words: string }
  /** Nobody chooses a passage that is not the first. */
  | { readonly kind: 'unchosen'; readonly line: number; readonly name: string }
  /** Two passages have one name, so that a choice cannot say which. */
  | { readonly kind: 'same-name'; readonly line: number; readonly name: string }
  /** A bracket is not closed; what follows it was taken as the passage. */
  | { readonly kind: 'unclosed'; readonly line: number; readonly words: string };

/** A plan as it was read. */
export interface Plan {
  readonly passages: readonly Passage[];
  readonly problems: readonly PlanProblem[];
}

/** The words of a plan for the steps of a walk; the first of each is written, all of them are read. */
export const stepWords: Readonly<Record<Step, readonly [string, ...string[]]>> = {
  next: ['next'],
  previous: ['previous'],
  first: ['first'],
  last: ['last'],
  back: ['back'],
  restart: ['restart', 'from the start'],
  end: ['end', 'the end'],
};

/** What a choice says that leads where a plan has no words for. */
export const AS_IT_IS = '…';

/** Names as they are compared: without case, and with single spaces. */
export function comparable(name: string): string {
  return name.trim().replace(/\s+/g, ' ').toLocaleLowerCase();
}

/** Finds passages by what a choice says: by name, or by number. */
export class PassageIndex {
  private readonly byName = new Map<string, number>();
  private readonly byNumber = new Map<number, number>();

  /** @param former names that passages had before, by their places: they are still found by them */
  constructor(passages: readonly Pick<Passage, 'name' | 'number'>[], former: readonly string[] = []) {
    passages.forEach(({ name, number }, place) => {
      const known = comparable(name);
      if (known !== '' && !this.byName.has(known)) this.byName.set(known, place);
      if (number !== null && !this.byNumber.has(number)) this.byNumber.set(number, place);
    });
    former.forEach((name, place) => {
      const known = comparable(name);
      if (known !== '' && !this.byName.has(known)) this.byName.set(known, place);
    });
  }

  /** The place of the passage in the plan; `null` when there is none. A name comes before a number. */
  find(named: string): number | null {
    const number = /^#?(\d+)$/.exec(named.trim())?.[1];
    const byNumber = number === undefined ? undefined : this.byNumber.get(Number(number));
    return this.byName.get(comparable(named)) ?? byNumber ?? null;
  }
}
