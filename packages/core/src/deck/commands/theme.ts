/** Another theme for a deck. */
import { frameOfPart, partsIn } from '../appearance/layouts.js';
import type { Theme } from '../appearance/theme.js';
import { pageOf } from '../appearance/theme-page.js';
import type { Frame } from '../../geometry/index.js';
import type { Change } from '../model/change.js';
import { type Deck, sizeOf } from '../model/deck.js';
import { itemsOf } from '../model/items-in-order.js';
import type { Slide } from '../model/slide.js';
import { isWordBox } from '../text/texts.js';

/**
 * Gives a deck a theme. Words of title and section slides that stand where the theme before had its place for them go to
 * the place of the new one; what somebody moved stays.
 */
export function setTheme(deck: Deck, theme: Theme): Change[] {
  return [
    { type: 'set-deck', fields: { theme } },
    ...Object.values(deck.slides).flatMap((slide) => followPlaces(deck, slide, theme)),
  ];
}

function followPlaces(deck: Deck, slide: Slide, theme: Theme): Change[] {
  if (pageOf(slide.layout) === 'text') return [];
  const size = sizeOf(deck);
  const after = partsIn(theme, slide.layout);
  return partsIn(deck.theme, slide.layout).flatMap((before, at): Change[] => {
    const next = after[at];
    const item = itemsOf(deck, slide.id).find(({ role }) => role === before.role);
    if (!item || !next || !isSameFrame(item.frame, frameOfPart(before, size))) return [];
    const align = next.look?.align;
    const follows = isWordBox(item) && align !== undefined && item.look.align === before.look?.align;
    const fields = { frame: frameOfPart(next, size), ...(follows ? { look: { ...item.look, align } } : {}) };
    return [{ type: 'set-item', id: item.id, fields }];
  });
}

function isSameFrame(a: Frame, b: Frame): boolean {
  return a.x === b.x && a.y === b.y && a.width === b.width && a.height === b.height && a.rotation === b.rotation;
}
