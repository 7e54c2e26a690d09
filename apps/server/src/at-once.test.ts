/** What is asked of the database together, and what happens together or not at all. */
import type { LessonView } from '@gobrel/contract';
import { type Deck, emptyDeck } from '@gobrel/core/deck';
import { DeckBuilder } from '@gobrel/core/testing';
import { DataSource, type Logger } from 'typeorm';
import { TestServer, type Visitor } from './testing/test-server.js';

let server: TestServer;
let odile: Visitor;
beforeAll(async () => {
  server = await TestServer.startWithSample();
  odile = await server.odile();
});
afterAll(() => server.stop());

const handOut = async () => {
  const order = { deckId: 'shore-zones', classId: '6-heron', workMode: 'copy-each', pace: 'own-pace' };
  const { body } = await odile.ask<LessonView>('POST', '/api/lessons', order);
  return body;
};

/** How many queries the server makes for a page: the least of some times, as it may have something else to do too. */
async function queriesFor(path: string): Promise<number> {
  const counts: number[] = [];
  for (let at = 0; at < 4; at += 1) counts.push(await queriesMeanwhile(path));
  return Math.min(...counts);
}

/** How many queries the server makes while it answers. */
async function queriesMeanwhile(path: string): Promise<number> {
  let count = 0;
  const silent = () => undefined;
  const logger: Logger = {
    logQuery: () => (count += 1),
    logQueryError: silent,
    logQuerySlow: silent,
    logSchemaBuild: silent,
    logMigration: silent,
    log: silent,
  };
  const database = server.app.get(DataSource);
  database.setOptions({ logger, logging: true });
  expect((await odile.ask('GET', path)).status).toBe(200);
  database.setOptions({ logging: false });
  return count;
}

test('lists ask as often for many lessons and decks as for few', async () => {
  const pages = ['/api/lessons', '/api/decks', '/api/classes/6-heron/gradebook'];
  // Editions stay in memory once they were read.
  for (const path of pages) await odile.ask('GET', path);
  const few: number[] = [];
  for (const path of pages) few.push(await queriesFor(path));
  for (let at = 0; at < 6; at += 1) {
    await handOut();
    await odile.ask('POST', '/api/decks', { title: `Deck ${at}` });
  }
  const many: number[] = [];
  for (const path of pages) many.push(await queriesFor(path));
  // Asking who asks is among them.
  expect(few.every((count) => count > 1)).toBe(true);
  expect(many).toEqual(few);
});

test('slides that are put in at the same moment are all in the lesson', async () => {
  const lesson = await handOut();
  const slideOf = (name: string): Deck => new DeckBuilder(name).slide(name).item(`ask-${name}`, 'short-text').deck;
  const names = ['one', 'two', 'three', 'four'];
  const answers = await Promise.all(
    names.map((name) => odile.ask('POST', `/api/lessons/${lesson.id}/slides`, { after: null, slide: slideOf(name) })),
  );
  expect(answers.map(({ status }) => status)).toEqual(names.map(() => 200));
  const { body: edition } = await odile.ask<Deck>('GET', `/api/lessons/${lesson.id}/edition`);
  const there = Object.values(edition.slides).map(({ name }) => name);
  expect(there).toEqual(expect.arrayContaining(names));
});

test('a slide that cannot be put in changes nothing', async () => {
  const lesson = await handOut();
  const refused = await odile.ask('POST', `/api/lessons/${lesson.id}/slides`, { after: null, slide: emptyDeck('x') });
  expect(refused.status).toBe(422);
  const { body } = await odile.ask<LessonView>('GET', `/api/lessons/${lesson.id}`);
  expect(body.edition).toBe(lesson.edition);
});

test('a lesson is handed out with its first state: whoever opens it finds the pace', async () => {
  const order = { deckId: 'shore-zones', classId: '6-heron', workMode: 'copy-each', pace: 'together' };
  const { body: lesson } = await odile.ask<LessonView>('POST', '/api/lessons', order);
  const document = await odile.open(`lesson:${lesson.id}`, 'teacher').settled();
  expect(document.doc.getMap('lesson').get('pace')).toBe('together');
  document.leave();
});
