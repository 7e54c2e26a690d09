/** Where linked words stand on the slide in the middle: a line begins at the words that carry the link, not at their text. */
import type { Box } from '@gobrel/core/geometry';
import type { Link } from '@gobrel/core/routes';
import { type RefObject, useLayoutEffect, useState } from 'react';
import type { RouteLayout } from './route-layout';

/** Boxes of linked words in an area, in CSS pixels, by `wordsKey`. */
export type LinkedWords = ReadonlyMap<string, Box>;

const NONE: LinkedWords = new Map();

/** What a run of linked words is known by. */
export function wordsKey({ itemId, run }: Link): string {
  return `${itemId} ${run ?? ''}`;
}

/**
 * Looks after every drawing where the words are, and draws again when they have moved. Words that are not drawn, as in a
 * text that is typed in, are left out.
 * @param area what the boxes are measured in, and holds the drawing
 * @param layout another one whenever the drawing may lie elsewhere
 */
export function useLinkedWords(
  area: RefObject<Element | null>,
  links: readonly Link[],
  layout: RouteLayout,
): LinkedWords {
  const [found, setFound] = useState(NONE);
  useLayoutEffect(() => {
    const next = area.current ? findWords(area.current, links) : NONE;
    setFound((before) => (isSame(before, next) ? before : next));
  }, [area, links, layout]);
  return found;
}

function findWords(area: Element, links: readonly Link[]): LinkedWords {
  const ofWords = links.filter(({ run }) => run !== null);
  if (ofWords.length === 0) return NONE;
  const origin = area.getBoundingClientRect();
  const found = new Map<string, Box>();
  for (const link of ofWords) {
    const item = area.querySelector(`[data-canvas] [data-item="${CSS.escape(link.itemId)}"]`);
    const box = item && runsOf(item)[link.run ?? 0];
    if (box) found.set(wordsKey(link), { ...box, x: box.x - origin.x, y: box.y - origin.y });
  }
  return found;
}

/** The boxes of an item's runs of linked words, in order; parts of one run stand side by side. In the window. */
function runsOf(item: Element): readonly Box[] {
  const runs: Box[] = [];
  let last: Element | null = null;
  for (const part of item.querySelectorAll('.gv-link')) {
    // Words that are broken over lines have a box a line: the line begins below the last of them.
    const box = [...part.getClientRects()].at(-1);
    if (!box) continue;
    const { x, y, width, height } = box;
    if (last && last.nextSibling === part) runs[runs.length - 1] = { x, y, width, height };
    else runs.push({ x, y, width, height });
    last = part;
  }
  return runs;
}

function isSame(one: LinkedWords, other: LinkedWords): boolean {
  if (one.size !== other.size) return false;
  return [...one].every(([key, box]) => {
    const now = other.get(key);
    return now?.x === box.x && now.y === box.y && now.width === box.width && now.height === box.height;
  });
}
