/** Doing something with a shared document that may still be on its way. */
import type { OpenDocument } from './open-document';

/**
 * Acts as soon as the document is here. What is written before would be written beside what the server has, which of the
 * two stays then is anybody's guess.
 * @returns forgets what has not been done by then
 */
export function whenReady(document: Pick<OpenDocument, 'getStatus' | 'subscribe'>, act: () => void): () => void {
  if (document.getStatus().ready) {
    act();
    return () => undefined;
  }
  const stop = document.subscribe(() => {
    if (!document.getStatus().ready) return;
    stop();
    act();
  });
  return stop;
}
