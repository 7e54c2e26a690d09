// The deck check: a change on one slide of many, against looking the whole deck through.
import { checkDeck } from '@gobrel/core/checks';
import { applyChanges } from '@gobrel/core/deck';
import { readDeckDocument } from '@gobrel/core/shared-doc';
import * as Y from 'yjs';
import { quantile } from './people.mjs';
import { writeSlides } from './slides.mjs';

const SLIDES = 500;
const CHANGES = 30;

export function benchCheck() {
  const doc = new Y.Doc();
  writeSlides(doc, SLIDES);
  let deck = readDeckDocument(doc);
  const colours = () => null;
  const look = () => {
    const began = performance.now();
    const found = checkDeck(deck, { settings: deck.check, colours }).length;
    return { took: performance.now() - began, found };
  };
  const whole = look();
  const taken = [];
  for (let at = 0; at < CHANGES; at += 1) {
    const id = `item-${(at * 13) % SLIDES || 1}-2`;
    const item = deck.items[id];
    if (item)
      deck = applyChanges(deck, [
        { type: 'set-item', id, fields: { frame: { ...item.frame, x: item.frame.x + at + 1 } } },
      ]);
    taken.push(look().took);
  }
  const [half, most] = [quantile(taken, 0.5), quantile(taken, 0.95)];
  return (
    `deck check, ${SLIDES} slides: a change ${half.toFixed(1)} ms, p95 ${most.toFixed(1)} ms; ` +
    `${(half / whole.took).toFixed(3)} times all of it (${whole.took.toFixed(0)} ms, ${whole.found} found)`
  );
}
