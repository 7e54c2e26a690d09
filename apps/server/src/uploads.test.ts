import { createHash } from 'node:crypto';
import { get } from 'node:http';
import type { DataSource } from 'typeorm';
import { ClearingOutService } from './care/clearing-out.service.js';
import { mostStoredFrom } from './files/room.js';
import { TestServer, type Visitor } from './testing/test-server.js';
import { beginUpload, keepFile, sendBytes, sentOf, storeFile, TUS } from './testing/uploads.js';

/** Bytes that are no file of any sort, different everywhere. */
function bytesOf(length: number, seed = 7): Uint8Array<ArrayBuffer> {
  const bytes = new Uint8Array(length);
  let state = seed;
  for (let at = 0; at < length; at += 1) {
    state = (state * 1103515245 + 12345) % 2147483648;
    bytes[at] = state >> 16;
  }
  return bytes;
}

const sha = (bytes: Uint8Array) => createHash('sha256').update(bytes).digest('hex');

const before = { ...process.env };

describe('uploads that go on after a break', () => {
  let server: TestServer;
  let odile: Visitor;
  beforeAll(async () => {
    process.env['GOBREL_LARGEST_FILE_MB'] = '6';
    process.env['GOBREL_ROOM_MB'] = '20';
    server = await TestServer.startWithSample();
    odile = await server.odile();
  });
  afterAll(async () => {
    process.env = before;
    await server.stop();
  });

  test('what came before a break is kept, and the rest makes it whole', async () => {
    const bytes = bytesOf(3_500_001);
    const address = await beginUpload(odile, bytes.length);
    // The connection goes in the middle of a piece.
    const breaking = new ReadableStream({
      start(stream) {
        stream.enqueue(bytes.slice(0, 2_200_000));
        setTimeout(() => stream.error(new Error('the network is gone')), 150);
      },
    });
    const headers = { ...TUS, 'content-type': 'application/offset+octet-stream', 'upload-offset': '0' };
    await expect(odile.send('PATCH', address, headers, breaking)).rejects.toThrow();
    const came = await until(
      () => sentOf(odile, address),
      (sent) => sent > 0,
    );
    expect(came).toBeLessThanOrEqual(2_200_000);
    expect(await keepFile(odile, address, 'tide.bin')).toMatchObject({
      status: 409,
      body: { code: 'upload-unfinished' },
    });
    expect(await sendBytes(odile, address, came, bytes.slice(came))).toMatchObject({ status: 204 });
    const stored = await keepFile(odile, address, 'tide.bin');
    expect(stored).toMatchObject({ status: 201, body: { id: sha(bytes), size: bytes.length, media: null } });
    // Asked again, since the answer was lost, it says the same.
    expect((await keepFile(odile, address, 'tide.bin')).body.id).toBe(sha(bytes));
    const read = await fetch(`${server.address}/api/files/${sha(bytes)}`, { headers: { cookie: odile.cookieHeader } });
    expect(sha(new Uint8Array(await read.arrayBuffer()))).toBe(sha(bytes));
  });

  test('bytes that do not follow on are refused, and those of two windows at once never mix', async () => {
    const bytes = bytesOf(2_400_000, 11);
    const address = await beginUpload(odile, bytes.length);
    expect(await sendBytes(odile, address, 5, bytes.slice(5))).toMatchObject({ status: 409 });
    await Promise.all([sendBytes(odile, address, 0, bytes), sendBytes(odile, address, 0, bytes)]);
    expect((await keepFile(odile, address, 'a.bin')).body.id).toBe(sha(bytes));
  });

  test('parts of it are sent, as a player that seeks asks for them', async () => {
    const bytes = bytesOf(2_500_000, 3);
    const { body } = await storeFile(odile, bytes, 'film.bin');
    const part = async (range: string) => {
      const response = await fetch(`${server.address}/api/files/${body.id}`, {
        headers: { cookie: odile.cookieHeader, range },
      });
      return {
        status: response.status,
        range: response.headers.get('content-range'),
        bytes: new Uint8Array(await response.arrayBuffer()),
      };
    };
    const middle = await part('bytes=1048570-1048590');
    expect(middle).toMatchObject({ status: 206, range: 'bytes 1048570-1048590/2500000' });
    expect(middle.bytes).toEqual(bytes.slice(1048570, 1048591));
    expect((await part('bytes=-10')).bytes).toEqual(bytes.slice(-10));
    expect((await part('bytes=2499990-')).bytes).toEqual(bytes.slice(-10));
    expect((await part('bytes=0-1,5-6')).status).toBe(200);
    expect(await part('bytes=9999999-')).toMatchObject({ status: 416, range: 'bytes */2500000' });
    const headers = { cookie: odile.cookieHeader, 'if-none-match': `"${body.id}"` };
    // As a browser does it: `fetch` of Node.js asks for a fresh answer whenever it names one.
    const again = new Promise((resolve) => {
      get(`${server.address}/api/files/${body.id}`, { headers }, ({ statusCode }) => resolve(statusCode));
    });
    expect(await again).toBe(304);
  });

  test('what is too large, empty, endless or more than there is room for is refused in words, before a byte is sent', async () => {
    const asked = async (headers: Record<string, string>) => {
      const { status, body } = await odile.send('POST', '/api/uploads', { ...TUS, ...headers });
      return { status, problem: body.startsWith('{') ? (JSON.parse(body) as unknown) : body };
    };
    expect(await asked({ 'upload-length': '6000001' })).toMatchObject({
      status: 413,
      problem: { code: 'over-largest-file', values: { most: 6 } },
    });
    expect(await asked({ 'upload-length': '0' })).toMatchObject({ status: 422, problem: { code: 'no-file' } });
    expect((await asked({ 'upload-defer-length': '1' })).status).toBe(501);
    const teacher = await server.teacher();
    const addresses = [];
    for (let count = 0; count < 3; count += 1) addresses.push(await beginUpload(teacher, 6_000_000));
    const full = await teacher.send('POST', '/api/uploads', { ...TUS, 'upload-length': '6000000' });
    expect(full.status).toBe(413);
    expect(JSON.parse(full.body)).toMatchObject({ code: 'no-room', values: { used: 18, most: 20 } });
    expect((await teacher.ask('GET', '/api/uploads/room')).body).toEqual({
      used: 18_000_000,
      most: 20_000_000,
      largestFile: 6_000_000,
    });
    // Given up, one makes room again.
    expect((await teacher.send('DELETE', addresses[0] ?? '', TUS)).status).toBe(204);
    expect((await teacher.ask('GET', '/api/uploads/room')).body).toMatchObject({ used: 12_000_000 });
    // More than was said does not come in.
    expect((await sendBytes(teacher, addresses[1] ?? '', 0, bytesOf(6_000_100))).status).toBe(413);
  });

  test("somebody else's upload is neither looked at, gone on with nor made a file of", async () => {
    const address = await beginUpload(odile, 10);
    const other = await server.teacher();
    expect((await other.send('HEAD', address, TUS)).status).toBe(404);
    expect((await sendBytes(other, address, 0, bytesOf(10))).status).toBe(404);
    expect((await keepFile(other, address, 'x')).status).toBe(404);
    expect((await other.send('DELETE', address, TUS)).status).toBe(404);
  });

  test('a foreign page uploads nothing', async () => {
    const headers = { ...TUS, 'upload-length': '5', origin: 'https://elsewhere.example' };
    expect((await odile.send('POST', '/api/uploads', headers)).status).toBe(403);
  });

  test('the same bytes are stored once; what nobody finishes or uses goes with its age', async () => {
    const database = server.app.get<DataSource>((await import('typeorm')).DataSource);
    const count = async (sql: string, values: unknown[] = []): Promise<number> =>
      Number((await database.query<{ count: string }[]>(sql, values))[0]?.count);
    const bytes = bytesOf(1_500_000, 5);
    const { body } = await storeFile(odile, bytes, 'once.bin');
    await storeFile(odile, bytes, 'twice.bin');
    const parts = () =>
      count('SELECT sum(octet_length(bytes)) AS count FROM file_part JOIN stored_file ON parts = of WHERE id = $1', [
        body.id,
      ]);
    expect(await parts()).toBe(bytes.length);
    const left = await beginUpload(odile, 100);
    await sendBytes(odile, left, 0, bytesOf(50));
    await database.query("UPDATE upload SET touched_at = now() - interval '4 days'");
    await server.app.get(ClearingOutService).clearOut();
    expect(await count('SELECT count(*) FROM upload')).toBe(0);
    expect(await count('SELECT count(*) FROM file_part WHERE of NOT IN (SELECT parts FROM stored_file)')).toBe(0);
    expect(await parts()).toBe(bytes.length);
  });
});

test('how much may be stored is a number of megabytes, and room for one file at least', () => {
  expect(mostStoredFrom({})).toEqual({ inFile: 300_000_000, byTeacher: 5_000_000_000 });
  expect(() => mostStoredFrom({ GOBREL_LARGEST_FILE_MB: 'large' })).toThrow('GOBREL_LARGEST_FILE_MB');
  expect(() => mostStoredFrom({ GOBREL_LARGEST_FILE_MB: '400', GOBREL_ROOM_MB: '300' })).toThrow('GOBREL_ROOM_MB');
});

/** Asks until an answer is as wanted. */
async function until<T>(ask: () => Promise<T>, isSo: (answer: T) => boolean): Promise<T> {
  for (;;) {
    const answer = await ask();
    if (isSo(answer)) return answer;
    await new Promise((resolve) => setTimeout(resolve, 20));
  }
}
