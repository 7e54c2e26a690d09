/** Uploads by the open tus protocol: a file goes in pieces, and a break costs the last piece at the most. */
import { isProblem } from '@gobrel/contract';
import type { DetailedError } from 'tus-js-client';
import { Refusal } from '../api';

/** How an upload goes. */
export interface Going {
  /** Where an earlier one had begun; `null` for a new one. */
  readonly begun: string | null;
  /** Told where it begins, so that it can be gone on with from there. */
  readonly onBegun: (url: string) => void;
  /** Told how many bytes are there. */
  readonly onProgress: (sent: number) => void;
  readonly signal: AbortSignal;
}

/** Bytes of a piece: what a break costs at the most, and what a proxy on the way has to hold. */
const PIECE = 4 * 1024 * 1024;
/** After how long a piece that broke off is sent again, in milliseconds. */
const AGAIN = [0, 1000, 3000, 5000];

/**
 * Sends a file; gives the id of the upload once all of it is there.
 * @throws Refusal when the server does not take it, or, with the status 0, when it cannot be reached any more
 */
export async function upload(file: Blob, { begun, onBegun, onProgress, signal }: Going): Promise<string> {
  const { Upload } = await import('tus-js-client');
  signal.throwIfAborted();
  return new Promise((resolve, reject) => {
    const going = new Upload(file, {
      endpoint: '/api/uploads',
      uploadUrl: begun,
      chunkSize: PIECE,
      retryDelays: AGAIN,
      storeFingerprintForResuming: false,
      uploadDataDuringCreation: file.size <= PIECE,
      onUploadUrlAvailable: () => {
        if (going.url) onBegun(going.url);
      },
      onProgress,
      onShouldRetry: (error) => {
        const status = error.originalResponse?.getStatus() ?? 0;
        return navigator.onLine && (status === 0 || status === 409 || status >= 500);
      },
      onSuccess: () => resolve(idOf(going.url)),
      onError: (error) => reject(refusalOf(error)),
    });
    signal.addEventListener('abort', () => {
      void going.abort();
      reject(new DOMException('the upload was stopped', 'AbortError'));
    });
    going.start();
  });
}

function idOf(url: string | null): string {
  return url?.split('/').at(-1) ?? '';
}

/** What the server said, or that it was not reached. */
function refusalOf(error: Error | DetailedError): Refusal {
  const response = 'originalResponse' in error ? error.originalResponse : null;
  const said = parsed(response?.getBody() ?? '');
  return new Refusal(isProblem(said) ? said : { status: 0, code: 'offline' });
}

function parsed(body: string): unknown {
  try {
    return JSON.parse(body) as unknown;
  } catch {
    return null;
  }
}
