/** The papers of a picture: what it is called, who made it, where it is from, and under what it may be used. */
import { readFields, readString } from '../model/reading.js';
import { isLicenceName, licenceIn, type LicenceName, licences } from './licences.js';

/** The papers of a picture; what is not known is ''. */
export interface Credit {
  readonly title: string;
  readonly author: string;
  /** Where it is from: a web address, or a book. */
  readonly source: string;
  readonly licence: LicenceName | null;
}

/** No papers at all. */
export const NO_CREDIT: Credit = { title: '', author: '', source: '', licence: null };

/** Papers from untrusted JSON; `null` when nothing is known. */
export function readCredit(value: unknown): Credit | null {
  const fields = readFields(value);
  if (!fields) return null;
  const credit: Credit = {
    title: readString(fields['title'], '', 200).trim(),
    author: readString(fields['author'], '', 200).trim(),
    source: readString(fields['source'], '', 500).trim(),
    licence: isLicenceName(fields['licence']) ? fields['licence'] : null,
  };
  return isEmptyCredit(credit) ? null : credit;
}

/** Whether nothing is known. */
export function isEmptyCredit({ title, author, source, licence }: Credit): boolean {
  return title === '' && author === '' && source === '' && licence === null;
}

/** Whether the papers say what they have to: under what it may be used, and by whom it is where that has to be said. */
export function isComplete(credit: Credit | null): boolean {
  if (!credit || credit.licence === null) return false;
  return credit.author !== '' || !licences[credit.licence].named;
}

/** Whether a text is a web address. */
export function isWebAddress(text: string): boolean {
  return /^https?:\/\/[^\s"<>]+$/i.test(text);
}

/**
 * Reads a credit line as it stands under pictures: “Title” by Author, address, CC BY 4.0. Whatever of it can be told is
 * taken; `null` when nothing can.
 */
export function readCreditLine(line: string): Credit | null {
  const text = line.replaceAll(/\s+/g, ' ').trim();
  if (text === '') return null;
  const addresses = text.match(/https?:\/\/[^\s"<>)\]]+/gi) ?? [];
  const source = addresses.find((address) => licenceIn(address) === null)?.replace(/[.,;]+$/, '') ?? '';
  const plain = addresses.reduce((rest, address) => rest.replace(address, ' '), text);
  const quoted = /[“"„«]\s*([^”"“»]+?)\s*[”"“»]/u.exec(plain)?.[1] ?? '';
  const rest = quoted === '' ? plain : plain.slice(plain.indexOf(quoted) + quoted.length + 1);
  const author =
    /(?:^|[\s,(])(?:by|photo:|foto:|©|\(c\)|de|von|par)\s+([^,;|/()[\]]+?)(?=\s*(?:[,;|/()[\]]|(?<!\b\p{Lu})\.(?:\s|$)|\s(?:is|licensed|under|via|from|on)\s|$))/iu.exec(
      rest,
    )?.[1] ?? '';
  const credit: Credit = {
    title: quoted,
    author: /\bcc\b/i.test(author) ? '' : author.trim(),
    source,
    licence: licenceIn(text),
  };
  return isEmptyCredit(credit) ? null : readCredit(credit);
}

/** What a picture's file says of itself, by the fields that cameras and archives fill in; '' for what it does not. */
export interface FileTags {
  readonly title: string;
  readonly author: string;
  readonly rights: string;
  /** Where its licence is read, and where it is from. */
  readonly licence: string;
  readonly source: string;
}

/** The papers that a file carries; `null` when it carries none. */
export function creditOfTags({ title, author, rights, licence, source }: FileTags): Credit | null {
  const holder =
    /(?:©|\(c\)|copyright)\s*(?:\d{4}\s*)?(?:by\s+)?([^,;]{2,80}?)(?:[.,;]?\s*(?:some|all) rights.*|[,;].*|\.?)$/i
      .exec(rights)?.[1]
      ?.trim() ?? '';
  return readCredit({
    title,
    author: author || holder,
    source: isWebAddress(source) ? source : '',
    licence: licenceIn(licence) ?? licenceIn(rights),
  });
}
