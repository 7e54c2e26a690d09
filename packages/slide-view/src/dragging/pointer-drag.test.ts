/** Drags by events as browsers send them, without a browser. */
import { beginPointerDrag, breakOffDrags, type Dragging } from './pointer-drag.js';

class FakeElement extends EventTarget {
  readonly captured: number[] = [];
  setPointerCapture(id: number) {
    this.captured.push(id);
  }
  closest() {
    return null;
  }
}

beforeEach(() => {
  Object.assign(globalThis, {
    window: new EventTarget(),
    document: { activeElement: null },
    Element: FakeElement,
    HTMLElement: FakeElement,
  });
});

/** Sends an event to the window; whether it went on from there. */
function send(type: string, fields: object = {}) {
  let wentOn = true;
  const event = Object.assign(new Event(type, { cancelable: true }), {
    ...(type === 'keydown' ? {} : { pointerId: 1, pointerType: 'mouse', clientX: 0, clientY: 0 }),
    ...fields,
    stopPropagation: () => (wentOn = false),
  });
  window.dispatchEvent(event);
  return { wentOn, prevented: event.defaultPrevented };
}

function drag(more: Partial<Dragging> = {}, fields: object = {}) {
  const told: unknown[] = [];
  const element = new FakeElement();
  const press = {
    button: 0,
    pointerId: 1,
    pointerType: 'mouse',
    clientX: 10,
    clientY: 10,
    target: element,
    currentTarget: element,
    preventDefault: () => undefined,
    ...fields,
  };
  const breakOff = beginPointerDrag(press, {
    move: (_at, by) => told.push(['move', by.x, by.y]),
    drop: (_at, by) => told.push(['drop', by.x, by.y]),
    press: () => told.push(['press']),
    breakOff: (by) => told.push(['broken off', by]),
    ...more,
  });
  return { told, element, breakOff };
}

const move = (clientX: number, clientY = 10, more: object = {}) => send('pointermove', { clientX, clientY, ...more });

test('the pointer is captured, its moves are told as the way since the press, and then its drop', () => {
  const { told, element } = drag();
  move(12);
  move(15, 30);
  send('pointerup', { clientX: 16, clientY: 30 });
  move(99);
  expect(element.captured).toEqual([1]);
  expect(told).toEqual([
    ['move', 2, 0],
    ['move', 5, 20],
    ['drop', 6, 20],
  ]);
});

test('what stays nearer than the threshold is a press; what once went further is a drag, wherever it ends', () => {
  const near = drag({ threshold: 4 });
  move(13);
  send('pointerup', { clientX: 13, clientY: 10 });
  expect(near.told).toEqual([['press']]);
  const far = drag({ threshold: 4 });
  move(14);
  move(10);
  send('pointerup', { clientX: 10, clientY: 10 });
  expect(far.told).toEqual([
    ['move', 4, 0],
    ['move', 0, 0],
    ['drop', 0, 0],
  ]);
});

test.each([
  ['Escape', () => send('keydown', { key: 'Escape' }), 'person'],
  ['the browser', () => send('pointercancel'), 'browser'],
  ['a press of the same pointer, let go where nobody heard', () => send('pointerdown'), 'person'],
  ['somebody else', () => breakOffDrags(), 'person'],
])('it is broken off by %s, once', (_, end, by) => {
  const { told, breakOff } = drag();
  move(20);
  end();
  end();
  breakOff();
  move(30);
  send('pointerup');
  expect(told).toEqual([
    ['move', 10, 0],
    ['broken off', by],
  ]);
});

test('nobody else hears of the moves of a mouse; those of a finger, which may become two, go on', () => {
  drag();
  expect(move(20).wentOn).toBe(false);
  drag({}, { pointerId: 2, pointerType: 'touch' });
  expect(move(20, 10, { pointerId: 2, pointerType: 'touch' }).wentOn).toBe(true);
  breakOffDrags();
});

test('keys do nothing else meanwhile, but those that say how it is dragged go on', () => {
  const { breakOff } = drag();
  expect(send('keydown', { key: 'Delete' })).toEqual({ wentOn: false, prevented: true });
  expect(send('keydown', { key: 'Shift' })).toEqual({ wentOn: true, prevented: false });
  breakOff();
  expect(send('keydown', { key: 'Delete' })).toEqual({ wentOn: true, prevented: false });
});

test('two pointers drag two things at once', () => {
  const one = drag();
  const other = drag({}, { pointerId: 2 });
  move(20, 10, { pointerId: 2 });
  move(11);
  send('pointerup', { pointerId: 2, clientX: 20, clientY: 10 });
  expect(one.told).toEqual([['move', 1, 0]]);
  expect(other.told).toEqual([
    ['move', 10, 0],
    ['drop', 10, 0],
  ]);
  breakOffDrags();
  expect(one.told.at(-1)).toEqual(['broken off', 'person']);
});
