import fc from 'fast-check';
import { DeckBuilder } from '../testing/index.js';
import { applyWorkChanges, bringIn, emptyWork, validateWork, type Work } from './index.js';

const { deck } = new DeckBuilder()
  .slide('s')
  .slide('t')
  .item('pick', 'choice', { fields: { choices: ['a', 'b'].map((id) => ({ id, text: id })) } })
  .item('short', 'short-text')
  .item('listed', 'blank', { fields: { options: ['high', 'low'] } });

const words = (text: string) => ({ kind: 'words' as const, text });
const answered = (answers: Work['answers'], rest: Partial<Work> = {}): Work => ({ ...emptyWork, answers, ...rest });
const after = (present: Work, brought: Work) => applyWorkChanges(present, bringIn(deck, present, brought).changes);

test('what is not there yet comes; what is there stays and is counted; what does not fit is left out', () => {
  const present = answered({ short: words('mine') }, { blanks: { listed: ' ' } });
  const brought = answered(
    { short: words('yours'), pick: { kind: 'choice', picked: ['a'] }, nowhere: words('x') },
    { blanks: { listed: 'high' } },
  );
  const result = bringIn(deck, present, brought);
  expect(result).toMatchObject({ taken: 2, kept: 1, unfit: 1 });
  const next = applyWorkChanges(present, result.changes);
  expect(next.answers).toEqual({ short: words('mine'), pick: { kind: 'choice', picked: ['a'] } });
  expect(next.blanks).toEqual({ listed: 'high' });
});

test('empty entries neither come nor keep anything from coming', () => {
  expect(bringIn(deck, emptyWork, answered({ short: words('  ') }))).toMatchObject({ taken: 0, unfit: 0 });
  expect(after(answered({ short: words('') }), answered({ short: words('here') })).answers['short']).toEqual(
    words('here'),
  );
});

test('the walk comes where none was made; what was seen in either was seen', () => {
  const brought = { ...emptyWork, walk: ['s', 't'], seen: ['s', 't'] };
  expect(after({ ...emptyWork, walk: ['s'], seen: ['s'] }, brought)).toMatchObject(brought);
  const walked = { ...emptyWork, walk: ['t', 's'], seen: ['t'] };
  expect(after(walked, brought)).toMatchObject({ walk: ['t', 's'], seen: ['t', 's'] });
  expect(after(walked, { ...emptyWork, walk: ['gone'], seen: ['gone'] })).toEqual(walked);
});

test('whatever comes fits, loses nothing, and comes once', () => {
  const text = fc.constantFrom('', 'a', 'low', 'high', 'x'.repeat(6000));
  const work = fc
    .record({
      short: text,
      listed: text,
      picked: fc.subarray(['a', 'b', 'z']),
      id: fc.constantFrom('pick', 'short', 'no'),
    })
    .map(({ short, listed, picked, id }) =>
      answered(
        { short: words(short), [id]: { kind: 'choice', picked } },
        { blanks: { listed }, walk: ['s'], seen: ['s'] },
      ),
    );
  fc.assert(
    fc.property(
      work.filter((present) => validateWork(present, deck).length === 0),
      work,
      (present, brought) => {
        const next = after(present, brought);
        expect(validateWork(next, deck)).toEqual([]);
        for (const [id, answer] of Object.entries(present.answers))
          if (answer.kind !== 'words' || answer.text.trim() !== '') expect(next.answers[id]).toEqual(answer);
        expect(bringIn(deck, next, brought).taken).toBe(0);
      },
    ),
  );
});
