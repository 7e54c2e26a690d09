/** Small drawings as images that CSS can use. */

/** An SVG as a CSS image. @param attributes of the `svg` element besides its view box */
export function svgImage(viewBox: string, content: string, attributes = ''): string {
  const svg = `<svg xmlns="http://www.w3.org/2000/svg" viewBox="${viewBox}"${attributes}>${content}</svg>`;
  return `url("data:image/svg+xml,${encodeURIComponent(svg)}")`;
}
