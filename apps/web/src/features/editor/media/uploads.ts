/** The uploads of this window: they go on while the author works, wait out a break, and are placed when they are there. */
import { create } from 'zustand';
import { mayPass, messageOf } from '../../../shared/api';
import { storeFile } from '../../../shared/contents';
import { tellRoom } from './tell-room';
import { forgetUpload, keepUpload, type KeptUpload, keptUploads } from './kept-uploads';

/** How an upload stands. */
export interface UploadState {
  readonly kept: KeptUpload;
  /** Bytes that are there. */
  readonly sent: number;
  /** `waits` for the network; `failed` with what is to be said; `stored` waits for its deck to be open. */
  readonly stands: 'goes' | 'paused' | 'waits' | 'failed' | 'stored';
  readonly fault: string | null;
  /** The stored file, once it is there. */
  readonly fileId: string | null;
}

interface Uploads {
  readonly uploads: readonly UploadState[];
}

/** Every upload of this window, the first begun first. */
export const useUploads = create<Uploads>(() => ({ uploads: [] }));

/** What ends each of them. */
const running = new Map<string, AbortController>();
/** How long it waits before it tries again without a network, in milliseconds. */
const PATIENCE = 10_000;

function note(id: string, fields: Partial<UploadState>): void {
  useUploads.setState(({ uploads }) => ({
    uploads: uploads.map((upload) => (upload.kept.id === id ? { ...upload, ...fields } : upload)),
  }));
}

function stateOf(id: string): UploadState | undefined {
  return useUploads.getState().uploads.find(({ kept }) => kept.id === id);
}

/** Begins one, or takes one up again that was kept. */
export async function beginUpload(kept: KeptUpload): Promise<void> {
  if (stateOf(kept.id)) return;
  useUploads.setState(({ uploads }) => ({
    uploads: [...uploads, { kept, sent: 0, stands: 'goes', fault: null, fileId: null }],
  }));
  void go(kept.id);
  await keepUpload(kept);
}

async function go(id: string): Promise<void> {
  const state = stateOf(id);
  if (!state || running.has(id)) return;
  const control = new AbortController();
  running.set(id, control);
  note(id, { stands: 'goes', fault: null });
  try {
    const stored = await storeFile(state.kept.file, state.kept.name, {
      begun: state.kept.begun,
      signal: control.signal,
      onProgress: (sent) => note(id, { sent }),
      onBegun: (begun) => {
        const kept = { ...state.kept, begun };
        note(id, { kept });
        void keepUpload(kept);
      },
    });
    note(id, { stands: 'stored', fileId: stored.id, sent: state.kept.file.size });
    void tellRoom();
  } catch (error) {
    if (control.signal.aborted) return;
    if (mayPass(error)) {
      note(id, { stands: 'waits' });
      setTimeout(() => {
        if (stateOf(id)?.stands === 'waits') void go(id);
      }, PATIENCE);
    } else note(id, { stands: 'failed', fault: messageOf(error) });
  } finally {
    if (running.get(id) === control) running.delete(id);
  }
}

/** Stops it where it is. */
export function pauseUpload(id: string): void {
  running.get(id)?.abort();
  running.delete(id);
  note(id, { stands: 'paused' });
}

/** Goes on with one that was paused, waits or failed. */
export function resumeUpload(id: string): void {
  void go(id);
}

/** Gives one up, or lets go of one that is placed. */
export async function endUpload(id: string): Promise<void> {
  running.get(id)?.abort();
  running.delete(id);
  useUploads.setState(({ uploads }) => ({ uploads: uploads.filter(({ kept }) => kept.id !== id) }));
  await forgetUpload(id);
}

/** Takes up the uploads for a deck that an earlier window left here. */
export async function takeUpUploads(deckId: string): Promise<void> {
  for (const kept of await keptUploads()) if (kept.deckId === deckId) await beginUpload(kept);
}

/** With the network back, nothing waits any longer. */
export function followNetwork(): () => void {
  const goOn = () => {
    for (const { kept, stands } of useUploads.getState().uploads) if (stands === 'waits') void go(kept.id);
  };
  window.addEventListener('online', goOn);
  return () => window.removeEventListener('online', goOn);
}
