import type { LessonView } from '@gobrel/contract';
import { writeChanges, writeWorkChanges } from '@gobrel/core/shared-doc';
import { TestServer, type Visitor } from './testing/test-server.js';
import { storeFile } from './testing/uploads.js';

/** The head of a WAV file, which is what it is recognised by. */
const wave = Buffer.concat([Buffer.from('RIFF\x24\x00\x00\x00WAVEfmt ', 'latin1'), Buffer.alloc(28)]);

const upload = (visitor: Visitor, bytes: Uint8Array<ArrayBuffer> | string, name: string) =>
  storeFile(visitor, typeof bytes === 'string' ? new TextEncoder().encode(bytes) : bytes, name);

describe('files that links lead to', () => {
  let server: TestServer;
  let odile: Visitor;
  beforeAll(async () => {
    server = await TestServer.startWithSample();
    odile = await server.odile();
  });
  afterAll(() => server.stop());

  test('a sound is known by its bytes and played; anything else is only handed out', async () => {
    const sound = await upload(odile, new Uint8Array(wave), 'splash.exe');
    expect(sound).toMatchObject({ status: 201, body: { name: 'splash.exe', media: 'sound', size: wave.length } });
    const page = await upload(odile, '<script>alert(1)</script>', 'song.mp3');
    expect(page).toMatchObject({ status: 201, body: { media: null } });
    const heard = await odile.ask('GET', `/api/files/${sound.body.id}`);
    expect(heard.headers.get('content-type')).toBe('audio/wav');
    const saved = await odile.ask('GET', `/api/files/${page.body.id}`);
    expect(saved.headers.get('content-type')).toContain('application/octet-stream');
    expect(saved.headers.get('content-disposition')).toBe('attachment');
    expect(saved.headers.get('content-security-policy')).toContain('sandbox');
  });

  test('one with too long a name, and one of an upload that nobody began, are refused in words', async () => {
    expect(await upload(odile, 'x', 'n'.repeat(201))).toMatchObject({ status: 422, body: { code: 'not-valid' } });
    const nothing = await odile.ask('POST', '/api/files', { upload: 'none', name: 'song.mp3' });
    expect(nothing).toMatchObject({ status: 404, body: { code: 'upload-gone' } });
  });

  test('is opened by its teacher, by students whose edition leads to it, and by nobody else', async () => {
    const { body: file } = await upload(odile, 'What the warden says', 'warden.txt');
    const other = await server.teacher();
    expect((await other.ask('GET', `/api/files/${file.id}`)).status).toBe(404);
    const deck = await odile.open('deck:exit-questions', 'teacher').settled();
    writeChanges(deck.doc, [
      {
        type: 'set-item',
        id: 'exit-tide',
        fields: { link: { to: 'file', file: file.id, name: 'warden.txt', plays: false } },
      },
    ]);
    await deck.sent();
    deck.leave();
    const order = { deckId: 'exit-questions', classId: '6-heron', workMode: 'copy-each', pace: 'own-pace' };
    const { body: lesson } = await odile.ask<LessonView>('POST', '/api/lessons', order);
    const student = server.visitor();
    await student.ask('POST', '/api/join', { code: lesson.code, studentId: 'heron-03', pin: '2468' });
    expect((await student.ask('GET', `/api/files/${file.id}`)).status).toBe(200);
    const elsewhere = await server.student(5);
    expect((await elsewhere.ask('GET', `/api/files/${file.id}`)).status).toBe(404);
  });
});

describe('answers that a link goes by', () => {
  let server: TestServer;
  beforeAll(async () => {
    server = await TestServer.startWithSample();
  });
  afterAll(() => server.stop());

  test('are judged by the server, and no others', async () => {
    const odile = await server.odile();
    const order = { deckId: 'night-walk', classId: '6-heron', workMode: 'copy-each', pace: 'own-pace' };
    const { body: lesson } = await odile.ask<LessonView>('POST', '/api/lessons', order);
    const student = server.visitor();
    await student.ask('POST', '/api/join', { code: lesson.code, studentId: 'heron-04', pin: '2468' });
    const { body: mine } = await student.ask<{ participantId: string }>('GET', '/api/my-lesson');
    const work = await student.open(`work:${lesson.id}:${mine.participantId}`, 'student').settled();
    const answer = async (picked: string) => {
      writeWorkChanges(work.doc, [
        { part: 'answers', id: 'trail-question', value: { kind: 'choice', picked: [picked] } },
      ]);
      await work.sent();
      return (await student.ask('POST', '/api/my-lesson/checks/trail-question')).body;
    };
    expect(await answer('fox')).toEqual({ right: false });
    expect(await answer('otter')).toEqual({ right: true });
    work.leave();
    // The worksheet asks a lot, but no link of it goes by an answer.
    const other = await server.student(6);
    expect(await other.ask('POST', '/api/my-lesson/checks/driest')).toMatchObject({ status: 404 });
  });
});
