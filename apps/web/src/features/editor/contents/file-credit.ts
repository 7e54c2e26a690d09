/** The papers that a picture's file carries, in the fields that cameras and archives fill in (EXIF, IPTC, XMP). */
import { type Credit, creditOfTags, readFields } from '@gobrel/core/deck';

/** The papers of a file; `null` when it carries none, or cannot be read. */
export async function creditOfFile(file: Blob): Promise<Credit | null> {
  try {
    const { load } = await import('exifreader');
    const tags: Readonly<Record<string, unknown>> = { ...load(await file.arrayBuffer(), { expanded: true }) };
    const said = (...names: readonly (readonly [group: string, name: string])[]) =>
      names
        .map(([group, name]) => readFields(readFields(tags[group])?.[name])?.['description'])
        .map((text) => (typeof text === 'string' ? text.trim() : ''))
        .find((text) => text !== '') ?? '';
    return creditOfTags({
      title: said(['xmp', 'title'], ['iptc', 'Object Name'], ['iptc', 'Headline'], ['exif', 'ImageDescription']),
      author: said(['xmp', 'creator'], ['iptc', 'By-line'], ['exif', 'Artist']),
      rights: said(['xmp', 'rights'], ['xmp', 'UsageTerms'], ['iptc', 'Copyright Notice'], ['exif', 'Copyright']),
      licence: said(['xmp', 'WebStatement'], ['xmp', 'license']),
      source: said(['xmp', 'attributionURL'], ['xmp', 'Source'], ['iptc', 'Source']),
    });
  } catch {
    // A drawing, or a file without any fields.
    return null;
  }
}
