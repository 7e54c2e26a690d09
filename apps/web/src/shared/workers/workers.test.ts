import { answerQuestions, askingWorker } from './index';

type Listener = (event: MessageEvent) => void;

/** A page and a worker that pass each other messages in later turns, as browsers do. */
function wire() {
  const end = () => ({ listeners: [] as Listener[], sent: [] as unknown[] });
  const [page, worker] = [end(), end()];
  const side = (mine: ReturnType<typeof end>, other: ReturnType<typeof end>) => ({
    addEventListener: (_name: string, listener: unknown) => void mine.listeners.push(listener as Listener),
    postMessage: (data: unknown) => {
      mine.sent.push(data);
      const cloned: unknown = structuredClone(data);
      queueMicrotask(() => other.listeners.forEach((listener) => listener({ data: cloned } as MessageEvent)));
    },
  });
  return { page: side(page, worker), worker: side(worker, page), asked: page.sent };
}

const tasks = {
  double: (of: number) => of * 2,
  join: ({ words }: { readonly words: readonly string[] }) => words.join(' '),
};

test('each question gets the answer of its own task, whatever else is asked meanwhile', async () => {
  const { page, worker } = wire();
  answerQuestions(tasks, worker);
  const ask = askingWorker<typeof tasks>(() => page);
  const answers = await Promise.all([ask('double', 4), ask('join', { words: ['low', 'tide'] }), ask('double', 21)]);
  expect(answers).toEqual([8, 'low tide', 42]);
});

test('the worker starts with the first question, and once', async () => {
  const { page, worker } = wire();
  answerQuestions(tasks, worker);
  let started = 0;
  const ask = askingWorker<typeof tasks>(() => {
    started += 1;
    return page;
  });
  expect(started).toBe(0);
  await ask('double', 1);
  await ask('double', 2);
  expect(started).toBe(1);
});

test('what is no task of the worker is not answered, and breaks nothing', async () => {
  const { page, worker, asked } = wire();
  answerQuestions(tasks, worker);
  const ask = askingWorker<typeof tasks & { fly: (to: string) => string }>(() => page);
  let flown = false;
  void ask('fly', 'north').then(() => (flown = true));
  expect(await ask('double', 3)).toBe(6);
  expect(asked).toHaveLength(2);
  expect(flown).toBe(false);
});
