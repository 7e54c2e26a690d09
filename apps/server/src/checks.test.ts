import type { LessonView, MyLessonView } from '@gobrel/contract';
import { addItem, addSlide, type Change, type Deck } from '@gobrel/core/deck';
import { readDeckDocument, readWorkDocument, writeChanges, writeWorkChanges } from '@gobrel/core/shared-doc';
import type { WorkChange } from '@gobrel/core/work';
import { TestServer, until, type Visitor } from './testing/test-server.js';

const choices = ['a', 'b', 'c'].map((id) => ({ id, text: id.toUpperCase() }));

describe('checking answers', () => {
  let server: TestServer;
  let odile: Visitor;
  let code: string;
  let lessonId: string;
  beforeAll(async () => {
    server = await TestServer.startWithSample();
    odile = await server.odile();
    const { body: made } = await odile.ask<{ id: string }>('POST', '/api/decks', { title: 'Checks' });
    const deck = await odile.open(`deck:${made.id}`, 'teacher').settled();
    const write = (change: (before: Deck) => Change[]) => writeChanges(deck.doc, change(readDeckDocument(deck.doc)));
    write((before) => addSlide(before, { id: 's', name: 'S' }));
    const asking = { feedbackAt: 'at-once' as const, feedback: { right: 'Yes.', partly: '', wrong: 'Look again.' } };
    write((before) =>
      addItem(before, {
        id: 'pick',
        slideId: 's',
        kind: 'choice',
        fields: { ...asking, choices, right: ['b'], attempts: 2 },
      }),
    );
    write((before) =>
      addItem(before, {
        id: 'word',
        slideId: 's',
        kind: 'blank',
        fields: { accepted: ['eel'], feedbackAt: 'submitted' },
      }),
    );
    write((before) => addItem(before, { id: 'quiet', slideId: 's', kind: 'blank', fields: { accepted: ['owl'] } }));
    for (const id of ['pick', 'silent'])
      write((before) =>
        addItem(before, {
          id: `by-${id}`,
          slideId: 's',
          kind: 'hotspot',
          link: { to: 'by-answer', questionId: id, right: 's', wrong: 's', choices: {} },
        }),
      );
    write((before) =>
      addItem(before, {
        id: 'silent',
        slideId: 's',
        kind: 'choice',
        fields: { choices, right: ['b'], attempts: 2, feedbackAt: 'never' },
      }),
    );
    await deck.sent();
    deck.leave();
    const order = { deckId: made.id, classId: '6-heron', workMode: 'copy-each', pace: 'own-pace' };
    ({ code, id: lessonId } = (await odile.ask<LessonView>('POST', '/api/lessons', order)).body);
  });
  afterAll(() => server.stop());

  const joined = async (place: string) => {
    const visitor = server.visitor();
    await visitor.ask('POST', '/api/join', { code, studentId: `heron-${place}`, pin: '2468' });
    const view = (await visitor.ask<MyLessonView>('GET', '/api/my-lesson')).body;
    const work = await visitor.open(`work:${lessonId}:${view.participantId}`, 'student').settled();
    const write = async (...changes: WorkChange[]) => {
      writeWorkChanges(work.doc, changes);
      await work.sent();
    };
    const check = async (...itemIds: string[]) =>
      (await visitor.ask<MyLessonView>('POST', '/api/my-lesson/checks', { itemIds })).body.feedback;
    return { visitor, work, write, check, participantId: view.participantId };
  };
  const picking = (id: string): WorkChange => ({
    part: 'answers',
    id: 'pick',
    value: { kind: 'choice', picked: [id] },
  });

  test('tells how an answer stands, counts the attempts, and never the key before the last of them', async () => {
    const { write, check, work } = await joined('01');
    await write(picking('a'));
    expect((await check('pick'))['pick']).toMatchObject({ verdict: 'wrong', says: 'Look again.', why: null, left: 1 });
    expect((await check('pick', 'pick'))['pick']).toMatchObject({ left: 1 });
    await write(picking('c'));
    expect((await check('pick'))['pick']).toMatchObject({ verdict: 'wrong', why: { code: 'key', key: 'B' }, left: 0 });
    work.leave();
  });

  test('checked for the last time, an answer stays as it is, whatever a browser sends', async () => {
    const { write, check, work, participantId } = await joined('02');
    await write(picking('a'));
    await check('pick');
    await write(picking('c'));
    await check('pick');
    await write(picking('b'), { part: 'blanks', id: 'word', value: 'meanwhile' });
    const kept = { kind: 'choice', picked: ['c'] };
    await until(() => JSON.stringify(readWorkDocument(work.doc).answers['pick']) === JSON.stringify(kept));
    // What came with it is kept, and the device goes on.
    expect(work.closed).toBe(false);
    expect(readWorkDocument(work.doc).blanks['word']).toBe('meanwhile');
    const watched = await odile.open(`work:${lessonId}:${participantId}`, 'teacher').settled();
    expect(readWorkDocument(watched.doc)).toMatchObject({ answers: { pick: kept }, blanks: { word: 'meanwhile' } });
    watched.leave();
    work.leave();
  });

  test('two checks at once of one answer are one attempt', async () => {
    const { write, check, work } = await joined('03');
    await write(picking('a'));
    const feedback = await Promise.all([check('pick'), check('pick'), check('pick')]);
    expect(feedback.map((each) => each['pick']?.left)).toEqual([1, 1, 1]);
    work.leave();
  });

  test('a link that goes by an answer uses up its attempts, and tells no more than them', async () => {
    const { visitor, write, check, work } = await joined('08');
    const follow = async (itemId: string) =>
      (await visitor.ask<{ right: boolean }>('POST', `/api/my-lesson/checks/${itemId}`)).body.right;
    await write(picking('a'));
    expect([await follow('pick'), await follow('pick')]).toEqual([false, false]);
    expect((await check('pick'))['pick']).toMatchObject({ left: 1 });
    await write(picking('b'));
    expect(await follow('pick')).toBe(true);
    expect((await visitor.ask<MyLessonView>('GET', '/api/my-lesson')).body.feedback['pick']).toMatchObject({ left: 0 });
    work.leave();
  });

  test('also where nothing is told otherwise: once the attempts are used up, trying on brings nothing', async () => {
    const { visitor, write, work } = await joined('09');
    const follow = async (picked: string) => {
      await write({ part: 'answers', id: 'silent', value: { kind: 'choice', picked: [picked] } });
      return (await visitor.ask<{ right: boolean }>('POST', '/api/my-lesson/checks/silent')).body.right;
    };
    expect([await follow('a'), await follow('c'), await follow('b')]).toEqual([false, false, false]);
    expect((await visitor.ask<MyLessonView>('GET', '/api/my-lesson')).body.feedback).toEqual({});
    work.leave();
  });

  test('nothing is told of what is empty, unknown, or not to be told now', async () => {
    const { write, check, work } = await joined('04');
    await write({ part: 'blanks', id: 'word', value: 'owl' }, { part: 'blanks', id: 'quiet', value: 'eel' });
    expect(await check('pick', 'word', 'quiet', 'nowhere')).toEqual({});
    work.leave();
  });

  test('after submitting, everything is told but what never is; not any more when it is taken back', async () => {
    const { visitor, write, work } = await joined('05');
    await write({ part: 'blanks', id: 'word', value: 'owl' }, { part: 'blanks', id: 'quiet', value: 'eel' });
    const { body } = await visitor.ask<MyLessonView>('POST', '/api/my-lesson/submission', { key: 'key-number-1' });
    expect(body.feedback).toMatchObject({ word: { verdict: 'wrong', why: null }, pick: { verdict: 'empty' } });
    expect(Object.keys(body.feedback)).not.toContain('quiet');
    expect((await visitor.ask<MyLessonView>('DELETE', '/api/my-lesson/submission')).body.feedback).toEqual({});
    work.leave();
  });

  test('the key waits while work can be taken back: it is told once the lesson is closed', async () => {
    const { visitor, write, work } = await joined('10');
    await write({ part: 'blanks', id: 'word', value: 'owl' });
    const { body } = await visitor.ask<MyLessonView>('POST', '/api/my-lesson/submission', { key: 'key-number-1' });
    expect(body).toMatchObject({ mayTakeBack: true, feedback: { word: { verdict: 'wrong', why: null } } });
    await odile.ask('POST', `/api/lessons/${lessonId}/close`);
    const { body: after } = await visitor.ask<MyLessonView>('GET', '/api/my-lesson');
    expect(after).toMatchObject({
      mayTakeBack: false,
      feedback: { word: { why: { code: 'accepted', accepted: 'eel' } } },
    });
    await odile.ask('POST', `/api/lessons/${lessonId}/reopen`);
    work.leave();
  });

  test('while answers are held nobody changes one, whatever a browser sends; afterwards work goes on', async () => {
    const { visitor, write, work, participantId } = await joined('07');
    await write(picking('a'));
    const hold = (held: boolean) => odile.ask<LessonView>('POST', `/api/lessons/${lessonId}/hold`, { held });
    expect((await hold(true)).body.held).toBe(true);
    expect((await visitor.ask<MyLessonView>('GET', '/api/my-lesson')).body.held).toBe(true);
    writeWorkChanges(work.doc, [picking('b')]);
    const late = await visitor.open(`work:${lessonId}:${participantId}`, 'student').settled();
    writeWorkChanges(late.doc, [picking('c')]);
    await new Promise((resolve) => setTimeout(resolve, 300));
    const answer = async () => {
      const watched = await odile.open(`work:${lessonId}:${participantId}`, 'teacher').settled();
      const present = readWorkDocument(watched.doc).answers['pick'];
      watched.leave();
      return present;
    };
    expect(await answer()).toEqual({ kind: 'choice', picked: ['a'] });
    late.leave();
    work.leave();
    expect((await hold(false)).body.held).toBe(false);
    const again = await visitor.open(`work:${lessonId}:${participantId}`, 'student').settled();
    writeWorkChanges(again.doc, [picking('c')]);
    await again.sent();
    expect(await answer()).toEqual({ kind: 'choice', picked: ['c'] });
    again.leave();
  });

  test('feedback is no part of what a student is given', async () => {
    const { visitor, work } = await joined('06');
    const { body: edition } = await visitor.ask<Deck>('GET', '/api/my-lesson/edition');
    expect(JSON.stringify(edition)).not.toContain('Look again.');
    work.leave();
  });
});
