/** Where a link leads. */
import { isId, type SlideId } from './identifiers.js';
import { readFields } from './reading.js';

/**
 * The ways of walking that a link can ask for: along the running order, back along the way that was walked, from the
 * start with the way forgotten, and the end of the walk.
 */
export const steps = ['next', 'previous', 'first', 'last', 'back', 'restart', 'end'] as const;

/** A way of walking. */
export type Step = (typeof steps)[number];

/** A link's destination: a slide, a way of walking, or a web address opened apart from the show. */
export type Destination =
  | { readonly to: 'slide'; readonly slideId: SlideId }
  | { readonly to: Step }
  | { readonly to: 'web'; readonly address: string };

const LONGEST_ADDRESS = 2000;

/**
 * A web address as it may be followed, or `null` when it may not: only http, https and mailto pass.
 * An address without a scheme is taken as https.
 */
export function safeWebAddress(typed: string): string | null {
  const trimmed = typed.trim();
  if (trimmed === '' || trimmed.length > LONGEST_ADDRESS || /\s/.test(trimmed)) return null;
  const scheme = /^([a-z][a-z0-9+.-]*):/i.exec(trimmed)?.[1]?.toLowerCase();
  if (scheme === undefined || /^[\w.-]+:\d+(\/|$)/.test(trimmed)) {
    return trimmed.includes('.') || trimmed.startsWith('localhost') ? `https://${trimmed}` : null;
  }
  return scheme === 'http' || scheme === 'https' || scheme === 'mailto' ? trimmed : null;
}

/** A destination read from untrusted JSON, or `null`. */
export function readDestination(value: unknown): Destination | null {
  const fields = readFields(value);
  switch (fields?.['to']) {
    case 'slide':
      return isId(fields['slideId']) ? { to: 'slide', slideId: fields['slideId'] } : null;
    case 'web': {
      const address = typeof fields['address'] === 'string' ? safeWebAddress(fields['address']) : null;
      return address === null ? null : { to: 'web', address };
    }
    default: {
      const step = steps.find((each) => each === fields?.['to']);
      return step ? { to: step } : null;
    }
  }
}

/** Whether two destinations are the same place. */
export function sameDestination(a: Destination, b: Destination): boolean {
  if (a.to === 'slide' && b.to === 'slide') return a.slideId === b.slideId;
  if (a.to === 'web' && b.to === 'web') return a.address === b.address;
  return a.to === b.to;
}
