/** What is said in a video or a sound, with when it is said; read from and written as WebVTT (W3C, 2019). */
import { isFields, readNumber, readString } from '../model/reading.js';

/** Words that are shown from one moment to another, in seconds of the file. */
export interface Caption {
  readonly from: number;
  readonly to: number;
  readonly text: string;
}

/** The most captions of a file, and the most letters of one. */
export const captionLimits = { captions: 2000, letters: 500 } as const;

/** Captions from untrusted JSON, in the order of time; those without words or time are left out. */
export function readCaptions(value: unknown): readonly Caption[] {
  if (!Array.isArray(value)) return [];
  return inOrder(
    value.slice(0, captionLimits.captions).flatMap((entry: unknown) => {
      if (!isFields(entry)) return [];
      const from = readNumber(entry['from'], -1);
      const to = readNumber(entry['to'], -1);
      const text = readString(entry['text'], '', captionLimits.letters);
      return from >= 0 && to > from ? [{ from, to, text }] : [];
    }),
  );
}

/** Captions in the order in which they are said. */
export function inOrder(captions: readonly Caption[]): readonly Caption[] {
  return captions.toSorted((a, b) => a.from - b.from || a.to - b.to);
}

/** What is said at a moment, in seconds; several lines where voices overlap. */
export function saidAt(captions: readonly Caption[], seconds: number): readonly Caption[] {
  return captions.filter(({ from, to }) => from <= seconds && seconds < to);
}

/** Everything that is said, to be read. */
export function transcriptOf(captions: readonly Caption[]): string {
  return captions
    .map(({ text }) => text.trim())
    .filter(Boolean)
    .join('\n');
}

/** A moment as `1:05.250`, or with hours where there are any: as people and WebVTT write it. */
export function momentInWords(seconds: number, thousandths = true): string {
  const whole = Math.round(seconds * 1000);
  const parts = [Math.floor(whole / 3_600_000), Math.floor(whole / 60_000) % 60, Math.floor(whole / 1000) % 60];
  const [hours = 0, minutes = 0, rest = 0] = parts;
  const two = (number: number) => String(number).padStart(2, '0');
  const clock = hours > 0 ? `${String(hours)}:${two(minutes)}:${two(rest)}` : `${String(minutes)}:${two(rest)}`;
  return thousandths ? `${clock}.${String(whole % 1000).padStart(3, '0')}` : clock;
}

/** The moment that is written, in seconds, with hours or without, with a point or a comma; `null` when it is none. */
export function readMoment(written: string): number | null {
  const found = /^(?:(\d{1,3}):)?(\d{1,3}):(\d{1,2}(?:[.,]\d{1,3})?)$/.exec(written.trim());
  if (!found) return null;
  const [hours = '0', minutes = '0', rest = '0'] = found.slice(1).map((part: string | undefined) => part ?? '0');
  const seconds = Number(rest.replace(',', '.'));
  // To the thousandth of a second, as it is written.
  const thousandths = Math.round((Number(hours) * 3600 + Number(minutes) * 60 + seconds) * 1000);
  return seconds < 60 ? thousandths / 1000 : null;
}

/** Captions as a WebVTT file. */
export function writeVtt(captions: readonly Caption[]): string {
  const blocks = captions.map(({ from, to, text }) => {
    // A blank line ends a caption, and `-->` begins one.
    const lines = text.split('\n').filter((line) => line.trim() !== '');
    return `${vttMoment(from)} --> ${vttMoment(to)}\n${lines.map(escaped).join('\n')}`;
  });
  return `WEBVTT\n\n${blocks.join('\n\n')}\n`;
}

/** WebVTT wants two digits for minutes. */
function vttMoment(seconds: number): string {
  const words = momentInWords(seconds);
  return /^\d:\d\d\./.test(words) ? `0${words}` : words.replace(/^(\d):(\d\d):/, '0$1:$2:');
}

function escaped(line: string): string {
  return line.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('>', '&gt;');
}

/**
 * The captions of a WebVTT file; of one of the older kind with numbers and commas as well, which many programs write.
 * Styles, regions, notes and places are passed over, and so are marks within the words. `null` when nothing of it can be
 * read.
 */
export function readVtt(file: string): readonly Caption[] | null {
  const blocks = file
    .replace(/^\uFEFF/, '')
    .replaceAll(/\r\n?/g, '\n')
    .split(/\n{2,}/);
  const found = blocks.flatMap((block): Caption[] => {
    const lines = block.split('\n');
    const at = lines.findIndex((line) => line.includes('-->'));
    if (at < 0 || /^(NOTE|STYLE|REGION)\b/.test(lines[0] ?? '')) return [];
    const [from, to] = (lines[at] ?? '').split('-->').map((part) => readMoment(part.trim().split(/\s/)[0] ?? ''));
    const text = plain(lines.slice(at + 1).join('\n'));
    return from != null && to != null && to > from && text !== '' ? [{ from, to, text }] : [];
  });
  return found.length === 0 ? null : readCaptions(found);
}

const NAMED: Readonly<Record<string, string>> = { amp: '&', lt: '<', gt: '>', nbsp: ' ', lrm: '', rlm: '' };

/** Words without the marks that WebVTT allows in them. */
function plain(words: string): string {
  return words
    .replaceAll(/<[^>\n]*>/g, '')
    .replaceAll(/&([a-z]+);/g, (whole: string, name: string) => NAMED[name] ?? whole)
    .trim();
}
