/** The sample's sounds, computed, and its film, drawn by `demo/make-clip.mjs`. */
import type { Credit } from '@gobrel/core/deck';
import { noise, waveFile } from './wave-file.js';

/** A sample's sound or film. */
export interface DemoMedia {
  readonly fileName: string;
  readonly seconds: number;
  /** Its bytes, or where they are. */
  readonly bytes: Uint8Array<ArrayBuffer> | URL;
}

/** What of it a deck is told once it is stored. */
export interface StoredMedia {
  /** SHA-256 of its bytes. */
  readonly file: string;
  readonly fileName: string;
  readonly bytes: number;
  readonly seconds: number;
  /** Its papers. */
  readonly credit: Credit;
}

const { PI, sin, exp } = Math;

/** Wind over the reeds, rising and falling. */
function wind(): Uint8Array<ArrayBuffer> {
  const gust = noise();
  let [slow, slower] = [0, 0];
  return waveFile(8, (time) => {
    slow += 0.06 * (gust() - slow);
    slower += 0.3 * (slow - slower);
    // It ends as loud as it begins, so that it can be played over and over.
    return 3.4 * slower * (0.55 + 0.35 * sin((2 * PI * time) / 8) + 0.1 * sin((2 * PI * time) / 2));
  });
}

/** The bittern booms: low, three times, each with a breath before it. */
function boom(): Uint8Array<ArrayBuffer> {
  const breath = noise();
  return waveFile(4.5, (time) => {
    const within = time % 1.5;
    const drawn = within < 0.35 ? 0.12 * breath() * (within / 0.35) : 0;
    const called = within - 0.4;
    return drawn + (called > 0 ? 0.9 * exp(-2.6 * called) * sin(2 * PI * (158 - 22 * called) * called) : 0);
  });
}

/** The water rail squeals like a piglet, lower and lower. */
function squeal(): Uint8Array<ArrayBuffer> {
  return waveFile(3, (time) => {
    const within = time % 1;
    const pitch = 1500 - 750 * within + 60 * sin(2 * PI * 31 * time);
    const loud = within < 0.75 ? sin((PI * within) / 0.75) : 0;
    return 0.5 * loud * (sin(2 * PI * pitch * within) + 0.4 * sin(4 * PI * pitch * within));
  });
}

/** Toads trill in the pool, two of them, not quite together. */
function trill(): Uint8Array<ArrayBuffer> {
  const toad = (time: number, pitch: number, beat: number) =>
    sin(2 * PI * pitch * time) * Math.max(0, sin(2 * PI * beat * time)) ** 2;
  return waveFile(4, (time) => {
    const comes = Math.min(1, time * 2, (4 - time) * 2);
    return 0.45 * comes * (toad(time, 940, 13) + 0.8 * toad(time, 1085, 11.3));
  });
}

/** Everything that plays in the sample, by name. */
export const media = {
  wind: { fileName: 'wind-in-the-reeds.wav', seconds: 8, bytes: wind() },
  boom: { fileName: 'boom.wav', seconds: 4.5, bytes: boom() },
  squeal: { fileName: 'squeal.wav', seconds: 3, bytes: squeal() },
  trill: { fileName: 'trill.wav', seconds: 4, bytes: trill() },
  tide: { fileName: 'rising-tide.webm', seconds: 8, bytes: new URL('../../clips/rising-tide.webm', import.meta.url) },
} as const satisfies Readonly<Record<string, DemoMedia>>;

/** The name of a sound or a film of the sample. */
export type MediaName = keyof typeof media;

/** Gives what is known of a sound or film by its name. */
export type MediaFiles = (name: MediaName) => StoredMedia;
