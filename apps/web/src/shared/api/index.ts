/** The server, as the screens see it. */
export * from './client';
export * from './queries';
export { serverNow } from './clock';
