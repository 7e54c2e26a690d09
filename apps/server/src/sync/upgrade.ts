/** Requests to become a socket: which are taken, and from whom. */
import type { IncomingMessage } from 'node:http';
import type { Duplex } from 'node:stream';
import { isOwnOrigin } from '../errors/index.js';
import type { Place } from '../place.js';

/** Why a request is not taken, as an HTTP status line; `null` when it is. */
export function upgradeRefusal(request: IncomingMessage): string | null {
  if (!isForSync(request)) return '404 Not Found';
  return isOwnOrigin(request.headers) ? null : '403 Forbidden';
}

/** Refuses a request in words and lets its connection go. */
export function refuseUpgrade(socket: Duplex, status: string): void {
  socket.end(`HTTP/1.1 ${status}\r\nConnection: close\r\nContent-Length: 0\r\n\r\n`);
}

/** Whether a request asks for the one socket there is; whatever else its address says. */
function isForSync(request: IncomingMessage): boolean {
  return (request.url ?? '').split('?', 1)[0] === '/sync';
}

/** The address that somebody asks from: behind a proxy the one that it says, which is the last of those named. */
export function addressOf({ headers, socket }: IncomingMessage, { isBehindTls }: Pick<Place, 'isBehindTls'>): string {
  const named = isBehindTls
    ? String(headers['x-forwarded-for'] ?? '')
        .split(',')
        .at(-1)
        ?.trim()
    : '';
  return named || (socket.remoteAddress ?? '');
}
