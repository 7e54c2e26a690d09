import { isKeptAnswer, isKeptFile } from './offline-caches';

test('files whose address changes with their content are kept', () => {
  for (const pathname of ['/assets/page-1.js', '/stickers/owl.svg', '/api/pictures/ab12', '/api/files/cd34'])
    expect(isKeptFile(pathname)).toBe(true);
});

test('of the server’s answers only those are kept that a student needs to go on', () => {
  expect(['/api/session', '/api/my-lesson', '/api/my-lesson/edition'].filter(isKeptAnswer)).toHaveLength(3);
  for (const pathname of ['/api/decks', '/api/my-lesson/checks', '/api/session/student', '/x/api/session'])
    expect(isKeptAnswer(pathname) || isKeptFile(pathname)).toBe(false);
});
