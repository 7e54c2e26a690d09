/** Work on files in a worker that can be stopped. */
import type { FilesProgress, FilesResult, FilesTask } from './files-worker';

/** A task under way. */
export interface UnderWay<T> {
  readonly result: Promise<T>;
  readonly stop: () => void;
}

/** Gives a worker of its own something to do. @param onProgress told of each slide that is done */
export function start<T extends FilesResult>(
  task: FilesTask,
  onProgress: (progress: FilesProgress) => void = () => undefined,
): UnderWay<T> {
  const worker = new Worker(new URL('./files-worker.ts', import.meta.url), { type: 'module' });
  const result = new Promise<T>((resolve, reject) => {
    worker.addEventListener('message', ({ data }: MessageEvent<{ readonly result: T } | FilesProgress>) => {
      if (!('result' in data)) return onProgress(data);
      worker.terminate();
      resolve(data.result);
    });
    worker.addEventListener('error', () => {
      worker.terminate();
      reject(new Error('the worker failed'));
    });
    worker.postMessage(task);
  });
  return { result, stop: () => worker.terminate() };
}

/** What work under way comes to, unless it is stopped before. @throws DOMException named AbortError when it was */
export function until<T>({ result, stop }: UnderWay<T>, signal: AbortSignal): Promise<T> {
  return new Promise((resolve, reject) => {
    signal.addEventListener('abort', () => {
      stop();
      reject(signal.reason instanceof Error ? signal.reason : new DOMException('stopped', 'AbortError'));
    });
    result.then(resolve, reject);
  });
}
