/** Work on files in a worker that can be stopped. */
import type { FilesResult, FilesTask } from './files-worker';

/** A task under way. */
export interface UnderWay<T> {
  readonly result: Promise<T>;
  readonly stop: () => void;
}

/** Gives a worker of its own something to do. */
export function start<T extends FilesResult>(task: FilesTask): UnderWay<T> {
  const worker = new Worker(new URL('./files-worker.ts', import.meta.url), { type: 'module' });
  const result = new Promise<T>((resolve, reject) => {
    worker.addEventListener('message', ({ data }: MessageEvent<T>) => {
      worker.terminate();
      resolve(data);
    });
    worker.addEventListener('error', () => {
      worker.terminate();
      reject(new Error('the worker failed'));
    });
    worker.postMessage(task);
  });
  return { result, stop: () => worker.terminate() };
}
