import { mkdirSync, mkdtempSync, realpathSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { compileFeature } from './compile-catalogue.mjs';
import { findUnused } from './find-unused.mjs';

/** The messages of a small feature that a source does not say. */
function unusedBy(source) {
  const folder = realpathSync(mkdtempSync(join(tmpdir(), 'unused-')));
  mkdirSync(join(folder, 'messages'));
  const messages = { title: 'T', counts: '{n}', states: { right: 'R', wrong: 'W' } };
  writeFileSync(join(folder, 'messages', 'board.d.ts'), compileFeature('board', messages).types);
  writeFileSync(join(folder, 'messages', 'index.d.ts'), "export * as board from './board.js';");
  writeFileSync(join(folder, 'messages-door.ts'), "export * as messages from './messages/index.js';");
  writeFileSync(join(folder, 'source.ts'), `import { messages } from './messages-door';\n${source}`);
  const options = { module: 'esnext', moduleResolution: 'bundler', target: 'es2022', strict: true, types: [] };
  writeFileSync(join(folder, 'tsconfig.json'), JSON.stringify({ compilerOptions: options, include: ['*.ts'] }));
  return findUnused(join(folder, 'tsconfig.json'), join(folder, 'messages'));
}

const ALL = ['board.m0', 'board.m1', 'board.m2.right', 'board.m2.wrong'];

test.each([
  ['', ALL],
  ['messages.board.title;', ALL.slice(1)],
  ['const says = messages.board; says.title; says.counts({ n: 1 });', ALL.slice(2)],
  ['const { title } = messages.board; title;', ALL.slice(1)],
  ['messages.board.states.right;', ['board.m0', 'board.m1', 'board.m2.wrong']],
  ["messages.board.states['wrong'];", ['board.m0', 'board.m1', 'board.m2.right']],
  ["const by = 'right' as 'right' | 'wrong'; messages.board.states[by];", ALL.slice(0, 2)],
  ["const by = 'title' as 'title' | 'counts'; messages.board[by];", []],
  ['const all = { ...messages.board }; all;', []],
  ['const all: { title: string } = messages.board; all;', []],
])('after “%s” it says what is left', (source, left) => {
  expect(unusedBy(source)).toEqual(left);
});
