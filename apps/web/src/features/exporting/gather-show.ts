/** Everything a show file is made of: weighed first, so that its size is said before, then fetched with progress. */
import { type Deck, filesIn, picturesIn } from '@gobrel/core/deck';
import { programText, type ShowContent, writeShowFile } from '@gobrel/core/formats';
import { fileUrl, pictureUrl, stickerUrl, stillUrl } from '../../shared/api';
import { direction, language, messages, slideName } from '../../shared/messages';
import { base64Of, fetched, severally } from './fetching';
import { fontsInUse } from './fonts-in-use';
import { smaller } from './smaller';

/** Something that goes into the file. */
export interface Part {
  /** As the program asks for it. */
  readonly name: string;
  readonly url: string;
  readonly kind: 'picture' | 'file' | 'other';
  /** In the file, in bytes: as base64 it takes a third more. */
  readonly bytes: number;
}

/** What goes into a show file, and how much it is. */
export interface Weighed {
  readonly program: string;
  readonly looks: string;
  readonly fonts: readonly (Part & { readonly rule: string })[];
  readonly contents: readonly Part[];
  /** Of the whole file at most, in bytes: pictures may become smaller. */
  readonly bytes: number;
}

/** Weighs everything. @throws when something cannot be had, or `signal` ends it */
export async function weighShow(deck: Deck, signal: AbortSignal): Promise<Weighed> {
  // Charts take a large library along: shows without any go without it.
  const player = Object.values(deck.items).some(({ kind }) => kind === 'chart') ? `${language}-charts` : language;
  const [program, looks] = await Promise.all(
    [`${player}.js`, `${language}.css`].map((name) =>
      fetched(`/player/${name}`, signal).then((answer) => answer.text()),
    ),
  );
  const weigh = async <T extends Omit<Part, 'bytes'>>(part: T) => ({
    ...part,
    bytes: await weightOf(part.url, signal),
  });
  const fonts = await severally(fontsInUse(deck), ({ url, rule }) =>
    weigh({ name: url, url, rule, kind: 'other' as const }),
  );
  const contents = await severally(contentsOf(deck), weigh);
  const data = [...fonts, ...contents].reduce((sum, { bytes }) => sum + bytes, 0);
  const rest = (program ?? '').length + (looks ?? '').length + JSON.stringify(deck).length;
  return { program: program ?? '', looks: looks ?? '', fonts, contents, bytes: data + rest };
}

interface Making {
  readonly deck: Deck;
  readonly weighed: Weighed;
  readonly hasKeys: boolean;
  readonly signal: AbortSignal;
  /** Told after each part. */
  readonly onDone: (done: number, all: number) => void;
}

/** Makes the file. @throws when something cannot be had, or `signal` ends it */
export async function makeShow({ deck, weighed, hasKeys, signal, onDone }: Making): Promise<Blob> {
  const all = weighed.fonts.length + weighed.contents.length;
  let done = 0;
  const fetchPart = async ({ name, url }: Pick<Part, 'name' | 'url'>): Promise<ShowContent> => {
    const answer = await fetched(url, signal);
    const blob = await smaller(await answer.blob());
    const base64 = await base64Of(blob);
    done += 1;
    onDone(done, all);
    return { id: name, mediaType: blob.type, base64 };
  };
  const fonts = await severally(weighed.fonts, async (font) => {
    const { base64 } = await fetchPart(font);
    return `@font-face{${font.rule};src:url(data:font/woff2;base64,${base64}) format("woff2")}`;
  });
  const contents = await severally(weighed.contents, fetchPart);
  const parts = writeShowFile({
    language: deck.language ?? language,
    direction,
    program: weighed.program,
    programHash: await hashOf(programText(weighed.program)),
    style: fonts.join('') + weighed.looks,
    deck,
    hasKeys,
    contents,
    withoutScripts: messages.exporting.withoutScripts,
  });
  return new Blob([...parts], { type: 'text/html' });
}

/** The slides that show a content, by name; for saying what makes a file large. */
export function slideWith(deck: Deck, { name }: Part): string {
  const item = Object.values(deck.items).find((each) => JSON.stringify(each).includes(name));
  const slide = Object.values(deck.slides).find(
    ({ id, groundPicture }) => id === item?.slideId || groundPicture?.picture === name,
  );
  return slide ? slideName(deck, slide.id) : '';
}

function contentsOf(deck: Deck): readonly Omit<Part, 'bytes'>[] {
  const items = Object.values(deck.items);
  const moving = [
    ...items.flatMap((item) => (item.kind === 'picture' && item.moving ? [item.picture] : [])),
    ...Object.values(deck.slides).flatMap(({ groundPicture }) =>
      groundPicture?.moving ? [groundPicture.picture] : [],
    ),
  ];
  const stickers = items.flatMap((item) => (item.kind === 'sign' && item.sticker !== '' ? [item.sticker] : []));
  return [
    ...picturesIn(deck).map((id) => ({ name: id, url: pictureUrl(id), kind: 'picture' as const })),
    ...[...new Set(moving)].map((id) => ({ name: `still ${id}`, url: stillUrl(id), kind: 'other' as const })),
    ...filesIn(deck).map((id) => ({ name: id, url: fileUrl(id), kind: 'file' as const })),
    ...[...new Set(stickers)].map((id) => ({ name: `sticker ${id}`, url: stickerUrl(id), kind: 'other' as const })),
  ];
}

async function weightOf(url: string, signal: AbortSignal): Promise<number> {
  const answer = await fetched(url, signal, 'HEAD');
  return Math.ceil((Number(answer.headers.get('content-length')) || 0) * (4 / 3));
}

/** SHA-256 in base64; `null` where the browser computes none, as on pages that came without TLS. */
async function hashOf(text: string): Promise<string | null> {
  if (!('subtle' in crypto)) return null;
  const digest = await crypto.subtle.digest('SHA-256', new TextEncoder().encode(text));
  return btoa(String.fromCharCode(...new Uint8Array(digest)));
}
