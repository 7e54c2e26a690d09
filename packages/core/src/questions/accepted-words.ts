/** Comparing typed words with accepted ones. */

/** Letters compared without regard to case, outer spaces, runs of spaces, and straight or curly marks. */
export function comparable(words: string): string {
  return words.normalize('NFC').replace(/[‘’ʼ]/g, "'").replace(/[“”]/g, '"').trim().replace(/\s+/g, ' ').toLowerCase();
}

/** Whether typed words are among the accepted ones. */
export function isAccepted(typed: string, accepted: readonly string[]): boolean {
  const wanted = comparable(typed);
  return accepted.some((words) => comparable(words) === wanted);
}
