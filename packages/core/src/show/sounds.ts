/** What is heard beside a slide: its voice, and sounds that go along several slides. */
import {
  type Deck,
  type Item,
  itemsOf,
  playedSeconds,
  type SlideId,
  slidesInOrder,
  type SlideVoice,
  type SoundItem,
} from '../deck/index.js';

/** What is heard beside a slide. */
export interface HeardBeside {
  readonly voice: SlideVoice | null;
  /** Sounds that go along, in the order of their slides. */
  readonly along: readonly SoundItem[];
}

/** Whether an item is a sound that goes along several slides: it is heard beside them, not where it stands. */
export function isAlong(item: Item): item is SoundItem {
  return item.kind === 'sound' && item.along !== null;
}

/**
 * What is heard at a slide beside it. A sound goes along from its own slide to its last one in running order, slides
 * that are left out of it included; to its own alone when the last one is gone or comes before.
 */
export function heardBeside(deck: Deck, slideId: SlideId): HeardBeside {
  const order = slidesInOrder(deck).map(({ id }) => id);
  const here = order.indexOf(slideId);
  const along = order
    .slice(0, here + 1)
    .flatMap((id, at) =>
      itemsOf(deck, id).filter(
        (item): item is SoundItem =>
          isAlong(item) && !item.hidden && item.file !== '' && Math.max(at, order.indexOf(item.along ?? '')) >= here,
      ),
    );
  return { voice: deck.slides[slideId]?.voice ?? null, along };
}

/** How much quieter a sound is while somebody speaks, as a part of how loud it is. */
const UNDER_SPEECH = 0.2;

/** A moment of a sound that goes along. */
interface HeardAt {
  /** Seconds since it began, and until it ends; no end where it begins again and again. */
  readonly since: number;
  readonly left: number;
  /** Seconds since its last slide was left; `null` while it is heard along. */
  readonly leaving: number | null;
  readonly isSpoken: boolean;
}

/** How loud a sound that goes along is at a moment, from 0 to 1: it comes and goes in a straight line. */
export function loudnessAt({ volume, fades, yields }: SoundItem, { since, left, leaving, isSpoken }: HeardAt): number {
  const part = (seconds: number) => (fades === 0 ? 1 : Math.min(1, Math.max(0, seconds / fades)));
  const goes = leaving === null ? 1 : fades === 0 ? 0 : Math.max(0, 1 - leaving / fades);
  return volume * part(since) * part(left) * goes * (yields && isSpoken ? UNDER_SPEECH : 1);
}

/** How long until a sound ends that has played up to a moment of its file, in seconds; no end where it begins again. */
export function secondsLeft(item: SoundItem, at: number): number {
  return item.overAndOver ? Infinity : Math.max(0, item.starts + playedSeconds(item) - at);
}
