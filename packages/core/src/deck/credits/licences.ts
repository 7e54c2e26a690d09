/** Under what others let their pictures be used: the open licences in their real variety, and what each lets one do. */
import { isOneOf, namesIn } from '../model/reading.js';

/** What a licence lets one do, besides showing the picture with its credit. */
export interface Licence {
  /** Its short name, as credit lines give it. */
  readonly name: string;
  /** Where it is read; '' where there is nothing to read. */
  readonly address: string;
  /** Whether a changed picture may be shown, and whether money may be made of it. */
  readonly change: boolean;
  readonly sell: boolean;
  /** Whether its author has to be named. */
  readonly named: boolean;
}

const commons = (kind: string, version: string, { change = true, sell = true } = {}): Licence => ({
  name: `CC ${kind.toUpperCase()} ${version}`,
  address: `https://creativecommons.org/licenses/${kind}/${version}/`,
  change,
  sell,
  named: true,
});

const table = {
  own: { name: '', address: '', change: true, sell: true, named: true },
  allowed: { name: '', address: '', change: false, sell: false, named: true },
  'cc0-1.0': {
    name: 'CC0 1.0',
    address: 'https://creativecommons.org/publicdomain/zero/1.0/',
    change: true,
    sell: true,
    named: false,
  },
  'public-domain-1.0': {
    name: 'Public Domain Mark 1.0',
    address: 'https://creativecommons.org/publicdomain/mark/1.0/',
    change: true,
    sell: true,
    named: false,
  },
  'cc-by-4.0': commons('by', '4.0'),
  'cc-by-sa-4.0': commons('by-sa', '4.0'),
  'cc-by-nc-4.0': commons('by-nc', '4.0', { sell: false }),
  'cc-by-nc-sa-4.0': commons('by-nc-sa', '4.0', { sell: false }),
  'cc-by-nd-4.0': commons('by-nd', '4.0', { change: false }),
  'cc-by-nc-nd-4.0': commons('by-nc-nd', '4.0', { change: false, sell: false }),
  'cc-by-3.0': commons('by', '3.0'),
  'cc-by-sa-3.0': commons('by-sa', '3.0'),
  'cc-by-nc-3.0': commons('by-nc', '3.0', { sell: false }),
  'cc-by-nc-sa-3.0': commons('by-nc-sa', '3.0', { sell: false }),
  'cc-by-nd-3.0': commons('by-nd', '3.0', { change: false }),
  'cc-by-nc-nd-3.0': commons('by-nc-nd', '3.0', { change: false, sell: false }),
  'cc-by-2.0': commons('by', '2.0'),
  'cc-by-sa-2.0': commons('by-sa', '2.0'),
  'cc-by-nc-2.0': commons('by-nc', '2.0', { sell: false }),
  'cc-by-nc-sa-2.0': commons('by-nc-sa', '2.0', { sell: false }),
  'cc-by-nd-2.0': commons('by-nd', '2.0', { change: false }),
  'cc-by-nc-nd-2.0': commons('by-nc-nd', '2.0', { change: false, sell: false }),
} as const satisfies Readonly<Record<string, Licence>>;

/** The name of a licence: `own` for what one made oneself, `allowed` for what somebody let one use. */
export type LicenceName = keyof typeof table;

/** Every licence by its name. */
export const licences: Readonly<Record<LicenceName, Licence>> = table;

/** The names of the licences, the usual ones first. */
export const licenceNames: readonly LicenceName[] = namesIn(table);

/** Whether a value names a licence. */
export function isLicenceName(value: unknown): value is LicenceName {
  return isOneOf(value, licenceNames);
}

/**
 * The licence that some words or an address name; `null` when they name none that is known. Versions that are not in the
 * table are none: what a licence lets one do differs by its version.
 */
export function licenceIn(words: string): LicenceName | null {
  const found = words.toLowerCase();
  const address = /creativecommons\.org\/(?:licenses\/([a-z-]+)\/(\d\.\d)|publicdomain\/(zero|mark)\/1\.0)/.exec(found);
  if (address?.[3] === 'zero') return 'cc0-1.0';
  if (address?.[3] === 'mark') return 'public-domain-1.0';
  if (address) return named(`cc-${address[1] ?? ''}-${address[2] ?? ''}`);
  if (/\bcc ?0\b|\bcc zero\b/.test(found)) return 'cc0-1.0';
  if (/public domain mark/.test(found)) return 'public-domain-1.0';
  const short = /\bcc[ -](by(?:[ -](?:nc|nd|sa))*)[ -](\d\.\d)\b/.exec(found);
  return short ? named(`cc-${(short[1] ?? '').replaceAll(' ', '-')}-${short[2] ?? ''}`) : null;
}

function named(name: string): LicenceName | null {
  return isLicenceName(name) ? name : null;
}
