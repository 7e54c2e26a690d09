/** Has a PDF written by the worker. */
import type { PdfNews, PdfTask } from './pdf-worker';

/** The bytes of a PDF. @throws when it cannot be written, or `signal` ends it */
export function writeApart(
  task: PdfTask,
  signal: AbortSignal,
  onSheet: (done: number) => void,
): Promise<Uint8Array<ArrayBuffer>> {
  const worker = new Worker(new URL('./pdf-worker.ts', import.meta.url), { type: 'module' });
  return new Promise<Uint8Array<ArrayBuffer>>((resolve, reject) => {
    signal.addEventListener('abort', () => reject(new DOMException('stopped', 'AbortError')), { once: true });
    worker.addEventListener('message', ({ data }: MessageEvent<PdfNews>) => {
      if ('pdf' in data) resolve(data.pdf);
      else if ('failed' in data) reject(new Error(data.failed));
      else onSheet(data.done);
    });
    worker.addEventListener('error', () => reject(new Error('the worker failed')));
    worker.postMessage(task);
  }).finally(() => worker.terminate());
}
