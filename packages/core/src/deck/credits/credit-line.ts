/** Papers as a credit line to be shown: title, author, source and licence, linked where there is something to read. */
import type { Destination } from '../links/destination.js';
import type { RichText, TextRun } from '../text/rich-text.js';
import { type Credit, isWebAddress } from './credit.js';
import { licences } from './licences.js';

/** What a credit line says between its parts, in the language of the deck. */
export interface CreditWords {
  /** `“{title}” by {author}` and what stands where one of both is missing. */
  readonly titleBy: (title: string, author: string) => string;
  readonly titled: (title: string) => string;
  readonly by: (author: string) => string;
  /** What a licence without a name of its own is called. */
  readonly licence: Readonly<Record<'own' | 'allowed', string>>;
}

/** The parts of a credit line, each with where it leads; `null` where it leads nowhere. */
export function creditParts(
  { title, author, source, licence }: Credit,
  words: CreditWords,
): readonly { readonly text: string; readonly address: string | null }[] {
  const named =
    title !== '' && author !== ''
      ? words.titleBy(title, author)
      : title !== ''
        ? words.titled(title)
        : author !== ''
          ? words.by(author)
          : '';
  const address = isWebAddress(source) ? source : null;
  const parts = [{ text: named, address }];
  if (source !== '' && (address === null || named === ''))
    parts.push({ text: address === null ? source : hostOf(address), address });
  if (licence !== null) {
    const { name, address: at } = licences[licence];
    parts.push({
      text: name || (licence === 'own' || licence === 'allowed' ? words.licence[licence] : ''),
      address: at || null,
    });
  }
  return parts.filter(({ text }) => text !== '');
}

/** A credit line without links. */
export function creditLine(credit: Credit, words: CreditWords): string {
  return creditParts(credit, words)
    .map(({ text }) => text)
    .join(', ');
}

/** A credit line as a text: a paragraph a picture. */
export function creditText(credits: readonly Credit[], words: CreditWords): RichText {
  return {
    type: 'doc',
    content: credits.map((credit) => ({
      type: 'paragraph' as const,
      content: creditParts(credit, words).flatMap(({ text, address }, at): TextRun[] => [
        ...(at > 0 ? [{ type: 'text' as const, text: ', ' }] : []),
        { type: 'text', text, ...(address === null ? {} : { marks: [linkTo(address)] }) },
      ]),
    })),
  };
}

function linkTo(address: string) {
  const destination: Destination = { to: 'web', address };
  return { type: 'link' as const, attrs: { destination } };
}

function hostOf(address: string): string {
  return address.replace(/^https?:\/\/(?:www\.)?/i, '').split(/[/?#]/)[0] ?? address;
}
