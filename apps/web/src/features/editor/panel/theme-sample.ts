/** The slide that shows what a theme would look like: one of the deck's own. */
import {
  applyChanges,
  type Deck,
  drawingOf,
  type Item,
  lettersOf,
  plainText,
  PAPER,
  type Role,
  setTheme,
  type SlideId,
  slidesInOrder,
  type Theme,
} from '@gobrel/core/deck';

/** One slide of a deck, to be seen in themes. */
export interface ThemeSample {
  readonly slideId: SlideId;
  readonly in: (theme: Theme) => Deck;
}

/**
 * The slide that is looked at, or the first one on which a theme is seen whole when that one has a ground of its own.
 * Texts that nobody has written yet say which part they are, so that they are seen.
 */
export function themeSample(deck: Deck, current: SlideId, roles: Readonly<Record<Role, string>>): ThemeSample {
  const showsTheme = (id: SlideId) => {
    const slide = deck.slides[id];
    return slide?.background === PAPER && slide.wash === null && slide.groundPicture === null;
  };
  const slideId = showsTheme(current) ? current : (slidesInOrder(deck).find(({ id }) => showsTheme(id))?.id ?? current);
  const drawing = drawingOf(deck, slideId);
  const items = Object.fromEntries(Object.entries(drawing.items).map(([id, item]) => [id, said(item, roles)]));
  const sample: Deck = { ...drawing, items };
  return { slideId, in: (theme) => applyChanges(sample, setTheme(sample, theme)) };
}

function said(item: Item, roles: Readonly<Record<Role, string>>): Item {
  if ((item.kind !== 'text' && item.kind !== 'shape') || item.role === null) return item;
  return lettersOf(item.text) === '' ? { ...item, text: plainText(roles[item.role]) } : item;
}
