import sharp from 'sharp';
import { TestServer, type Visitor } from './testing/test-server.js';

describe('pictures', () => {
  let server: TestServer;
  let teacher: Visitor;
  beforeAll(async () => {
    server = await TestServer.start();
    teacher = await server.teacher();
  });
  afterAll(() => server.stop());

  const upload = (bytes: Uint8Array | string, name = 'picture.png') => {
    const form = new FormData();
    form.append('picture', new Blob([typeof bytes === 'string' ? bytes : new Uint8Array(bytes)]), name);
    return teacher.ask<{ id: string; width: number; height: number; code: string }>('POST', '/api/pictures', form);
  };
  const plain = (width: number, height: number) =>
    sharp({ create: { width, height, channels: 3, background: '#0f5c5a' } });

  test('a picture is stored once, by what it is and not by its name', async () => {
    const bytes = await plain(40, 20).png().toBuffer();
    const [first, second] = [await upload(bytes, 'a.png'), await upload(bytes, 'b.exe')];
    expect(first).toMatchObject({ status: 201, body: { width: 40, height: 20 } });
    expect(second.body.id).toBe(first.body.id);
    const { headers } = await teacher.ask('GET', `/api/pictures/${first.body.id}`);
    expect(headers.get('content-type')).toBe('image/png');
    expect(headers.get('cache-control')).toContain('immutable');
  });

  test('what is not a picture is refused in words', async () => {
    expect(await upload('just words', 'words.png')).toMatchObject({ status: 415, body: { code: 'not-a-picture' } });
    expect((await upload('%PDF-1.4 and so on', 'paper.png')).status).toBe(415);
  });

  test('drawings that take for ever hold up neither a sign-in nor the pictures of others, and are refused in words', async () => {
    const filters = Array.from({ length: 40 }, (_, at) => `<feGaussianBlur stdDeviation="${900 + at}"/>`).join('');
    const drawing = `<svg xmlns="http://www.w3.org/2000/svg" width="4000" height="4000">
      <filter id="f" x="-1" y="-1" width="3" height="3">${filters}</filter>
      <rect width="4000" height="4000" fill="teal" filter="url(#f)"/></svg>`;
    const order: string[] = [];
    const slow = [0, 1].map(() => upload(drawing, 'slow.svg').then((answer) => (order.push('slow'), answer)));
    const other = await server.teacher();
    await other.ask('GET', '/api/session');
    order.push('signed up');
    const form = new FormData();
    form.append('picture', new Blob([new Uint8Array(await plain(30, 30).png().toBuffer())]), 'mine.png');
    const mine = await other.ask('POST', '/api/pictures', form);
    order.push('picture of another');
    expect(mine.status).toBe(201);
    for (const answer of await Promise.all(slow))
      expect(answer).toMatchObject({ status: 422, body: { code: 'slow-picture' } });
    expect(order.indexOf('signed up')).toBe(0);
    expect(order.indexOf('picture of another')).toBeLessThan(order.lastIndexOf('slow'));
    expect((await upload(await plain(20, 20).png().toBuffer())).status).toBe(201);
  }, 90_000);

  test('a broken picture is refused in words', async () => {
    const bytes = await plain(400, 400).png().toBuffer();
    expect(await upload(bytes.subarray(0, 120))).toMatchObject({ status: 422, body: { code: 'broken-picture' } });
  });

  test('a picture over 20 MB is refused in words', async () => {
    expect(await upload(new Uint8Array(21 * 1024 * 1024))).toMatchObject({
      status: 413,
      body: { code: 'file-too-large' },
    });
  });

  test('a drawing becomes pixels, so that no script comes along', async () => {
    const drawing =
      '<svg xmlns="http://www.w3.org/2000/svg" width="30" height="10"><script>alert(1)</script><rect width="30" height="10"/></svg>';
    const { body } = await upload(drawing, 'drawing.svg');
    expect(body).toMatchObject({ width: 30, height: 10 });
    expect((await teacher.ask('GET', `/api/pictures/${body.id}`)).headers.get('content-type')).toBe('image/png');
  });

  test('a very large picture is scaled down, one turned by its camera is set upright', async () => {
    expect((await upload(await plain(6000, 300).jpeg().toBuffer())).body).toMatchObject({ width: 4096 });
    expect((await upload(await plain(60, 20).withMetadata({ orientation: 6 }).jpeg().toBuffer())).body).toMatchObject({
      width: 20,
      height: 60,
    });
  });

  test('a picture of 9,000 × 9,000 pixels is scaled down, a poster of 10,000 × 10,000 refused in words', async () => {
    const flat = (side: number) => plain(side, side).toColourspace('b-w').png({ compressionLevel: 1 }).toBuffer();
    expect(await upload(await flat(9_000))).toMatchObject({ status: 201, body: { width: 4096, height: 4096 } });
    expect(await upload(await flat(10_000))).toMatchObject({
      status: 413,
      body: { code: 'too-many-pixels', values: { millions: 100 } },
    });
  });
});
