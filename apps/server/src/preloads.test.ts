import { mkdirSync, mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { readPreloads } from './preloads.js';

function built(manifest: object | null): (address: string) => string {
  const folder = mkdtempSync(join(tmpdir(), 'built-'));
  writeFileSync(join(folder, 'index.html'), '<html><head><title>Gobrel</title></head><body></body></html>');
  if (manifest) {
    mkdirSync(join(folder, '.vite'));
    writeFileSync(join(folder, '.vite', 'manifest.json'), JSON.stringify(manifest));
  }
  return readPreloads(folder);
}

const manifest = {
  'src/features/student/student/index.tsx': { file: 'assets/student.js', imports: ['_live.js', '_shared.js'] },
  'src/features/sharing/show/index.tsx': { file: 'assets/show.js', imports: ['_shared.js'] },
  'src/features/student/join/index.tsx': { file: 'assets/join.js', imports: ['_shared.js'] },
  '_live.js': { file: 'assets/live.js', imports: ['_shared.js'] },
  '_shared.js': { file: 'assets/shared.js' },
};
const announcedIn = (page: string) => [...page.matchAll(/href="([^"]+)"/g)].map(([, url]) => url);

test('a student’s page announces the files of its screen, each once, and what it asks first', () => {
  expect(announcedIn(built(manifest)('/work'))).toEqual([
    '/assets/student.js',
    '/assets/live.js',
    '/assets/shared.js',
    '/api/my-lesson',
    '/api/my-lesson/edition',
  ]);
  expect(announcedIn(built(manifest)('/join/HRNS427'))).toContain('/api/join/HRNS427');
});

test('a published show announces its screen and its deck', () => {
  const page = built(manifest)('/show/saltmarshAtNight');
  expect(announcedIn(page)).toEqual(['/assets/show.js', '/assets/shared.js', '/api/shows/saltmarshAtNight?pass=']);
  expect(announcedIn(built(manifest)('/show/no'))).toEqual([]);
});

test('nothing of an address gets into the page that is no code of a lesson', () => {
  const page = built(manifest);
  expect(page('/join/"><script>')).toBe(page('/'));
  expect(announcedIn(page('/join'))).toEqual(['/assets/join.js', '/assets/shared.js']);
});

test('other screens, and an application built without a list of its files, get the page as it is', () => {
  expect(announcedIn(built(manifest)('/decks/1'))).toEqual([]);
  expect(announcedIn(built(null)('/work'))).toEqual(['/api/my-lesson', '/api/my-lesson/edition']);
});
