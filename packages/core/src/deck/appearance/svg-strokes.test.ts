import { readItem, strokesOf } from '../index.js';

test('every basic shape becomes a path that a sign may carry', () => {
  const strokes = strokesOf([
    ['path', { d: 'm14 12 4 4 4-4' }],
    ['line', { x1: '2', y1: '3', x2: '4', y2: '5' }],
    ['polyline', { points: '1,2 3,4 5 6' }],
    ['polygon', { points: '1 2 3 4 5 6' }],
    ['circle', { cx: '12', cy: '12', r: '10' }],
    ['ellipse', { cx: '12', cy: '12', rx: '4', ry: '2' }],
    ['rect', { x: '1', y: '2', width: '10', height: '8' }],
    ['rect', { x: '1', y: '2', width: '10', height: '8', rx: '2' }],
  ]);
  expect(strokes).toEqual([
    'm14 12 4 4 4-4',
    'M2 3L4 5',
    'M1 2 3 4 5 6',
    'M1 2 3 4 5 6Z',
    'M2 12a10 10 0 1 0 20 0a10 10 0 1 0 -20 0Z',
    'M8 12a4 2 0 1 0 8 0a4 2 0 1 0 -8 0Z',
    'M1 2h10v8h-10Z',
    'M3 2h6a2 2 0 0 1 2 2v4a2 2 0 0 1 -2 2h-6a2 2 0 0 1 -2 -2v-4a2 2 0 0 1 2 -2Z',
  ]);
  const sign = readItem('i', { kind: 'sign', slideId: 's', strokes });
  expect(sign?.kind === 'sign' && sign.strokes).toEqual(strokes);
});

test('what is no basic shape, or has no points, is left out', () => {
  expect(
    strokesOf([
      ['image', { href: 'x' }],
      ['polyline', { points: '1' }],
      ['path', {}],
    ]),
  ).toEqual([]);
});
