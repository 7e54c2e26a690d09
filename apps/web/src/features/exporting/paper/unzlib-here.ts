/**
 * Unpacks pictures that are seen through where they are written into a PDF. The library that reads them would have it done by a worker out of
 * text, which the page's policy does not allow: nothing would ever come back, and the PDF never end.
 */
import { unzlibSync } from 'fflate';

/** As `unzlib` of fflate, which tells when it is done. @throws what is wrong with the bytes */
export function unzlib(bytes: Uint8Array, done: (error: null, unpacked: Uint8Array) => void): void {
  done(null, unzlibSync(bytes));
}
