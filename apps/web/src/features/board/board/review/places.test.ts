import type { ParticipantView } from '@gobrel/contract';
import { DeckBuilder } from '@gobrel/core/testing';
import { emptyReview, overrule } from '@gobrel/core/review';
import { emptyWork, type Work } from '@gobrel/core/work';
import { inGroups, isPassedBy, placesOf, waitingFirst } from './places';

const choices = ['a', 'b'].map((id) => ({ id, text: id }));
const { deck } = new DeckBuilder()
  .slide('tides')
  .item('high', 'choice', { fields: { prompt: 'High?', choices, right: ['a'] } })
  .item('why', 'long-text', { fields: { prompt: 'Why?' } });

function participant(name: string, tries: number, hasJoined = true): ParticipantView {
  return {
    key: name,
    name,
    members: [],
    group: '',
    isGuest: false,
    participantId: hasJoined ? name : null,
    joinedAt: null,
    changedAt: null,
    submission: null,
    tries,
    releasedAt: null,
    returnedAt: null,
  };
}

const answered: Work = {
  ...emptyWork,
  answers: { high: { kind: 'choice', picked: ['a'] }, why: { kind: 'words', text: 'it dries out' } },
};
const participants = [participant('ada', 1), participant('bo', 0), participant('cy', 2), participant('di', 0, false)];
const everybody = participants.map((each) => ({
  participant: each,
  work: each.name === 'cy' ? emptyWork : answered,
}));
const lesson = { participants, workMode: 'copy-each' } as const;
const places = (review = emptyReview) =>
  placesOf(lesson, deck, everybody, { reviews: undefined, underWay: { participantId: 'ada', review } });

test('all answers of everybody who has submitted, with how each stands', () => {
  expect(places().map(({ who, item, state }) => `${who} ${item.id} ${state}`)).toEqual([
    'ada high marked',
    'ada why waits',
    'cy high empty',
    'cy why empty',
  ]);
});

test('what was said last counts before the server has it', () => {
  const given = overrule(emptyReview, 'why', { points: 1, why: '' });
  expect(places(given).find(({ who, item }) => who === 'ada' && item.id === 'why')?.state).toBe('reviewed');
});

test('groups are called by their question or their student, and those with something that waits come first', () => {
  const byQuestion = inGroups(places(), 'byQuestion');
  expect(byQuestion.map(({ name, places: all }) => [name, all.map(({ who }) => who)])).toEqual([
    ['High?', ['ada', 'cy']],
    ['Why?', ['ada', 'cy']],
  ]);
  expect(waitingFirst(byQuestion).map(({ name }) => name)).toEqual(['Why?', 'High?']);
  expect(inGroups(places(), 'byStudent').map(({ name }) => name)).toEqual(['ada', 'cy']);
});

test('what waits and what was reviewed is not passed by', () => {
  expect(
    places()
      .filter((place) => !isPassedBy(place))
      .map(({ item }) => item.id),
  ).toEqual(['why']);
});
