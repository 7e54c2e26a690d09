import { importKind } from './import-kind';

const file = (name: string, type = '') => ({ name, type });

test.each([
  [[file('owl.png', 'image/png'), file('rail.JPG', 'image/jpeg')], { kind: 'pictures' }],
  [[file('Walk.MD')], { kind: 'text' }],
  [[file('walk.gv')], { kind: 'text' }],
  [[file('exit.csv', 'text/csv')], { kind: 'questions' }],
  [[file('exit.zip', 'application/zip')], { kind: 'questions' }],
  [[file('owl.png', 'image/png'), file('walk.md')], { why: 'mixed' }],
  [[file('one.md'), file('two.md')], { why: 'mixed' }],
  [[file('owl.png', 'image/png'), file('song.mp3', 'audio/mpeg')], { why: 'unknown', name: 'song.mp3' }],
])('%j are %j', (files, expected) => {
  expect(importKind(files)).toEqual(expected);
});
