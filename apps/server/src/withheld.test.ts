/** Slides that a student cannot come to yet stay off their device, where the terms say so. */
import type { LessonView, MyEdition } from '@gobrel/contract';
import { addItem, addSlide, type Change, type Deck, type Gate } from '@gobrel/core/deck';
import { changeLesson, readDeckDocument, writeChanges, writeWorkChanges } from '@gobrel/core/shared-doc';
import { handOut, joinAs, workOf } from './testing/lessons.js';
import { TestServer, until, type Visitor } from './testing/test-server.js';

const choices = ['a', 'b'].map((id) => ({ id, text: id.toUpperCase() }));
const SECRET = 'The otter sleeps under the bridge';

describe('slides behind links that wait', () => {
  let server: TestServer;
  let odile: Visitor;
  let deckId: string;

  beforeAll(async () => {
    server = await TestServer.startWithSample();
    odile = await server.odile();
    deckId = (await odile.ask<{ id: string }>('POST', '/api/decks', { title: 'Doors' })).body.id;
    const deck = await odile.open(`deck:${deckId}`, 'teacher').settled();
    const write = (change: (before: Deck) => Change[]) => writeChanges(deck.doc, change(readDeckDocument(deck.doc)));
    const [first = ''] = Object.keys(readDeckDocument(deck.doc).slides);
    write((before) => addSlide(before, { id: 'den', name: SECRET }));
    write((before) => addSlide(before, { id: 'cave', name: 'The cave' }));
    for (const id of [first, 'den', 'cave']) write(() => [{ type: 'set-slide', id, fields: { exits: 'links-only' } }]);
    write((before) =>
      addItem(before, {
        id: 'asked',
        slideId: first,
        kind: 'choice',
        fields: { choices, right: ['b'], attempts: 2, feedbackAt: 'never' },
      }),
    );
    const door = (id: string, slideId: string, gate: Gate) => (before: Deck) =>
      addItem(before, { id, slideId: first, kind: 'hotspot', link: { to: 'slide', slideId, gate } });
    write(door('to-den', 'den', { opens: 'right', itemId: 'asked' }));
    write(door('to-cave', 'cave', { opens: 'seen', slideId: 'den' }));
    write((before) => addItem(before, { id: 'treasure', slideId: 'den', kind: 'blank' }));
    await deck.sent();
    deck.leave();
  });
  afterAll(() => server.stop());

  const given = (terms: object = { withholds: true }): Promise<LessonView> => handOut(odile, { deckId, terms });
  const edition = async (student: Visitor) => (await student.ask<MyEdition>('GET', '/api/my-lesson/edition')).body;
  const pick = async (student: Visitor, choice: string) => {
    const work = await workOf(student);
    const value = { kind: 'choice' as const, picked: [choice] };
    writeWorkChanges(work.doc, [{ part: 'answers', id: 'asked', value }]);
    await work.sent();
    work.leave();
  };
  const isRight = async (student: Visitor) =>
    (await student.ask<{ right: boolean }>('POST', '/api/my-lesson/checks/asked')).body.right;

  test('are all there where nothing is said about it', async () => {
    const all = await edition(await joinAs(server, await given({}), 1));
    expect(all.beyond).toEqual([]);
    expect(JSON.stringify(all)).toContain(SECRET);
  });

  test('are places without a name, until a right answer was looked at; a changed one takes them away again from nobody', async () => {
    const student = await joinAs(server, await given(), 2);
    const before = await edition(student);
    expect([...before.beyond].sort()).toEqual(['cave', 'den']);
    expect(JSON.stringify(before)).not.toContain(SECRET);
    expect(Object.keys(before.items)).not.toContain('treasure');
    // Asking for the edition tells nobody whether an answer is right.
    await pick(student, 'b');
    expect((await edition(student)).beyond).toContain('den');
    expect(await isRight(student)).toBe(true);
    const after = await edition(student);
    expect(after.beyond).toEqual(['cave']);
    expect(after.items).toHaveProperty('treasure');
    expect(after.slides['den']?.name).toBe(SECRET);
    await pick(student, 'a');
    expect((await edition(student)).beyond).toEqual(['cave']);
  });

  test('stay away from whoever only says that they have been there', async () => {
    const student = await joinAs(server, await given(), 3);
    const work = await workOf(student);
    writeWorkChanges(work.doc, [{ part: 'walk', walk: ['den', 'cave'], seen: ['den', 'cave'] }]);
    await work.sent();
    work.leave();
    expect([...(await edition(student)).beyond].sort()).toEqual(['cave', 'den']);
  });

  test('come to everybody whom the teacher leads there, with what they open', async () => {
    const lesson = await given();
    const student = await joinAs(server, lesson, 4);
    const board = await odile.open(`lesson:${lesson.id}`, 'teacher').settled();
    const stop = { slideId: 'den', viewpointId: null, appeared: 0 };
    changeLesson(board.doc, (state) => ({ ...state, pace: 'together', lead: { walk: [stop], seen: ['den'] } }));
    await board.sent();
    board.leave();
    await until(async () => (await edition(student)).beyond.every((id) => id === 'cave'));
    const work = await workOf(student);
    writeWorkChanges(work.doc, [{ part: 'walk', walk: ['den'], seen: ['den'] }]);
    await work.sent();
    work.leave();
    expect((await edition(student)).beyond).toEqual([]);
  });
});
