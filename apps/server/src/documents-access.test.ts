/** Every kind of shared document, and what each kind of caller may do with it, as things stand. */
import type { LessonView, MyLessonView } from '@gobrel/contract';
import { changeLesson, type DocumentName, formatDocumentName, type Speaker } from '@gobrel/core/shared-doc';
import { handOut, joinAs } from './testing/lessons.js';
import { type OpenedDocument, TestServer, until, type Visitor } from './testing/test-server.js';

type Access = 'none' | 'read' | 'write';

/** Who calls. The author shares Odile's deck, the member works in one group with the student. */
const callers = [
  'nobody',
  'odile',
  'author',
  'teacher',
  'student',
  'member',
  'classmate',
  'guest',
  'removed',
  'elsewhere',
] as const;
type Caller = (typeof callers)[number];

/** Where things stand in the lesson. */
const standings = ['open', 'held', 'shown', 'closed'] as const;
type Standing = (typeof standings)[number];

/** What a caller may do; who is not named may do nothing. */
type Row = Readonly<Partial<Record<Caller, Access>>>;

const teachers: readonly Caller[] = ['odile', 'author', 'teacher'];
const board: Row = { odile: 'read' };

/** What each may do with the documents of a lesson in groups with guests, by kind of document and standing. */
const table = {
  deck: {
    'her deck': () => ({ odile: 'write', author: 'write' }),
    'a deleted deck': () => ({}),
    'no deck': () => ({}),
  },
  lesson: {
    'the lesson': () => ({ odile: 'write', student: 'read', member: 'read', classmate: 'read', guest: 'read' }),
    'no lesson': () => ({}),
  },
  work: {
    'the group’s work': (standing) => {
      const own: Access = standing === 'open' || standing === 'shown' ? 'write' : 'read';
      const others: Row = standing === 'shown' ? { classmate: 'read', guest: 'read' } : {};
      return { ...board, student: own, member: own, ...others };
    },
    'the guest’s work': (standing) => ({
      ...board,
      guest: standing === 'open' || standing === 'shown' ? 'write' : 'read',
    }),
    'the removed one’s work': () => board,
    'work of another lesson': () => ({ ...board, elsewhere: 'write' }),
    'work of nobody': () => ({}),
  },
} as const satisfies Record<DocumentName['kind'], Readonly<Record<string, (standing: Standing) => Row>>>;

describe('documents and roles', () => {
  let server: TestServer;
  let visitors: Record<Caller, Visitor>;
  let lesson: LessonView;
  let lessonDocument: OpenedDocument;
  const names: Record<string, string> = {};
  const opened: OpenedDocument[] = [];
  const idOf = async (visitor: Visitor) =>
    (await visitor.ask<MyLessonView>('GET', '/api/my-lesson')).body.participantId;
  const nameOf = (name: DocumentName) => formatDocumentName(name);

  beforeAll(async () => {
    server = await TestServer.startWithSample();
    const odile = await server.odile();
    const author = await server.teacher();
    const { body: account } = await author.ask<{ teacher: { email: string } }>('GET', '/api/session');
    const { body: deck } = await odile.ask<{ id: string }>('POST', '/api/decks', { title: 'Hers' });
    await odile.ask('POST', `/api/decks/${deck.id}/authors`, { email: account.teacher.email });
    const { body: gone } = await odile.ask<{ id: string }>('POST', '/api/decks', { title: 'Gone' });
    await odile.ask('DELETE', `/api/decks/${gone.id}`);
    for (const [place, group] of Object.entries({ '01': 'Knots', '02': 'Knots', '08': '', '09': '' }))
      await odile.ask('PATCH', `/api/classes/6-heron/students/heron-${place}`, { group });
    lesson = await handOut(odile, { workMode: 'copy-per-group', terms: { guests: true } });
    const other = await handOut(odile);
    const guest = server.visitor();
    await guest.ask('POST', '/api/join/guest', { code: lesson.code, name: 'Kit' });
    visitors = {
      nobody: server.visitor(),
      odile,
      author,
      teacher: await server.teacher(),
      student: await joinAs(server, lesson, 1),
      member: await joinAs(server, lesson, 2),
      classmate: await joinAs(server, lesson, 8),
      guest,
      removed: await joinAs(server, lesson, 9),
      elsewhere: await joinAs(server, other, 10),
    };
    const removedId = await idOf(visitors.removed);
    const work = (lessonId: string, participantId: string) => nameOf({ kind: 'work', lessonId, participantId });
    Object.assign(names, {
      'her deck': nameOf({ kind: 'deck', deckId: deck.id }),
      'a deleted deck': nameOf({ kind: 'deck', deckId: gone.id }),
      'no deck': nameOf({ kind: 'deck', deckId: 'none' }),
      'the lesson': nameOf({ kind: 'lesson', lessonId: lesson.id }),
      'no lesson': nameOf({ kind: 'lesson', lessonId: 'none' }),
      'the group’s work': work(lesson.id, await idOf(visitors.student)),
      'the guest’s work': work(lesson.id, await idOf(guest)),
      'the removed one’s work': work(lesson.id, removedId),
      'work of another lesson': work(other.id, await idOf(visitors.elsewhere)),
      'work of nobody': work(lesson.id, 'none'),
    });
    await odile.ask('DELETE', `/api/lessons/${lesson.id}/participants/${removedId}`);
    lessonDocument = await odile.open(nameOf({ kind: 'lesson', lessonId: lesson.id }), 'teacher').settled();
  });
  afterEach(() => {
    for (const document of opened.splice(0)) document.leave();
  });
  afterAll(async () => {
    lessonDocument.leave();
    await server.stop();
  });

  const accessTo = async (caller: Caller, name: string, speaker: Speaker): Promise<Access> => {
    const document = visitors[caller].open(name, speaker);
    opened.push(document);
    await document.settled();
    if (document.refused) return 'none';
    return document.provider.authorizedScope === 'readonly' ? 'read' : 'write';
  };

  /** Brings the lesson to a standing. */
  const bring = async (standing: Standing) => {
    const { odile } = visitors;
    await odile.ask('POST', `/api/lessons/${lesson.id}/hold`, { held: standing === 'held' });
    if (standing === 'closed') await odile.ask('POST', `/api/lessons/${lesson.id}/close`);
    const showing = standing === 'shown' ? (names['the group’s work'] ?? '').split(':')[2] : null;
    changeLesson(lessonDocument.doc, (state) => ({
      ...state,
      showing: showing ?? null,
      allowed: { ...state.allowed, following: true },
    }));
    await lessonDocument.sent();
  };

  test.each(standings)('in a lesson that is %s', async (standing) => {
    await bring(standing);
    const wanted: Record<string, Access> = {};
    const got: Record<string, Access> = {};
    for (const rows of Object.values(table))
      for (const [what, row] of Object.entries(rows as Record<string, (now: Standing) => Row>))
        await Promise.all(
          callers.flatMap((caller) =>
            (['teacher', 'student'] as const).map(async (speaker) => {
              // Whoever is no teacher gets nothing by saying that they are, and the other way round.
              const isAsThemselves = teachers.includes(caller) === (speaker === 'teacher');
              const key = `${what}, ${caller} as ${speaker}`;
              wanted[key] = isAsThemselves ? (row(standing)[caller] ?? 'none') : 'none';
              got[key] = await accessTo(caller, names[what] ?? '', speaker);
            }),
          ),
        );
    expect(got).toEqual(wanted);
  });

  test('whoever has submitted reads their work and does not write in it', async () => {
    const again = await handOut(visitors.odile);
    const student = await joinAs(server, again, 5);
    const name = nameOf({ kind: 'work', lessonId: again.id, participantId: await idOf(student) });
    visitors.elsewhere = student;
    expect(await accessTo('elsewhere', name, 'student')).toBe('write');
    await student.ask('POST', '/api/my-lesson/submission', { key: 'key-number-1' });
    await until(async () => (await accessTo('elsewhere', name, 'student')) === 'read');
  });
});
