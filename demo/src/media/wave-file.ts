/** Sounds made by computing, as WAV files of one channel with 8 bits a sample: small, and played everywhere. */

/** Samples a second. */
export const RATE = 11_025;

/** A WAV file of so many seconds. @param sampleAt how far the air is moved at a moment in seconds, from -1 to 1 */
export function waveFile(seconds: number, sampleAt: (time: number) => number): Uint8Array<ArrayBuffer> {
  const count = Math.round(seconds * RATE);
  const file = new Uint8Array(44 + count);
  const view = new DataView(file.buffer);
  const letters = (at: number, text: string) =>
    file.set(
      [...text].map((letter) => letter.charCodeAt(0)),
      at,
    );
  letters(0, 'RIFF');
  view.setUint32(4, 36 + count, true);
  letters(8, 'WAVEfmt ');
  view.setUint32(16, 16, true);
  view.setUint16(20, 1, true);
  view.setUint16(22, 1, true);
  view.setUint32(24, RATE, true);
  view.setUint32(28, RATE, true);
  view.setUint16(32, 1, true);
  view.setUint16(34, 8, true);
  letters(36, 'data');
  view.setUint32(40, count, true);
  for (let at = 0; at < count; at += 1) {
    const sample = Math.max(-1, Math.min(1, sampleAt(at / RATE)));
    file[44 + at] = Math.round(128 + 127 * sample);
  }
  return file;
}

/** Noise that is the same every time, from -1 to 1. */
export function noise(): () => number {
  let state = 20_011;
  return () => {
    state = (state * 48_271) % 2_147_483_647;
    return (state / 2_147_483_647) * 2 - 1;
  };
}
