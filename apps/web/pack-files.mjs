// Packs the built files once, as tightly as it goes: thirty students may ask for them in the same minute.
import { readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { brotliCompressSync, constants } from 'node:zlib';

/** Fonts and pictures are packed already; what is smaller than this, in bytes, gains nothing. */
const PACKED = /\.(js|css|svg|json)$/;
const SMALL = 1024;

/** Packs the files of a folder, each beside itself. */
export function packFiles(folder) {
  for (const name of readdirSync(folder)) {
    const path = join(folder, name);
    if (!PACKED.test(name) || statSync(path).size < SMALL) continue;
    const params = { [constants.BROTLI_PARAM_QUALITY]: constants.BROTLI_MAX_QUALITY };
    writeFileSync(`${path}.br`, brotliCompressSync(readFileSync(path), { params }));
  }
}
