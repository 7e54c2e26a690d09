/** What carries texts from one process to all others. */

/** What a carrier tells whoever listens to it. */
export interface CarrierListener {
  /** A text was said, by whichever process; one's own come too. */
  heard(text: string): void;
  /** What was said meanwhile may not have come: it listens again from now on. */
  gap(): void;
}

/** Carries texts, in order, to every process that listens; what cannot be carried now is lost, and said to be. */
export interface Carrier {
  /** The longest text that it takes, in bytes of UTF-8. */
  readonly largest: number;
  /** Begins to listen; what is away is tried again until it is there. Resolves once it listens for the first time. */
  start(listener: CarrierListener): Promise<void>;
  /** Says texts to everybody. Rejects when they may not have been said. */
  say(texts: readonly string[]): Promise<void>;
  stop(): Promise<void>;
}
