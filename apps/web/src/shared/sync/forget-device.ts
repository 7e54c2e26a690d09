/** Leaves nothing of somebody on a device: their documents, and the last moments and drafts beside them. */
import { keptFor, keptAs, strikeKept, unsavedFor } from './kept-here';
import { forgetConnection } from './open-document';
import type { Speaker } from '@gobrel/core/shared-doc';

/** How long a database may take to go, in milliseconds: another tab may still have it open. */
const PATIENCE = 2000;
/** Told to the other tabs of this browser: whoever spoke there has left. */
const LEFT = 'gobrel left';

/** Deletes what this device keeps for a teacher or a student; other tabs of theirs are loaded anew. */
export async function forgetDevice(speaker: Speaker): Promise<void> {
  forgetConnection(speaker);
  await deleteDocuments(await documentsOf(speaker));
  for (const key of Object.keys(localStorage)) {
    if (key.startsWith(`gobrel last moment ${speaker} `)) localStorage.removeItem(key);
    if (speaker === 'teacher' && key.startsWith('gobrel plan ')) localStorage.removeItem(key);
  }
  if (speaker === 'teacher') sessionStorage.clear();
  localStorage.setItem(LEFT, `${speaker} ${Date.now()}`);
}

/** Deletes of it what is on the server too: somebody else signs in here, and nobody has said that the rest may go. */
export async function forgetWhatIsSaved(speaker: Speaker): Promise<void> {
  forgetConnection(speaker);
  const unsaved = unsavedFor(speaker);
  await deleteDocuments((await documentsOf(speaker)).filter((key) => !unsaved.includes(key)));
}

/** Loads this tab anew when somebody left in another one: what it shows is not for whoever comes next. */
export function followLeaving(): void {
  window.addEventListener('storage', ({ key }) => {
    if (key === LEFT) window.location.reload();
  });
}

async function documentsOf(speaker: Speaker): Promise<readonly string[]> {
  const listed = await indexedDB.databases().catch(() => []);
  const here = listed.flatMap(({ name }) => (name?.startsWith(keptAs(speaker, '')) ? [name] : []));
  return [...new Set([...keptFor(speaker), ...here])];
}

async function deleteDocuments(keys: readonly string[]): Promise<void> {
  await Promise.all(keys.map(deleteDatabase));
  strikeKept(keys);
}

/** A deletion that other tabs hold up is done as soon as they let go. */
function deleteDatabase(name: string): Promise<void> {
  return new Promise((resolve) => {
    const request = indexedDB.deleteDatabase(name);
    request.onsuccess = request.onerror = () => resolve();
    setTimeout(resolve, PATIENCE);
  });
}
