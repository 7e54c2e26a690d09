import { DeckBuilder } from '../testing/index.js';
import { emptyWork, type Work } from '../work/index.js';
import { markWork, standingOn } from './index.js';

const choices = ['a', 'b'].map((id) => ({ id, text: id }));
const { deck } = new DeckBuilder()
  .slide('quiz')
  .item('pick', 'choice', { fields: { choices, right: ['a'] } })
  .item('word', 'blank', { fields: { accepted: ['eel'] } })
  .slide('poll')
  .item('opinion', 'choice', { fields: { choices, right: [] } });

const standing = (slideId: string, part: Partial<Work>) => {
  const work = { ...emptyWork, ...part };
  return standingOn(deck, slideId, work, markWork(deck, work));
};
const picked = (id: string, choice: string) => ({ [id]: { kind: 'choice' as const, picked: [choice] } });

describe('how a slide stands for a student', () => {
  test('before anything is filled in, by whether they were there', () => {
    expect(standing('quiz', {})).toBe('unseen');
    expect(standing('quiz', { way: ['quiz'] })).toBe('looking');
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
    expect(standingOn(deck, 'quiz', work, undefined)).toBe('answered');
  });
});
