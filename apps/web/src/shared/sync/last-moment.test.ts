import * as Y from 'yjs';
import { LastMoment } from './last-moment';

/** A shelf like the browser's, that holds so many letters. */
function shelfOf(most = Infinity) {
  const lying = new Map<string, string>();
  return {
    lying,
    getItem: (key: string) => lying.get(key) ?? null,
    setItem: (key: string, value: string) => {
      if (value.length > most) throw new DOMException('full', 'QuotaExceededError');
      lying.set(key, value);
    },
    removeItem: (key: string) => void lying.delete(key),
  };
}

function open(shelf: ReturnType<typeof shelfOf>, stored?: Uint8Array) {
  const doc = new Y.Doc();
  const last = new LastMoment('deck', doc, shelf);
  if (stored) Y.applyUpdate(doc, stored);
  last.takeUp();
  return { doc, last, text: doc.getText('words') };
}

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

test('what was typed just before the page went is there when it is opened again', () => {
  const shelf = shelfOf();
  const before = open(shelf);
  before.text.insert(0, 'Written');
  const stored = Y.encodeStateAsUpdate(before.doc);
  before.text.insert(7, ' in the hide');
  before.text.delete(0, 1);
  before.last.putDown();
  expect(open(shelf, stored).text.toString()).toBe('ritten in the hide');
});

test('it waits for a page that goes at once again, and is cleared away when it is stored', () => {
  const shelf = shelfOf();
  const first = open(shelf);
  first.text.insert(0, 'one');
  first.last.putDown();
  const second = open(shelf);
  second.text.insert(3, ' two');
  second.last.putDown();
  expect(open(shelf).text.toString()).toBe('one two');
  jest.advanceTimersByTime(10_000);
  expect(shelf.lying.size).toBe(0);
});

test('what is stored long since, or came from elsewhere, is not put down', () => {
  const shelf = shelfOf();
  const { doc, text, last } = open(shelf);
  text.insert(0, 'long ago');
  jest.advanceTimersByTime(10_000);
  const others = new Y.Doc();
  others.getText('words').insert(0, 'theirs');
  Y.applyUpdate(doc, Y.encodeStateAsUpdate(others));
  last.putDown();
  expect(shelf.lying.size).toBe(0);
});

test('a full shelf and a broken one harm nothing', () => {
  const full = open(shelfOf(3));
  full.text.insert(0, 'words');
  full.last.putDown();
  const broken = shelfOf();
  broken.lying.set('deck', '/////w==');
  expect(open(broken).text.toString()).toBe('');
});

test('once closed it remembers nothing', () => {
  const shelf = shelfOf();
  const { text, last } = open(shelf);
  last.close();
  text.insert(0, 'words');
  last.putDown();
  expect(shelf.lying.size).toBe(0);
});
