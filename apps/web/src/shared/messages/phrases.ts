/** What sentences are made with: lists, numbers, stretches of time. */
import { common, locale } from '@gobrel/messages';

/** At most this many names are listed before “and 3 more”. */
const MOST_NAMES = 4;

const list = new Intl.ListFormat(locale, { type: 'unit' });
const exact = new Intl.NumberFormat(locale, { maximumFractionDigits: 20 });

/** The parts with commas between; parts that are empty are left out. */
export function listed(parts: readonly string[]): string {
  return list.format(parts.filter((part) => part !== ''));
}

/** The first few with commas between, and how many more there are. */
export function someOf(names: readonly string[]): string {
  const shown = listed(names.slice(0, MOST_NAMES));
  return names.length > MOST_NAMES ? common.someMore({ names: shown, count: names.length - MOST_NAMES }) : shown;
}

/** A value with its unit, when it has one. */
export function withUnit(value: string | number, unit: string): string {
  return `${value} ${unit}`.trim();
}

/** A number with all its digits, so that nobody has to guess what was read. */
export function inFull(value: number): string {
  return exact.format(value);
}

/** @param share from 0 to 1 */
export function percent(share: number): string {
  return common.percent({ percent: Math.round(share * 100) });
}

/** A stretch of time in minutes and seconds, such as 1:05. @param seconds whole ones */
export function duration(seconds: number): string {
  return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
}

const kilobytes = new Intl.NumberFormat(locale, { style: 'unit', unit: 'kilobyte', maximumFractionDigits: 0 });
const megabytes = new Intl.NumberFormat(locale, { style: 'unit', unit: 'megabyte', maximumSignificantDigits: 3 });

/** The size of a file, such as 630 kB or 1.2 MB. @param bytes of which a thousand are a kilobyte */
export function fileSize(bytes: number): string {
  return bytes < 999_500 ? kilobytes.format(Math.ceil(bytes / 1000)) : megabytes.format(bytes / 1_000_000);
}
