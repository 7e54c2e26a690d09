import { addItem, addSlide, emptyDeck, lettersOf } from '@gobrel/core/deck';
import { readDeckDocument, textFragment, writeChanges, writeDeckDocument } from '@gobrel/core/shared-doc';
import * as Y from 'yjs';
import { Observed, tellWaiting } from './observed';
import { deckReading } from './readings';

/** A deck with one text, and how often a view of it was told. */
function watched() {
  const doc = new Y.Doc();
  writeDeckDocument(doc, emptyDeck('Tides'));
  const deck = readDeckDocument(doc);
  writeChanges(doc, addSlide(deck, { id: 's', name: '' }));
  writeChanges(doc, addItem(readDeckDocument(doc), { id: 't', slideId: 's', kind: 'text' }));
  const observed = new Observed(doc, deckReading);
  const view = jest.fn();
  const leave = observed.subscribe(view);
  const history = new Y.UndoManager(textFragment(doc, 't') ?? [], { captureTimeout: 0 });
  const type = (letter: string) => {
    const paragraph = new Y.XmlElement('paragraph');
    paragraph.insert(0, [new Y.XmlText(letter)]);
    doc.transact(() => textFragment(doc, 't')?.push([paragraph]));
  };
  const text = () => {
    const item = observed.get().items['t'];
    return item?.kind === 'text' ? lettersOf(item.text) : null;
  };
  return { doc, observed, view, leave, history, type, text };
}

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

test('letters are there at once for whoever asks, and views are told of several together', () => {
  const { view, type, text } = watched();
  for (const letter of ['e', 'b', 'b']) type(letter);
  expect(text()).toContain('b');
  expect(view).not.toHaveBeenCalled();
  jest.runAllTimers();
  expect(view).toHaveBeenCalledTimes(1);
  type('!');
  jest.runAllTimers();
  expect(view).toHaveBeenCalledTimes(2);
});

test('any other change tells views at once, of the letters before it too, and only once', () => {
  const { doc, observed, view, type } = watched();
  type('e');
  writeChanges(doc, [{ type: 'set-slide', id: 's', fields: { name: 'Ebb' } }]);
  expect(view).toHaveBeenCalledTimes(1);
  expect(observed.get().slides['s']?.name).toBe('Ebb');
  jest.runAllTimers();
  expect(view).toHaveBeenCalledTimes(1);
});

test('taking letters back is seen at once', () => {
  const { view, type, history, text } = watched();
  type('e');
  jest.runAllTimers();
  view.mockClear();
  history.undo();
  expect(view).toHaveBeenCalledTimes(1);
  expect(text()).not.toContain('e');
});

test('whoever needs the views to be up to date has them told; who has left is told no more', () => {
  const { view, leave, type } = watched();
  tellWaiting();
  expect(view).not.toHaveBeenCalled();
  type('e');
  tellWaiting();
  expect(view).toHaveBeenCalledTimes(1);
  type('b');
  leave();
  jest.runAllTimers();
  expect(view).toHaveBeenCalledTimes(1);
});
