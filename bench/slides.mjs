// Decks for benchmarks: many slides with five texts each.
import { addItem, addSlide, applyChanges, plainText } from '@gobrel/core/deck';
import { readDeckDocument, writeChanges } from '@gobrel/core/shared-doc';

/** Fills a new deck's document up to so many slides. */
export function writeSlides(doc, slides) {
  let deck = readDeckDocument(doc);
  const all = [];
  const apply = (changes) => {
    deck = applyChanges(deck, changes);
    all.push(...changes);
  };
  for (let count = Object.keys(deck.slides).length; count < slides; count += 1) {
    const slideId = `slide-${count}`;
    apply(addSlide(deck, { id: slideId, name: `Slide ${count}` }));
    for (let item = 0; item < 5; item += 1) {
      const frame = { x: 100, y: 80 + item * 110, width: 900, height: 90, rotation: 0 };
      const fields = { text: plainText(`Words ${item} on slide ${count}`) };
      apply(addItem(deck, { id: `item-${count}-${item}`, slideId, kind: 'text', frame, fields }));
    }
  }
  writeChanges(doc, all);
}
