/** What is sent with the files of the web application. */
import { mkdirSync, mkdtempSync, writeFileSync } from 'node:fs';
import type { Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import express from 'express';
import helmet from 'helmet';
import { webFiles } from './web-files.js';

let server: Server;
let address: string;

beforeAll(async () => {
  const folder = mkdtempSync(join(tmpdir(), 'web-'));
  mkdirSync(join(folder, 'assets'));
  writeFileSync(join(folder, 'index.html'), '<html><head></head><body></body></html>');
  const spanish = join(folder, 'languages', 'es');
  mkdirSync(join(spanish, 'assets'), { recursive: true });
  writeFileSync(join(spanish, 'index.html'), '<html lang="es"><head></head><body></body></html>');
  writeFileSync(join(spanish, 'assets', 'page-def.js'), 'void 0;');
  for (const name of ['page-abc.js', 'marking-worker-abc.js']) writeFileSync(join(folder, 'assets', name), 'void 0;');
  const app = express();
  app.use(helmet(), ...webFiles(folder));
  server = await new Promise((resolve) => {
    const listening = app.listen(0, '127.0.0.1', () => resolve(listening));
  });
  address = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
});
afterAll(() => new Promise((resolve) => server.close(resolve)));

const headersOf = async (path: string) => (await fetch(address + path, { headers: { accept: 'text/html' } })).headers;

test('a hashed file stays for a year and is what it says it is; what only pages go by is not sent with it', async () => {
  const headers = await headersOf('/assets/page-abc.js');
  expect(headers.get('cache-control')).toContain('immutable');
  expect(headers.get('x-content-type-options')).toBe('nosniff');
  expect(headers.get('content-security-policy')).toBeNull();
  expect(headers.get('x-frame-options')).toBeNull();
});

test.each(['/assets/marking-worker-abc.js', '/', '/lessons'])('%s has its security policy', async (path) => {
  expect((await headersOf(path)).get('content-security-policy')).not.toBeNull();
});

const pageWith = async (headers: Record<string, string>) => {
  const response = await fetch(`${address}/join`, { headers: { accept: 'text/html', ...headers } });
  return {
    language: response.headers.get('content-language'),
    vary: response.headers.get('vary'),
    html: await response.text(),
  };
};

test.each([
  ['what the browser wants first', { 'accept-language': 'es-MX,es;q=0.9,en;q=0.5' }, 'es'],
  ['what it wants and is there', { 'accept-language': 'fi,es;q=0.4' }, 'es'],
  ['English where nothing fits', { 'accept-language': 'fi' }, 'en'],
  ['what was chosen, whatever the browser wants', { 'accept-language': 'es', cookie: 'a=b; language=en' }, 'en'],
  ['no language that is not there', { 'accept-language': 'es', cookie: 'language=../../etc' }, 'es'],
  ['nothing but a language', { 'accept-language': 'en', cookie: 'language=assets' }, 'en'],
])('the page is in %s', async (_what, headers, language) => {
  const page = await pageWith(headers);
  expect(page.language).toBe(language);
  expect(page.html.includes('lang="es"')).toBe(language === 'es');
  expect(page.vary).toMatch(/accept-language.*cookie/i);
});

test('the files of every language are served', async () => {
  expect((await headersOf('/assets/page-def.js')).get('cache-control')).toContain('immutable');
});
