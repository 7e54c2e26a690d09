/** What somebody does on a slide, and what becomes of it. */
import type { Deck } from '@gobrel/core/deck';
import { DeckBuilder } from '@gobrel/core/testing';
import { applyWorkChanges, emptyWork, type Work, workLimits } from '@gobrel/core/work';
import { messages } from '../../shared/messages';
import { showToast } from '../../shared/ui';
import { fillInBy } from './fill-in-by';

jest.mock('../../shared/ui', () => ({ showToast: jest.fn() }));
const warned = jest.mocked(showToast);
beforeEach(() => warned.mockClear());

const at = (x: number, y: number, width: number, height: number) => ({ x, y, width, height, rotation: 0 });
const edition: Deck = new DeckBuilder()
  .slide('shore')
  .item('tide', 'blank', { fields: { accepted: ['low'], feedbackAt: 'at-once', attempts: 1 } })
  .item('upper', 'zone', { frame: at(600, 100, 300, 200) })
  .item('limpet', 'shape', { frame: at(100, 100, 80, 60) })
  .apply([{ type: 'set-item', id: 'limpet', fields: { loose: true } }])
  .item('wonder', 'open-area', { frame: at(100, 400, 400, 200) }).deck;

/** Somebody at work, whose changes are kept as they come. */
function desk(options: Partial<Parameters<typeof fillInBy>[0]> = {}) {
  let work: Work = options.work ?? emptyWork;
  const said: string[] = [];
  const hands = () =>
    fillInBy({
      edition,
      locked: false,
      who: 'Dov Kestrel',
      feedback: {},
      say: (words) => said.push(words),
      write: (changes) => (work = applyWorkChanges(work, changes)),
      ...options,
      work,
    });
  return { hands, said, work: () => work };
}

test('what is typed, chosen and said of it is part of the work', () => {
  const at = desk();
  at.hands().setBlank('tide', 'low');
  at.hands().setSure('tide', 3);
  expect(at.work()).toMatchObject({ blanks: { tide: 'low' }, sure: { tide: 3 } });
});

test('where nothing may be filled in, nothing is', () => {
  const at = desk({ locked: true });
  at.hands().setBlank('tide', 'low');
  at.hands().addText('wonder');
  expect(at.hands().dropPiece('limpet', { x: 640, y: 120 })).toBeNull();
  expect(at.work()).toBe(emptyWork);
});

test('an answer that was checked for the last time stays, and that is said; everything else goes on', () => {
  const feedback = {
    tide: { verdict: 'wrong' as const, points: 0, outOf: 1, says: '', why: null, left: 0, of: '' },
  };
  const at = desk({ feedback });
  at.hands().setBlank('tide', 'high');
  expect(at.work().blanks).toEqual({});
  expect(warned).toHaveBeenCalledWith(messages.telling.stays, { tone: 'trouble' });
  warned.mockClear();
  at.hands().addText('wonder');
  expect(Object.values(at.work().added)).toHaveLength(1);
  expect(warned).not.toHaveBeenCalled();
});

test('how much more there is room for is said in time, once, for letters, drawing and what is added', () => {
  const { letters, drawing, adding } = messages.asking.roomLeft;
  const at = desk();
  at.hands().setBlank('tide', 'x'.repeat(workLimits.blank * 0.9 - 1));
  expect(warned).not.toHaveBeenCalled();
  at.hands().setBlank('tide', 'x'.repeat(workLimits.blank * 0.9));
  expect(warned).toHaveBeenCalledWith(letters({ letters: 20 }));
  warned.mockClear();
  at.hands().setBlank('tide', 'x'.repeat(workLimits.blank * 0.9 + 1));
  expect(warned).not.toHaveBeenCalled();

  const points = Array.from({ length: workLimits.strokePoints }, () => 1);
  const stroke = { itemId: 'wonder', tool: 'pen' as const, color: '#204060', width: 4, points };
  for (let count = 0; count < 13; count += 1) at.hands().addStroke(stroke);
  expect(warned).not.toHaveBeenCalled();
  at.hands().addStroke(stroke);
  expect(warned).toHaveBeenCalledWith(drawing({ share: 1 / 15 }));
  warned.mockClear();

  for (let count = 0; count < workLimits.addedThings * 0.9; count += 1) at.hands().addText('wonder');
  expect(warned).toHaveBeenCalledWith(adding({ share: 0.1 }));
});

test('a piece goes into a zone by pointer and by keys, and home again', () => {
  const at = desk();
  expect(at.hands().putIntoZone('limpet', 'upper')).not.toBeNull();
  expect(at.work().pieces['limpet']).toMatchObject({ zoneId: 'upper' });
  at.hands().sendHome(['limpet']);
  expect(at.work().pieces['limpet']).toBeUndefined();
  const before = at.hands().nudgePiece('limpet', 10, 0);
  expect(before?.changes).toHaveLength(1);
});

test('a text is added, moved within its area, and taken away', () => {
  const at = desk();
  at.hands().addText('wonder');
  const [id] = Object.keys(at.work().added);
  if (id === undefined) throw new Error('nothing was added');
  at.hands().setAddedText(id, 'Where do limpets go?');
  at.hands().moveAdded(id, 2000, 2000);
  const added = at.work().added[id];
  expect(added).toMatchObject({ kind: 'text', text: 'Where do limpets go?', areaId: 'wonder' });
  expect((added?.x ?? 0) + (added?.width ?? 0)).toBeLessThanOrEqual(500);
  at.hands().removeAdded(id);
  expect(at.work().added).toEqual({});
});

test('where an area holds all it can, nothing is added, and that is said', () => {
  const at = desk();
  for (let count = 0; count <= workLimits.addedThings; count += 1) at.hands().addText('wonder');
  expect(Object.keys(at.work().added)).toHaveLength(workLimits.addedThings);
  expect(warned).toHaveBeenCalledWith(messages.asking.noRoom, { tone: 'trouble' });
});

test('pictures and signs are asked for only where somebody is there to give them', () => {
  expect(desk().hands().askToAdd).toBeNull();
  const asked: string[] = [];
  const at = desk({
    onAsk: (what, add) => {
      asked.push(what);
      add({ kind: 'text', text: 'given', size: 24 });
    },
  });
  at.hands().askToAdd?.('wonder', 'sign');
  expect(asked).toEqual(['sign']);
  expect(Object.values(at.work().added)).toMatchObject([{ areaId: 'wonder', text: 'given' }]);
});
