/** Waiting for a server of ours to listen. */
import { once } from 'node:events';
import type { Server } from 'node:http';

/** The address at which a server listens, once it does. */
export async function listening(server: Server): Promise<string> {
  if (!server.listening) await once(server, 'listening');
  const address = server.address();
  if (address === null || typeof address === 'string') throw new Error('the server listens at no port');
  return `http://127.0.0.1:${address.port}`;
}
