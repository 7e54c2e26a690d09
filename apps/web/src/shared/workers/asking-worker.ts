/** The page's side of a worker. */
import type { WorkerAnswer, WorkerQuestion, WorkerTasks } from './messages';

/** Asks for a task to be done; resolves with what it gives. */
type Ask<Tasks extends WorkerTasks> = <Name extends keyof Tasks & string>(
  task: Name,
  asked: Parameters<Tasks[Name]>[0],
) => Promise<ReturnType<Tasks[Name]>>;

/**
 * A worker that is started with the first question and serves all of them.
 * @param start starts the worker whose tasks are those of the type
 */
export function askingWorker<Tasks extends WorkerTasks>(
  start: () => Pick<Worker, 'addEventListener' | 'postMessage'>,
): Ask<Tasks> {
  let worker: Pick<Worker, 'postMessage'> | null = null;
  let questions = 0;
  const waiting = new Map<number, (answer: unknown) => void>();
  const started = () => {
    if (worker) return worker;
    const begun = start();
    begun.addEventListener('message', (event) => {
      const { id, answer }: WorkerAnswer = event.data;
      waiting.get(id)?.(answer);
      waiting.delete(id);
    });
    worker = begun;
    return worker;
  };
  return <Name extends keyof Tasks & string>(task: Name, asked: Parameters<Tasks[Name]>[0]) =>
    new Promise<ReturnType<Tasks[Name]>>((resolve) => {
      questions += 1;
      // What a task gives is known by its type, and passes as a message, which has none.
      // eslint-disable-next-line @typescript-eslint/no-unsafe-type-assertion
      waiting.set(questions, (answer) => resolve(answer as ReturnType<Tasks[Name]>));
      started().postMessage({ id: questions, task, asked } satisfies WorkerQuestion);
    });
}
