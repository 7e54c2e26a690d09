import { sameStudents, toldApart } from './restore-beside';

const named = (...names: readonly string[]) => names.map((name, at) => ({ id: `${name} ${at}`, name }));

test('students are found again by their names, of several of a name one each', () => {
  const were = named('Ada', 'Bo', 'Ada', 'Gone');
  const are = [
    { id: 'x', name: 'Ada' },
    { id: 'y', name: 'Ada (2)' },
    { id: 'z', name: 'Bo' },
  ];
  expect(sameStudents(were, are)).toEqual([
    ['Ada 0', 'x'],
    ['Bo 1', 'z'],
    ['Ada 2', 'y'],
  ]);
});

test('guests with the same name are told apart', () => {
  expect(toldApart(['Ada', 'Bo', 'Ada', 'Ada'])).toEqual(['Ada (1)', 'Bo', 'Ada (2)', 'Ada (3)']);
});
