import fc from 'fast-check';
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import { applyChanges, emptyDeck, readDeck } from '../deck/index.js';
import { analyseMarks, markWork } from '../questions/index.js';
import { DeckBuilder } from '../testing/index.js';
import { emptyWork } from '../work/index.js';
import {
  addQuestionSlides,
  analyseResults,
  draftsOf,
  type QuestionDraft,
  readQtiPackage,
  readQuestionsCsv,
  readResultsCsv,
  resultsTable,
  writeQtiPackage,
  writeQuestionsCsv,
  writeResultsCsv,
} from './index.js';

const choices = ['low water', 'high water', 'the moon & the sun'].map((text, at) => ({ id: `c${at + 1}`, text }));
const picture = { bytes: new Uint8Array([1, 2, 3]), type: 'image/png', width: 400, height: 200 };
const pictureId = 'a'.repeat(64);
const region = { id: 'r1', shape: 'box' as const, x: 0.25, y: 0.5, width: 0.5, height: 0.25 };

/** A question of each kind that QTI has a counterpart for. */
const drafts: readonly QuestionDraft[] = [
  {
    kind: 'choice',
    name: 'Tide',
    fields: { prompt: 'When is it dry?', points: 2, choices, right: ['c1'], shuffled: true },
  },
  {
    kind: 'choice',
    name: 'Both',
    fields: { prompt: 'What pulls?', points: 3, choices, right: ['c1', 'c3'], several: true },
  },
  { kind: 'choice', name: 'Poll', fields: { prompt: 'Did you like it?', choices, right: [] } },
  {
    kind: 'short-text',
    name: 'Plant',
    fields: { prompt: 'Which plant <is> it?', accepted: ['sea lavender', 'limonium'], points: 1 },
  },
  { kind: 'blank', name: 'It is', fields: { options: ['high', 'low'], accepted: ['low'] } },
  { kind: 'long-text', name: 'Tell', fields: { prompt: 'What did you hear?', points: 4 } },
  {
    kind: 'number',
    name: 'Far',
    fields: {
      prompt: 'How far?',
      right: 1200,
      tolerance: 0.1,
      toleranceIs: 'relative',
      units: [{ name: 'm', worth: 1 }],
    },
  },
  {
    kind: 'point',
    name: 'Where',
    fields: { prompt: 'Where?', picture: pictureId, alt: 'The shore', regions: [region] },
  },
  {
    kind: 'point',
    name: 'All',
    fields: { prompt: 'All?', picture: pictureId, mark: 'dots', most: 4, regions: [{ ...region, shape: 'oval' }] },
  },
  { kind: 'draw', name: 'Draw', fields: { prompt: 'Draw it', picture: pictureId, alt: 'The shore' } },
  {
    kind: 'placement',
    name: 'Order',
    prompt: 'Put in order',
    points: 1,
    pieces: ['gate', 'home', 'owl'],
    zones: [{ label: 'Put in order', belongs: [0, 2, 1], inOrder: true }],
  },
  {
    kind: 'placement',
    name: 'Sort',
    prompt: 'Who lives where?',
    points: 2,
    pieces: ['eel', 'owl', 'sun'],
    zones: [
      { label: 'Water', belongs: [0], inOrder: false },
      { label: 'Sky', belongs: [1, 2], inOrder: false },
    ],
  },
];

describe('QTI packages', () => {
  const written = writeQtiPackage(drafts, new Map([[pictureId, picture]]));

  test('what is written is read again: prompts, choices, keys, points, tolerances, regions, pictures', () => {
    const { questions, left } = readQtiPackage(written.bytes);
    expect(left).toEqual([]);
    expect(written.written).toBe(drafts.length);
    expect(written.left).toEqual([{ name: 'Order', why: { code: 'order-in-part' } }]);
    questions.forEach(({ draft, picture: bytes }, at) => {
      const wanted = drafts[at];
      if (!wanted || draft.kind === 'placement' || wanted.kind === 'placement') return expect(draft).toEqual(wanted);
      const { picture: id, ...fields } = wanted.fields as Record<string, unknown>;
      expect(draft).toMatchObject({ kind: wanted.kind, name: wanted.name, fields });
      expect(bytes).toEqual(id === undefined ? null : picture.bytes);
    });
  });

  test('what has no counterpart is listed, and what of the others is not in the file', () => {
    const odd: readonly QuestionDraft[] = [
      { kind: 'spoken', name: 'Say', fields: {} },
      {
        kind: 'point',
        name: 'When',
        fields: { axis: { from: 0, to: 1, unit: '', upright: false, right: null, tolerance: 0 } },
      },
      { kind: 'point', name: 'Way', fields: { mark: 'arrow', picture: pictureId } },
      { kind: 'draw', name: 'Paper', fields: {} },
      { kind: 'short-text', name: 'Hinted', fields: { hints: ['It is wet.'], attempts: 2, accepted: ['sea'] } },
    ];
    const { left, written: count } = writeQtiPackage(odd, new Map());
    expect(count).toBe(1);
    expect(left.map(({ name }) => name)).toEqual(['Say', 'When', 'Way', 'Paper', 'Hinted']);
    expect(left.map(({ why }) => why)).toEqual([
      { code: 'no-speaking' },
      { code: 'no-scale' },
      { code: 'no-lines' },
      { code: 'draws-on-pictures' },
      { code: 'written-without', parts: ['hints', 'checks'] },
    ]);
  });

  test('items of version 2.2 are read, alone or in a package', () => {
    const item = `<?xml version="1.0"?>
      <assessmentItem xmlns="http://www.imsglobal.org/xsd/imsqti_v2p2" identifier="q1" title="Unattended Luggage">
        <responseDeclaration identifier="RESPONSE" cardinality="single" baseType="identifier">
          <correctResponse><value>B</value></correctResponse>
        </responseDeclaration>
        <outcomeDeclaration identifier="SCORE" cardinality="single" baseType="float"/>
        <itemBody><p>Look at the sign.</p>
          <choiceInteraction responseIdentifier="RESPONSE" shuffle="true" maxChoices="1">
            <prompt>What does it say?</prompt>
            <simpleChoice identifier="A">Mind the <b>tide</b></simpleChoice>
            <simpleChoice identifier="B">Stay on the path &amp; look</simpleChoice>
          </choiceInteraction>
        </itemBody>
      </assessmentItem>`;
    const question = {
      kind: 'choice',
      name: 'Unattended Luggage',
      fields: {
        prompt: 'Look at the sign. What does it say?',
        choices: [
          { id: 'c1', text: 'Mind the tide' },
          { id: 'c2', text: 'Stay on the path & look' },
        ],
        right: ['c2'],
        shuffled: true,
        several: false,
      },
    };
    expect(readQtiPackage(strToU8(item)).questions[0]?.draft).toMatchObject(question);
    const manifest = `<manifest><resources><resource identifier="r" type="imsqti_item_xmlv2p2" href="a%20b/q.xml"><file href="a%20b/q.xml"/></resource></resources></manifest>`;
    const zip = zipSync({ 'imsmanifest.xml': strToU8(manifest), 'a b/q.xml': strToU8(item) });
    expect(readQtiPackage(zip).questions[0]?.draft).toMatchObject(question);
  });

  test('a choice, a gap and an order of more than one point earn all their points elsewhere', () => {
    const worth: readonly QuestionDraft[] = [
      { kind: 'choice', name: 'Tide', fields: { prompt: 'When?', points: 2, choices, right: ['c1'] } },
      { kind: 'blank', name: 'It is', fields: { options: ['high', 'low'], accepted: ['low'], points: 3 } },
      { ...(drafts.find(({ name }) => name === 'Order') as QuestionDraft & { kind: 'placement' }), points: 1.5 },
    ];
    const files = unzipSync(writeQtiPackage(worth, new Map()).bytes);
    const scores = [1, 2, 3].map((at) => {
      const xml = strFromU8(files[`items/question-${at}.xml`] ?? new Uint8Array());
      expect(xml).not.toContain('template=');
      const most = /identifier="MAXSCORE"[^]*?<qti-value>([\d.]+)</.exec(xml)?.[1];
      const earned = /<qti-set-outcome-value identifier="SCORE">\s*<qti-base-value[^>]*>([\d.]+)</.exec(xml)?.[1];
      return [most, earned].map(Number);
    });
    expect(scores).toEqual([
      [2, 2],
      [3, 3],
      [4.5, 4.5],
    ]);
  });

  test.each([
    ['nothing', new Uint8Array()],
    ['no zip', strToU8('hello')],
    ['a broken zip', new Uint8Array([0x50, 0x4b, 3, 4, 1, 2, 3])],
    ['a zip cut off', written.bytes.slice(0, 400)],
    ['a zip without questions', zipSync({ 'a.txt': strToU8('x') })],
    ['a zip bomb', zipSync({ 'a.xml': new Uint8Array(61_000_000) })],
    [
      'more files than are read',
      zipSync(Object.fromEntries(Array.from({ length: 2100 }, (_, at) => [`${at}.xml`, new Uint8Array()]))),
    ],
    ['entities', strToU8('<!DOCTYPE x [<!ENTITY a "aaaa"><!ENTITY b "&a;&a;">]><assessmentItem>&b;</assessmentItem>')],
    [
      'a file of the system',
      strToU8('<!DOCTYPE x [<!ENTITY f SYSTEM "file:///etc/passwd">]><assessmentItem>&f;</assessmentItem>'),
    ],
    ['nothing but depth', strToU8(`${'<a>'.repeat(20_000)}${'</a>'.repeat(20_000)}`)],
    ['something else', strToU8('<html><body>hello</body></html>')],
    ['an item that asks nothing', strToU8('<assessmentItem><itemBody>x</itemBody></assessmentItem>')],
  ])('%s is told, and nothing is thrown', (_, bytes) => {
    const { questions, left } = readQtiPackage(bytes);
    expect(questions).toEqual([]);
    expect(left).toHaveLength(1);
  });

  test('whatever the words are, they come back as they were', () => {
    const words = fc
      .string({ unit: 'grapheme', minLength: 1 })
      .map((text) => text.replace(/\s+/g, ' ').trim())
      // eslint-disable-next-line no-control-regex -- these are the signs that XML cannot hold
      .filter((text) => text !== '' && !/[\u0000-\u001f\ufffe\uffff]/.test(text));
    fc.assert(
      fc.property(words, words, (prompt, text) => {
        const draft: QuestionDraft = {
          kind: 'choice',
          name: prompt,
          fields: {
            prompt,
            points: 1,
            choices: [
              { id: 'c1', text },
              { id: 'c2', text: 'other' },
            ],
            right: ['c1'],
          },
        };
        const { questions } = readQtiPackage(writeQtiPackage([draft], new Map()).bytes);
        expect(questions[0]?.draft).toMatchObject({ fields: { prompt, choices: [{ text }, {}], right: ['c1'] } });
      }),
      { numRuns: 60 },
    );
  });
});

describe('questions as tables', () => {
  test('choice, text and number questions are written and read; the others are listed', () => {
    const { csv, written, left } = writeQuestionsCsv(drafts);
    expect(written).toBe(5);
    expect(left.map(({ name }) => name)).toEqual(['It is', 'Tell', 'Where', 'All', 'Draw', 'Order', 'Sort']);
    const read = readQuestionsCsv(csv);
    expect(read.left).toEqual([]);
    expect(read.drafts.map(({ kind }) => kind)).toEqual(['choice', 'choice', 'choice', 'short-text', 'number']);
    expect(read.drafts[1]).toMatchObject({ fields: { several: true, right: ['c1', 'c3'], choices, points: 3 } });
    expect(read.drafts[4]).toMatchObject({ fields: { right: 1200, tolerance: 0.1, toleranceIs: 'relative' } });
  });

  test('a table made elsewhere is read with its own order of columns; what is wrong is said by row', () => {
    const csv = [
      'Question;Kind;Choice A;Choice B;Right;Points',
      'High or low?;choice;high;low;B;2',
      'No choices;choice;;;A;1',
      'Bad key;choice;x;y;D;1',
      'How much?;number;;;"1.234,5";1',
      'What?;riddle;;;;',
      'Dear;text;;;eel | the eel;many',
    ].join('\n');
    const { drafts: read, left } = readQuestionsCsv(csv);
    expect(read).toMatchObject([
      { fields: { prompt: 'High or low?', right: ['c2'], points: 2 } },
      { fields: { right: 1234.5 } },
    ]);
    expect(left.map(({ row, why }) => [row, why])).toEqual([
      [3, { code: 'few-choices' }],
      [4, { code: 'no-choice', text: 'D' }],
      [6, { code: 'no-kind', text: 'riddle' }],
      [7, { code: 'no-points', text: 'many' }],
    ]);
  });

  test.each(['', 'a,b\n1,2', '\u0000\u0001', '"unclosed', 'x'.repeat(2_000_001)])('a broken table is told', (csv) => {
    const { drafts: read, left } = readQuestionsCsv(csv);
    expect(read).toEqual([]);
    expect(left[0]?.why.code).toBe(csv.length > 2_000_000 ? 'table-too-large' : 'no-columns');
  });
});

describe('questions onto slides', () => {
  test('every question gets a slide of its own, can be read again, and is found again', () => {
    let count = 0;
    const { changes, added } = addQuestionSlides(emptyDeck('x'), drafts, null, () => `n${(count += 1)}`);
    const deck = applyChanges(emptyDeck('x'), changes);
    expect(added).toHaveLength(drafts.length);
    expect(readDeck(JSON.parse(JSON.stringify(deck))).problems).toEqual([]);
    const again = draftsOf(deck);
    expect(again.map(({ kind }) => kind)).toEqual(drafts.map(({ kind }) => kind));
    expect(again.at(-1)).toMatchObject({ zones: [{ label: 'Water', belongs: [0] }, { label: 'Sky' }], points: 2 });
  });
});

describe('results as tables', () => {
  const { deck } = new DeckBuilder()
    .slide('s')
    .item('tide', 'choice', { fields: { prompt: 'Tide?', choices, right: ['c1'], points: 2 } })
    .item('why', 'short-text', { fields: { prompt: 'Why?' } });
  const result = (student: string, picked: string, text: string) => {
    const work = {
      ...emptyWork,
      answers: { tide: { kind: 'choice' as const, picked: [picked] }, why: { kind: 'words' as const, text } },
    };
    return { student, work, marks: markWork(deck, work) };
  };
  const results = [
    result('Ada', 'c1', 'because'),
    result('Ben', 'c2', '=HYPERLINK("http://x.example")'),
    result('Cy, "C"', 'c1', 'a\nb'),
  ];

  test('leave and enter as they were, and no cell is a formula', () => {
    const table = resultsTable(deck, results);
    const csv = writeResultsCsv(table);
    expect(csv).not.toMatch(/(^|,|")=HYPERLINK/m);
    expect(readResultsCsv(csv)).toEqual({ table });
    expect(table.questions).toEqual([
      { name: 'Tide?', outOf: 2 },
      { name: 'Why?', outOf: null },
    ]);
    expect(analyseResults(table).items.map(({ facility }) => facility)).toEqual([2 / 3]);
    expect(analyseMarks(deck, results).items[0]?.facility).toBeCloseTo(2 / 3);
  });

  test.each(['', 'a,b', 'x'.repeat(5_000_001), 'student,1. A,points\nno'])('what is none is told', (csv) => {
    expect(readResultsCsv(csv)).toEqual({
      why: { code: csv.length > 5_000_000 ? 'results-too-large' : 'no-results' },
    });
  });
});
