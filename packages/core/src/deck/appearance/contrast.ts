/** How well colours can be told apart. */

/**
 * How far two colours stand apart, from 1 (the same) to 21 (black on white): the contrast ratio of WCAG 2.2, by its
 * relative luminance (https://www.w3.org/TR/WCAG22/#dfn-contrast-ratio). Both as `#rrggbb`.
 */
export function contrastOf(a: string, b: string): number {
  const [one, other] = [luminance(a), luminance(b)];
  return (Math.max(one, other) + 0.05) / (Math.min(one, other) + 0.05);
}

function luminance(colour: string): number {
  const part = (from: number) => {
    const share = parseInt(colour.slice(from, from + 2), 16) / 255;
    return share <= 0.04045 ? share / 12.92 : ((share + 0.055) / 1.055) ** 2.4;
  };
  return 0.2126 * part(1) + 0.7152 * part(3) + 0.0722 * part(5);
}
