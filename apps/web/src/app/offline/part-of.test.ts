import { partOf, readRange } from './part-of';

test.each([
  ['bytes=0-', { from: 0, to: 99 }],
  ['bytes=10-19', { from: 10, to: 19 }],
  ['bytes=90-500', { from: 90, to: 99 }],
  ['bytes=-10', { from: 90, to: 99 }],
  ['bytes=-500', { from: 0, to: 99 }],
  ['bytes=100-', null],
  ['bytes=20-10', null],
  ['bytes=-', null],
  ['items=0-3', null],
  ['bytes=0-1,5-6', null],
])('%s of a hundred bytes', (header, range) => {
  expect(readRange(header, 100)).toEqual(range);
});

test('a part of what is kept says which part it is; what cannot be had is refused', async () => {
  const kept = () => new Response('saltmarsh at night', { headers: { 'Content-Type': 'audio/mpeg' } });
  const part = await partOf(kept(), 'bytes=4-8');
  expect([part.status, await part.text()]).toEqual([206, 'marsh']);
  expect(part.headers.get('content-range')).toBe('bytes 4-8/18');
  expect(part.headers.get('content-type')).toBe('audio/mpeg');
  expect((await partOf(kept(), 'bytes=40-')).status).toBe(416);
});
