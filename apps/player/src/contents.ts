/** The pictures, sounds and files that stand in the file, as addresses that can be shown. */

const known = new Map<string, string>();

/** The address of a content by its name; one that is not there has none, and is shown as missing. */
export function contentUrl(name: string): string {
  const before = known.get(name);
  if (before !== undefined) return before;
  const place = document.querySelector<HTMLElement>(`[data-content="${CSS.escape(name)}"]`);
  const mediaType = place?.dataset['type'] ?? '';
  const address = place ? URL.createObjectURL(new Blob([bytesOf(place.textContent)], { type: mediaType })) : 'data:,';
  known.set(name, address);
  return address;
}

function bytesOf(base64: string): Uint8Array<ArrayBuffer> {
  try {
    const binary = atob(base64);
    return Uint8Array.from(binary, (letter) => letter.charCodeAt(0));
  } catch {
    // It was cut short or changed by hand: there is nothing to be shown.
    return new Uint8Array();
  }
}
