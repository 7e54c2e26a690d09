/** Where a link leads. */
import { isId, type SlideId } from './identifiers.js';
import { readFields } from './reading.js';

/** A link's destination: a slide, a way of walking, or a web address opened apart from the show. */
export type Destination =
  | { readonly to: 'slide'; readonly slideId: SlideId }
  | { readonly to: 'back' }
  | { readonly to: 'restart' }
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
    case 'back':
      return { to: 'back' };
    case 'restart':
      return { to: 'restart' };
    case 'web': {
      const address = typeof fields['address'] === 'string' ? safeWebAddress(fields['address']) : null;
      return address === null ? null : { to: 'web', address };
    }
    default:
      return null;
  }
}

/** Whether two destinations are the same place. */
export function sameDestination(a: Destination, b: Destination): boolean {
  if (a.to === 'slide' && b.to === 'slide') return a.slideId === b.slideId;
  if (a.to === 'web' && b.to === 'web') return a.address === b.address;
  return a.to === b.to;
}
