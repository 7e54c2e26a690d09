import { importGroups, saysPresentation } from './import-kind';

const file = (name: string, type = '') => ({ name, type });
const told = (...files: readonly { readonly name: string; readonly type: string }[]) =>
  importGroups(files).groups.map(({ kind, files: own }) => [kind, ...own.map(({ name }) => name)]);

test.each([
  [[file('owl.png', 'image/png'), file('rail.JPG', 'image/jpeg')], [['pictures', 'owl.png', 'rail.JPG']]],
  [[file('Walk.MD')], [['text', 'Walk.MD']]],
  [[file('walk.gv')], [['text', 'walk.gv']]],
  [[file('exit.csv', 'text/csv')], [['questions', 'exit.csv']]],
  [[file('exit.zip', 'application/zip')], [['questions', 'exit.zip']]],
  [[file('Tides.PPTX')], [['presentation', 'Tides.PPTX']]],
  [[file('tides.odp')], [['presentation', 'tides.odp']]],
  [[file('tides.pdf', 'application/pdf')], [['document', 'tides.pdf']]],
])('%j are %j', (files, expected) => {
  expect(told(...files)).toEqual(expected);
});

test('several at once become a deck each, but for pictures, which become one', () => {
  expect(
    told(file('one.odp'), file('owl.png', 'image/png'), file('two.pptx'), file('rail.png', 'image/png'), file('a.md')),
  ).toEqual([
    ['pictures', 'owl.png', 'rail.png'],
    ['presentation', 'one.odp'],
    ['presentation', 'two.pptx'],
    ['text', 'a.md'],
  ]);
});

test('those that cannot be imported are told beside the others', () => {
  const found = importGroups([file('owl.png', 'image/png'), file('song.mp3', 'audio/mpeg'), file('.DS_Store')]);
  expect(found.groups).toHaveLength(1);
  expect(found.unknown).toEqual(['song.mp3', '.DS_Store']);
});

test('a presentation is known by its ending', () => {
  expect([file('a.odp'), file('a.ppsx'), file('a.pdf'), file('odp')].map(saysPresentation)).toEqual([
    true,
    true,
    false,
    false,
  ]);
});
