/** Stores a file of any sort with the deck's other contents. */
import type { StoredFileView } from '@gobrel/contract';
import { ask } from '../api';
import { type Going, upload } from './upload';

const AT_ONCE: Going = {
  begun: null,
  onBegun: () => undefined,
  onProgress: () => undefined,
  signal: new AbortController().signal,
};

/** The stored file; rejects with what the server says when it does not take it. */
export async function storeFile(file: Blob, name: string, going: Going = AT_ONCE): Promise<StoredFileView> {
  return ask<StoredFileView>('POST', '/files', { upload: await upload(file, going), name: name.slice(-200) || 'file' });
}
