/** Unpacks zips that nobody vouches for. */
import { unzipSync } from 'fflate';

/** What a zip may be at most: bytes as it is, bytes unpacked, files. */
export interface ArchiveBounds {
  readonly packed: number;
  readonly unpacked: number;
  readonly files: number;
  /** The paths that are read; nothing else is unpacked. All where it is not given. */
  readonly wanted?: RegExp;
}

/** The files of a zip by their paths, or why it was not unpacked. */
export type Unpacked =
  { readonly files: Readonly<Record<string, Uint8Array>> } | { readonly fault: 'too-large' | 'too-much' | 'broken' };

const TOO_MUCH = 'too much in it';

/** Whether some bytes begin as a zip does. */
export function isArchive(bytes: Uint8Array): boolean {
  return bytes[0] === 0x50 && bytes[1] === 0x4b;
}

/**
 * The files of a zip. A size that the zip states is never exceeded when it is unpacked; nothing is written anywhere, so
 * that a path that leads out of it is only a name.
 */
export function unpack(bytes: Uint8Array, bounds: ArchiveBounds): Unpacked {
  if (bytes.length > bounds.packed) return { fault: 'too-large' };
  let size = 0;
  let count = 0;
  try {
    const files = unzipSync(bytes, {
      filter: ({ name, originalSize }) => {
        size += originalSize;
        count += 1;
        if (size > bounds.unpacked || count > bounds.files) throw new RangeError(TOO_MUCH);
        return bounds.wanted?.test(name) ?? true;
      },
    });
    return { files };
  } catch (error) {
    return { fault: error instanceof RangeError && error.message === TOO_MUCH ? 'too-much' : 'broken' };
  }
}

/** A path within a package, from a folder of it (`''` for its top, else with `/` at its end); what would lead out of it leads to its top. */
export function pathIn(folder: string, href: string): string {
  const parts: string[] = [];
  const from = href.startsWith('/') ? href : `${folder}${href}`;
  for (const part of from.split('/')) {
    if (part === '..') parts.pop();
    else if (part !== '.' && part !== '') parts.push(part);
  }
  return parts.join('/');
}
