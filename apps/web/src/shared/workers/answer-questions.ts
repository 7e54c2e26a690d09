/** The worker's side. */
import type { WorkerAnswer, WorkerQuestion, WorkerTasks } from './messages';

/** What a worker listens with and answers through. */
type Line = Pick<Worker, 'addEventListener' | 'postMessage'>;

/** Does what is asked of a worker, each task by its name; what is none of them is not answered. */
export function answerQuestions(tasks: WorkerTasks, line: Line = self): void {
  const known = new Map(Object.entries(tasks));
  line.addEventListener('message', (event) => {
    const { id, task, asked }: WorkerQuestion = event.data;
    const act = known.get(task);
    // Whoever asks is held to what the task takes by its type; a message has none.
    // eslint-disable-next-line @typescript-eslint/no-unsafe-type-assertion
    if (act) line.postMessage({ id, answer: act(asked as never) } satisfies WorkerAnswer);
  });
}
