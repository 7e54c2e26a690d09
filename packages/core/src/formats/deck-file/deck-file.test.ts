import { emptyDeck, itemsOf, readDeck, slidesInOrder } from '../../deck/index.js';
import { isQuestion } from '../../questions/index.js';
import { readQuestionsCsv } from '../questions-csv/index.js';
import { deckOfPictures, deckOfQuestions, readDeckText } from './index.js';

const empty = emptyDeck('Walk');
const namesIn = (text: string) => slidesInOrder(readDeckText(text, empty).deck).map(({ name }) => name);

test.each([
  ['DOT', 'digraph walk { Gate -> Hide }', ['Gate', 'Hide']],
  ['Mermaid', 'flowchart TD\n  a[Gate] --> b[Hide]\n', ['Gate', 'Hide']],
  ['a story plan', '1. Gate\nDusk.\n- Go on → Hide\n\n2. Hide\nDark.\n', ['Gate', 'Hide']],
  ['Markdown', '# Gate\n- owl\n\n# Hide\n', ['Gate', 'Hide']],
  ['Markdown with an arrow in a list', '# Gate\n- owl -> mouse\n\n# Hide\n', ['Gate', 'Hide']],
  ['an outline with arrows', 'Gate\n  - owl → mouse\n\nHide\n', ['Gate', 'Hide']],
  ['an outline', 'Gate\n  owl\n\nHide\n', ['Gate', 'Hide']],
])('a text is read as what it is: %s', (_, text, names) => {
  expect(namesIn(text)).toEqual(names);
});

test('links of graphs and plans lead where they say', () => {
  for (const text of ['digraph { Gate -> Hide }', '1. Gate\n- Hide → Hide\n\n2. Hide\n']) {
    const { deck } = readDeckText(text, empty);
    const [gate, hide] = slidesInOrder(deck);
    const led = itemsOf(deck, gate?.id ?? '').flatMap(({ link }) => (link?.to === 'slide' ? [link.slideId] : []));
    expect(led).toEqual([hide?.id]);
  }
});

test('each picture has a slide of its own, undistorted and within it', () => {
  const pictures = [
    { fileName: 'high tide.png', picture: 'a'.repeat(64), pixels: { width: 400, height: 900 }, moving: false },
    { fileName: 'low.tide.jpg', picture: 'b'.repeat(64), pixels: { width: 4000, height: 1000 }, moving: false },
  ];
  const deck = deckOfPictures(empty, pictures);
  expect(readDeck(JSON.parse(JSON.stringify(deck)))).toEqual({ deck, problems: [] });
  expect(slidesInOrder(deck).map(({ name }) => name)).toEqual(['high tide', 'low.tide']);
  const frames = slidesInOrder(deck).map(({ id }) => itemsOf(deck, id)[0]?.frame);
  expect(frames.map((frame) => [frame?.width, frame?.height])).toEqual([
    [320, 720],
    [1280, 320],
  ]);
});

test('each question has a slide of its own', () => {
  const { drafts } = readQuestionsCsv('kind,question,points,right\nnumber,How many?,1,7\nshort,Which?,1,owl\n');
  const deck = deckOfQuestions(empty, drafts);
  expect(slidesInOrder(deck).map(({ id }) => itemsOf(deck, id).filter(isQuestion).length)).toEqual(drafts.map(() => 1));
  expect(drafts.length).toBeGreaterThan(0);
});
