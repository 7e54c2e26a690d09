/** A sound as a row of heights to be drawn. */

/**
 * The loudest moment of each of `count` equal stretches of a sound, from 0 to 1, against the loudest of all.
 * @param samples of one channel, from -1 to 1
 */
export function peaksOf(samples: ArrayLike<number>, count: number): readonly number[] {
  const peaks = new Array<number>(count).fill(0);
  for (let at = 0; at < samples.length; at += 1) {
    const stretch = Math.min(count - 1, Math.floor((at * count) / samples.length));
    peaks[stretch] = Math.max(peaks[stretch] ?? 0, Math.abs(samples[at] ?? 0));
  }
  const loudest = Math.max(...peaks);
  return loudest > 0 ? peaks.map((peak) => peak / loudest) : peaks;
}
