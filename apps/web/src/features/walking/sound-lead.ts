/** Sounds beside a slide that are heard in one window and stopped from another. */

/** What the voice of a slide is called among them; other sounds by the ids of their items. */
export const VOICE = 'voice';

/** Something that one of them is to do; a new object is a new order. */
export interface SoundOrder {
  readonly sound: string;
  readonly plays: boolean;
}

/** How the sounds of the window where they are heard hang together with those who lead it. */
export interface SoundLead {
  /** What was ordered last; `null` for nothing. */
  readonly follows: SoundOrder | null;
  /** Hears whether one of them plays; one that is gone does not. */
  readonly tell: (sound: string, plays: boolean) => void;
}
