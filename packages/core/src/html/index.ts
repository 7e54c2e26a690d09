/** Pages that are put together as text. */

/** Text as it stands in HTML, between tags or in an attribute in double quotes. */
export function inHtml(text: string): string {
  return text.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('>', '&gt;').replaceAll('"', '&quot;');
}
