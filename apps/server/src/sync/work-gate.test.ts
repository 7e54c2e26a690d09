import { addItem, addSlide, applyChanges, emptyDeck } from '@gobrel/core/deck';
import { encodeWork } from '@gobrel/core/shared-doc';
import { emptyWork, type Work, workLimits } from '@gobrel/core/work';
import { createEncoder, toUint8Array, writeVarString, writeVarUint, writeVarUint8Array } from 'lib0/encoding';
import * as Y from 'yjs';
import { judgeUpdate, LARGEST_WORK, readClientMessage } from './work-gate.js';

const refusalsFor = (...parts: Parameters<typeof judgeUpdate>) => judgeUpdate(...parts).refusals;

const withSlide = applyChanges(emptyDeck('x'), addSlide(emptyDeck('x'), { id: 's', name: 'S' }));
const edition = applyChanges(withSlide, addItem(withSlide, { id: 'word', slideId: 's', kind: 'blank' }));
const update = (work: Partial<Work>) => encodeWork({ ...emptyWork, ...work });

function message(type: number, step: number, payload: Uint8Array): Uint8Array {
  const encoder = createEncoder();
  writeVarString(encoder, 'work:l:p');
  writeVarUint(encoder, type);
  writeVarUint(encoder, step);
  writeVarUint8Array(encoder, payload);
  return toUint8Array(encoder);
}

describe('the work gate', () => {
  test('lets fitting work pass and leaves the document as it was', () => {
    const doc = new Y.Doc();
    expect(refusalsFor(doc, update({ blanks: { word: 'eel' } }), { edition, mode: 'copy-each' })).toEqual([]);
    expect(doc.getMap('blanks').size).toBe(0);
  });

  test('names what does not fit, and what is no part of work', () => {
    expect(refusalsFor(new Y.Doc(), update({ blanks: { other: 'eel' } }), { edition, mode: 'copy-each' })).toEqual([
      'other is not a blank of this edition',
    ]);
    const strange = new Y.Doc();
    strange.getMap('slides').set('s', 1);
    expect(refusalsFor(new Y.Doc(), Y.encodeStateAsUpdate(strange), { edition, mode: 'copy-each' })).toEqual([
      'slides is no part of work',
    ]);
  });

  test('refuses work that is too large by what it would be, not by how often it is sent', () => {
    const doc = new Y.Doc();
    const large = update({ blanks: { word: 'x'.repeat(LARGEST_WORK * 0.75) } });
    Y.applyUpdate(doc, large);
    expect(refusalsFor(doc, large, { edition, mode: 'copy-each' })).not.toContain('the work is too large');
    const larger = update({ blanks: { other: 'x'.repeat(LARGEST_WORK * 0.75) } });
    expect(refusalsFor(doc, larger, { edition, mode: 'copy-each' })).toEqual(['the work is too large']);
  });

  test('what is as large as all limits together allow is not too large', () => {
    const { allPictures, allRecordings, allPoints, added, addedThings, longText } = workLimits;
    // Letters of three bytes, and numbers of a point of four, in a worksheet with twenty long texts.
    const most = allPictures + allRecordings + allPoints * 4 + (added * addedThings + longText * 20) * 3;
    expect(most).toBeLessThan(LARGEST_WORK);
  });

  test('what fits no more since a correction is no reason to refuse the rest', () => {
    const doc = new Y.Doc();
    Y.applyUpdate(doc, update({ blanks: { gone: 'eel' } }));
    const after = update({ blanks: { word: 'tern' } });
    expect(refusalsFor(doc, after, { edition, mode: 'copy-each' })).toEqual([]);
  });

  test('in a class deck only the pages of one’s own are filled in', () => {
    const fill = update({ blanks: { word: 'eel' } });
    expect(refusalsFor(new Y.Doc(), fill, { edition, mode: 'slide-each' })).toEqual([
      'word is on a page that stays as it is',
    ]);
  });

  test('finds the update in both kinds of sync messages, and knows a broadcast', () => {
    const payload = new Uint8Array([1, 2, 3]);
    expect(readClientMessage(message(0, 2, payload))).toEqual({ type: 'update', update: payload });
    expect(readClientMessage(message(4, 1, payload))).toEqual({ type: 'update', update: payload });
    expect(readClientMessage(message(0, 0, payload))).toEqual({ type: 'other' });
    expect(readClientMessage(message(1, 0, payload)).type).toBe('awareness');
    expect(readClientMessage(message(6, 0, payload))).toEqual({ type: 'broadcast' });
  });
});
