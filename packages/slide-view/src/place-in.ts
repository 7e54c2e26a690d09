/** Where a pointer is in an element that may be turned and scaled, by itself or with what is around it. */

/** How an element is turned and scaled: a column each for one unit to its right and one down, in CSS pixels. */
interface Turned {
  readonly a: number;
  readonly b: number;
  readonly c: number;
  readonly d: number;
}

/** A place in shares of an element's width and height: 0 by 0 at its own top left, whichever way it is turned. */
export interface Share {
  readonly x: number;
  readonly y: number;
}

/**
 * The place of a pointer within an element; `null` while it has no size.
 * @param at in CSS pixels of the window
 */
export function placeIn(
  element: HTMLElement,
  at: { readonly clientX: number; readonly clientY: number },
): Share | null {
  const { left, top, width, height } = element.getBoundingClientRect();
  return shareOf({ x: at.clientX - left - width / 2, y: at.clientY - top - height / 2 }, turnedOf(element), {
    width: element.offsetWidth,
    height: element.offsetHeight,
  });
}

/**
 * A place in shares of an element. However it is turned, the middle of the box around it is its own middle.
 * @param fromMiddle in CSS pixels of the window
 * @param size of the element before it is turned and scaled
 */
export function shareOf(
  fromMiddle: { readonly x: number; readonly y: number },
  { a, b, c, d }: Turned,
  size: { readonly width: number; readonly height: number },
): Share | null {
  const area = a * d - b * c;
  if (area === 0 || size.width === 0 || size.height === 0) return null;
  const across = (d * fromMiddle.x - c * fromMiddle.y) / area;
  const down = (a * fromMiddle.y - b * fromMiddle.x) / area;
  return { x: across / size.width + 0.5, y: down / size.height + 0.5 };
}

/** All turning and scaling of an element and what is around it, put together. */
function turnedOf(element: HTMLElement): Turned {
  let all = new DOMMatrix();
  for (let each: HTMLElement | null = element; each; each = each.parentElement) {
    const { transform, rotate, scale } = getComputedStyle(each);
    const own = new DOMMatrix();
    if (rotate !== 'none') own.rotateSelf(parseFloat(rotate));
    if (scale !== 'none') {
      const [across = 1, down = across] = scale.split(' ').map(Number);
      own.scaleSelf(across, down);
    }
    if (transform !== 'none') own.multiplySelf(new DOMMatrix(transform));
    all = own.multiply(all);
  }
  return all;
}
