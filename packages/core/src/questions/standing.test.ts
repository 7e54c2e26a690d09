import { DeckBuilder } from '../testing/index.js';
import { emptyWork, type Work } from '../work/index.js';
import { markWork, type StandingFacts, standingOn } from './index.js';

const choices = ['a', 'b'].map((id) => ({ id, text: id }));
const { deck } = new DeckBuilder()
  .slide('quiz')
  .item('pick', 'choice', { fields: { choices, right: ['a'] } })
  .item('word', 'blank', { fields: { accepted: ['eel'] } })
  .slide('poll')
  .item('opinion', 'choice', { fields: { choices, right: [] } });

const standing = (slideId: string, part: Partial<Work>, facts: Partial<StandingFacts> = {}) => {
  const work = { ...emptyWork, ...part };
  return standingOn(deck, slideId, work, { marks: markWork(deck, work), ...facts });
};
const picked = (id: string, choice: string) => ({ [id]: { kind: 'choice' as const, picked: [choice] } });

describe('how a slide stands for a student', () => {
  test('before anything is filled in, by whether they were there', () => {
    expect(standing('quiz', {})).toBe('unseen');
    expect(standing('quiz', { walk: ['quiz'] })).toBe('looking');
  });

  test('what was seen is seen, wherever somebody went from there; and where they are they look', () => {
    expect(standing('quiz', { walk: ['poll'], seen: ['quiz', 'poll'] })).toBe('looking');
    expect(standing('quiz', {}, { at: 'quiz' })).toBe('looking');
    expect(standing('poll', {}, { at: 'quiz' })).toBe('unseen');
  });

  test('of what is submitted nobody is at work: it is marked, or was left empty', () => {
    const half = { answers: picked('pick', 'a') };
    expect(standing('quiz', half, { isSubmitted: true })).toBe('partly');
    expect(standing('quiz', {}, { isSubmitted: true })).toBe('empty');
  });

  test('an open area that something was added to is answered, and asked until then', () => {
    const { deck: page } = new DeckBuilder().slide('own').item('area', 'open-area');
    const added = {
      x: { kind: 'sticker' as const, areaId: 'area', x: 0, y: 0, width: 9, height: 9, sticker: 'x', alt: '' },
    };
    const stand = (work: Partial<Work>) => standingOn(page, 'own', { ...emptyWork, ...work }, { marks: undefined });
    expect([stand({}), stand({ seen: ['own'] }), stand({ added })]).toEqual(['unseen', 'looking', 'answered']);
  });

  test('a text that nobody has read is neither right nor wrong', () => {
    const { deck: mixed } = new DeckBuilder()
      .slide('s')
      .item('pick', 'choice', { fields: { choices, right: ['a'] } })
      .item('why', 'long-text');
    const answers = { ...picked('pick', 'a'), why: { kind: 'words' as const, text: 'Because.' } };
    const work = { ...emptyWork, answers };
    expect(standingOn(mixed, 's', work, { marks: markWork(mixed, work) })).toBe('unmarked');
  });

  test('working until everything asked is filled in', () => {
    expect(standing('quiz', { answers: picked('pick', 'a') })).toBe('working');
  });

  test('then by its marks: right, wrong, or partly right', () => {
    expect(standing('quiz', { answers: picked('pick', 'a'), blanks: { word: 'eel' } })).toBe('right');
    expect(standing('quiz', { answers: picked('pick', 'b'), blanks: { word: 'owl' } })).toBe('wrong');
    expect(standing('quiz', { answers: picked('pick', 'a'), blanks: { word: 'owl' } })).toBe('partly');
  });

  test('answered where nothing is marked, or marks are not known yet', () => {
    expect(standing('poll', { answers: picked('opinion', 'b') })).toBe('answered');
    const work = { ...emptyWork, answers: picked('pick', 'a'), blanks: { word: 'eel' } };
    expect(standingOn(deck, 'quiz', work, { marks: undefined })).toBe('answered');
  });
});
