import { applyChanges, type Change, type Deck, viewpointsOn } from '@gobrel/core/deck';
import { DeckBuilder } from '@gobrel/core/testing';
import type { Editing } from '../state/editing';
import { useDesk } from '../state/desk';
import { beginViewpoint, placeViewpoint } from './draw-viewpoint';

jest.mock('../../../shared/ui', () => ({ showToast: jest.fn() }));

/** The part of editing that placing needs: the deck, and what was written. */
function editing(deck: Deck) {
  const written: Change[] = [];
  return { editing: { deck, run: (changes: readonly Change[]) => void written.push(...changes) } as Editing, written };
}
const empty = new DeckBuilder().slide('creek').deck;
const placed = (deck: Deck, drawn: Parameters<typeof placeViewpoint>[2]) => {
  const on = editing(deck);
  placeViewpoint(on.editing, 'creek', drawn);
  return applyChanges(deck, on.written);
};

test('a drag that was begun for it becomes the viewpoint, and it is selected', () => {
  beginViewpoint();
  expect(useDesk.getState()).toMatchObject({ drawing: true, selected: [] });
  const deck = placed(empty, { x: 40, y: 60, width: 300, height: 200 });
  const [viewpoint] = viewpointsOn(deck, 'creek');
  expect(viewpoint?.frame).toMatchObject({ x: 40, y: 60, width: 300, height: 200, rotation: 0 });
  expect(useDesk.getState()).toMatchObject({ drawing: false, selected: [viewpoint?.id] });
});

test('a mere press, or a region too small to be meant, places it in the middle', () => {
  for (const drawn of [null, { x: 40, y: 60, width: 10, height: 200 }]) {
    const [viewpoint] = viewpointsOn(placed(empty, drawn), 'creek');
    expect(viewpoint?.frame.width).toBeGreaterThanOrEqual(24);
    expect(viewpoint?.frame).not.toMatchObject({ x: 40 });
  }
});

test('each further one gets a name of its own', () => {
  const once = placed(empty, null);
  const twice = placed(once, null);
  const names = viewpointsOn(twice, 'creek').map(({ name }) => name);
  expect(new Set(names).size).toBe(2);
});
