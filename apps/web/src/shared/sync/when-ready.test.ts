import { whenReady } from './when-ready';

/** A document that is on its way until it comes. */
function onItsWay() {
  let ready = false;
  const listeners = new Set<() => void>();
  const document = {
    getStatus: () => ({ ready }) as ReturnType<Parameters<typeof whenReady>[0]['getStatus']>,
    subscribe: (listener: () => void) => {
      listeners.add(listener);
      return () => void listeners.delete(listener);
    },
  };
  const tell = () => [...listeners].forEach((listener) => listener());
  return { document, tell, come: () => ((ready = true), tell()), listeners };
}

test('what is done before the document is here waits for it, in order, and is done once', () => {
  const { document, tell, come, listeners } = onItsWay();
  const done: string[] = [];
  whenReady(document, () => done.push('together'));
  whenReady(document, () => done.push('dark'));
  tell();
  expect(done).toEqual([]);
  come();
  tell();
  expect(done).toEqual(['together', 'dark']);
  expect(listeners.size).toBe(0);
});

test('with the document here it is done at once', () => {
  const { document, come } = onItsWay();
  come();
  const done: string[] = [];
  whenReady(document, () => done.push('together'));
  expect(done).toEqual(['together']);
});

test('what is forgotten meanwhile is not done', () => {
  const { document, come } = onItsWay();
  const done: string[] = [];
  whenReady(document, () => done.push('together'))();
  come();
  expect(done).toEqual([]);
});
