/** Uploads as a browser sends them, by the tus protocol. */
import type { Problem, StoredFileView } from '@gobrel/contract';
import type { Answer, Visitor } from './test-server.js';

/** What every request of the protocol says. */
export const TUS = { 'tus-resumable': '1.0.0' };
const BYTES = { ...TUS, 'content-type': 'application/offset+octet-stream' };

/** Begins an upload of so many bytes; gives its address. */
export async function beginUpload(visitor: Visitor, size: number): Promise<string> {
  const begun = await visitor.send('POST', '/api/uploads', { ...TUS, 'upload-length': String(size) });
  return begun.headers.get('location') ?? begun.body;
}

/** Sends bytes of it. @param at the byte they begin at */
export function sendBytes(visitor: Visitor, address: string, at: number, bytes: Uint8Array<ArrayBuffer>) {
  return visitor.send('PATCH', address, { ...BYTES, 'upload-offset': String(at) }, bytes);
}

/** How many bytes of an upload are there. */
export async function sentOf(visitor: Visitor, address: string): Promise<number> {
  return Number((await visitor.send('HEAD', address, TUS)).headers.get('upload-offset'));
}

/** Makes a file of an upload that is there. */
export function keepFile(visitor: Visitor, address: string, name: string): Promise<Answer<StoredFileView & Problem>> {
  return visitor.ask('POST', '/api/files', { upload: address.split('/').at(-1), name });
}

/** A file, stored at once. */
export async function storeFile(
  visitor: Visitor,
  bytes: Uint8Array<ArrayBuffer>,
  name: string,
): Promise<Answer<StoredFileView & Problem>> {
  const address = await beginUpload(visitor, bytes.length);
  await sendBytes(visitor, address, 0, bytes);
  return keepFile(visitor, address, name);
}
