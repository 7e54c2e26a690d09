/** The text of a part of a package, in whichever of the encodings that XML has to be read in. */
import { strFromU8 } from 'fflate';

/** The text of some bytes: UTF-16 where they begin with its mark, else UTF-8. */
export function decodeText(bytes: Uint8Array): string {
  const [first, second] = bytes;
  if (first === 0xff && second === 0xfe) return fromUtf16(bytes, 1, 0);
  if (first === 0xfe && second === 0xff) return fromUtf16(bytes, 0, 1);
  return strFromU8(first === 0xef && second === 0xbb && bytes[2] === 0xbf ? bytes.subarray(3) : bytes);
}

function fromUtf16(bytes: Uint8Array, high: number, low: number): string {
  const letters: string[] = [];
  for (let from = 2; from + 1 < bytes.length; from += 8192) {
    const codes: number[] = [];
    for (let at = from; at + 1 < Math.min(bytes.length, from + 8192); at += 2)
      codes.push(((bytes[at + high] ?? 0) << 8) | (bytes[at + low] ?? 0));
    letters.push(String.fromCharCode(...codes));
  }
  return letters.join('');
}
