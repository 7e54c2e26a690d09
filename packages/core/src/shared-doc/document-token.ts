/** The token with which a device opens documents: as whom, and in which versions it reads and writes them. */
import { DECK_VERSION } from '../deck/index.js';
import { WORK_VERSION } from '../work/index.js';
import { parseDocumentName } from './document-name.js';

/** As whom a document is opened; a browser may be signed in as both. */
export type Speaker = 'teacher' | 'student';

/** What a token says. */
export interface DocumentToken {
  readonly speaker: Speaker;
  /** The versions of decks and work that the device knows; 1 for devices from before they said so. */
  readonly versions: { readonly deck: number; readonly work: number };
}

/** The token of a device that runs this very code. */
export function formatDocumentToken(speaker: Speaker): string {
  return `${speaker} ${DECK_VERSION} ${WORK_VERSION}`;
}

/** What a token says; whatever is not a student's is a teacher's, who is then asked to be signed in as one. */
export function parseDocumentToken(token: string): DocumentToken {
  const [speaker, deck = '1', work = '1'] = token.split(' ');
  return {
    speaker: speaker === 'student' ? 'student' : 'teacher',
    versions: { deck: Number(deck), work: Number(work) },
  };
}

/** Whether a device reads and writes a document of this name as this very code does. A lesson's has one shape so far. */
export function knowsVersion({ deck, work }: DocumentToken['versions'], name: string): boolean {
  const kind = parseDocumentName(name)?.kind;
  if (kind === 'deck') return deck === DECK_VERSION;
  return kind !== 'work' || work === WORK_VERSION;
}

/** Why a document is not opened for a device whose page is from before an update: loading it again helps. */
export const PAGE_FROM_BEFORE = 'page from before';
