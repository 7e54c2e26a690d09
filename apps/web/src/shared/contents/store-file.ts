/** Stores a file of any sort with the deck's other contents. */
import type { StoredFileView } from '@gobrel/contract';
import { ask } from '../api';

/** The stored file; rejects with what the server says when it does not take it. */
export function storeFile(file: File): Promise<StoredFileView> {
  const form = new FormData();
  form.append('name', file.name);
  form.append('file', file);
  return ask<StoredFileView>('POST', '/files', form);
}
