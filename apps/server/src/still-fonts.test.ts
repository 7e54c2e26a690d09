/** Fonts at one weight, for files on paper. */
import { copyFileSync, mkdirSync, mkdtempSync, writeFileSync } from 'node:fs';
import type { Server } from 'node:http';
import { createRequire } from 'node:module';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import express from 'express';
import { stillFonts } from './still-fonts.js';

let server: Server;
let address: string;

beforeAll(async () => {
  const folder = mkdtempSync(join(tmpdir(), 'web-'));
  mkdirSync(join(folder, 'assets'));
  writeFileSync(join(folder, 'index.html'), '<html></html>');
  const find = createRequire(__filename);
  copyFileSync(
    find.resolve('@fontsource-variable/nunito/files/nunito-latin-wght-normal.woff2'),
    join(folder, 'assets', 'nunito-latin-wght-normal-abc.woff2'),
  );
  copyFileSync(
    find.resolve('@fontsource/dejavu-sans/files/dejavu-sans-latin-400-normal.woff2'),
    join(folder, 'assets', 'arrows-abc.woff2'),
  );
  writeFileSync(join(folder, 'assets', 'broken-wght-abc.woff2'), 'no font');
  writeFileSync(join(folder, 'secret.woff2'), 'nothing for anybody');
  const app = express();
  app.use('/fonts', stillFonts(folder));
  app.use((_request: express.Request, response: express.Response) => void response.status(404).end());
  app.use((_error: unknown, _request: express.Request, response: express.Response, next: express.NextFunction) =>
    response.headersSent ? next() : void response.status(500).end(),
  );
  server = await new Promise((resolve) => {
    const listening = app.listen(0, '127.0.0.1', () => resolve(listening));
  });
  address = `http://127.0.0.1:${(server.address() as AddressInfo).port}/fonts`;
});
afterAll(() => new Promise((resolve) => server.close(resolve)));

const bytesOf = async (path: string) => {
  const answer = await fetch(`${address}/${path}`);
  expect(answer.status).toBe(200);
  expect(answer.headers.get('cache-control')).toContain('immutable');
  return Buffer.from(await answer.arrayBuffer());
};

/** The tables of a TrueType font by their names. */
function tablesOf(font: Buffer): readonly string[] {
  return Array.from({ length: font.readUInt16BE(4) }, (_, at) => font.toString('latin1', 12 + at * 16, 16 + at * 16));
}

test('a font that can be varied comes as TrueType that cannot, heavier at a heavier weight', async () => {
  const [light, heavy] = [
    await bytesOf('400/nunito-latin-wght-normal-abc.woff2'),
    await bytesOf('800/nunito-latin-wght-normal-abc.woff2'),
  ];
  expect(light.readUInt32BE(0)).toBe(0x00010000);
  expect(tablesOf(light)).toEqual(expect.arrayContaining(['glyf', 'cmap', 'GSUB']));
  expect(tablesOf(light)).not.toContain('fvar');
  expect(heavy.equals(light)).toBe(false);
});

test('a font of one weight comes as it is', async () => {
  expect(tablesOf(await bytesOf('700/arrows-abc.woff2'))).toContain('glyf');
});

test.each([
  ['another weight than fonts have', '450/nunito-latin-wght-normal-abc.woff2', 404],
  ['a font that is not there', '400/caveat-abc.woff2', 404],
  ['a file outside of the folder', '400/..%2Fsecret.woff2', 404],
  ['what is no font', '400/broken-wght-abc.woff2', 500],
])('%s is refused', async (_what, path, status) => {
  expect((await fetch(`${address}/${path}`)).status).toBe(status);
});
