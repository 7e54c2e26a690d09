/** What is read of items that hold more than plain questions can: what stays, and that the rest is listed. */
import { strToU8 } from 'fflate';
import { readQtiPackage } from '../index.js';

describe('what is read of an item that plain questions cannot hold', () => {
  const itemOf = (body: string, more = '') => `<?xml version="1.0"?>
    <qti-assessment-item identifier="q1" title="Tide">
      <qti-response-declaration identifier="RESPONSE" cardinality="single" base-type="identifier">
        <qti-correct-response><qti-value>A</qti-value></qti-correct-response>
      </qti-response-declaration>${more}
      <qti-item-body>${body}</qti-item-body>
    </qti-assessment-item>`;
  const choiceOf = (prompt: string, first = 'low', attributes = 'max-choices="1"') =>
    `<qti-choice-interaction response-identifier="RESPONSE" ${attributes}>
      <qti-prompt>${prompt}</qti-prompt>
      <qti-simple-choice identifier="A">${first}</qti-simple-choice>
      <qti-simple-choice identifier="B">high</qti-simple-choice>
      <qti-simple-choice identifier="C">the moon</qti-simple-choice>
    </qti-choice-interaction>`;
  const read = (body: string, more = '') => {
    const { questions, left } = readQtiPackage(strToU8(itemOf(body, more)));
    return {
      draft: questions[0]?.draft,
      lost: left.flatMap(({ why }) => (why.code === 'read-without' ? why.parts : [])),
    };
  };
  const promptIn = (body: string) => {
    const { draft } = read(body);
    return draft?.kind === 'choice' ? draft.fields.prompt : null;
  };

  test.each([
    ['a span', '<span>When is it dry?</span>', 'When is it dry?'],
    ['a span called unit', '<span class="unit">When?</span>', 'When?'],
    ['a word in bold within a word', 're<b>mark</b>able', 'remarkable'],
    ['references by number', 'caf&#233; &#x1F30A; 5 &#60; 6 &#8211; ok', 'café 🌊 5 < 6 – ok'],
    ['a reference written as text', '&amp;#65; and &amp;lt;', '&#65; and &lt;'],
    ['a reference to nothing', '&#0;low&#xD800;&#1;', 'low'],
    ['a section without markup', '<![CDATA[1 < 2 &amp; 3]]>', '1 < 2 &amp; 3'],
    [
      'raised and lowered signs',
      'H<sub>2</sub>O and 10<sup>&#8722;3</sup> and x<sup>2</sup>',
      'H₂O and 10^(−3) and x²',
    ],
    ['paragraphs', '<p>One.</p><p>Two.</p>', 'One. Two.'],
  ])('the prompt is read from %s', (_, written, said) => {
    expect(promptIn(choiceOf(written))).toBe(said);
    expect(promptIn(`<p>${written}</p>${choiceOf('Say.')}`)).toBe(`${said} Say.`);
  });

  test('what is said to an answer stands in no choice, and is listed', () => {
    const { draft, lost } = read(
      choiceOf(
        'When?',
        'low<qti-feedback-inline outcome-identifier="F" identifier="A">Yes, right!</qti-feedback-inline>',
      ),
    );
    expect(draft).toMatchObject({ fields: { choices: [{ text: 'low' }, { text: 'high' }, { text: 'the moon' }] } });
    expect(lost).toEqual(['feedback']);
  });

  test('marking notes are shown to nobody and listed; what is said to everybody stays', () => {
    const notes = '<qti-rubric-block view="scorer tutor">Low is right.</qti-rubric-block>';
    const hello = '<qti-rubric-block view="candidate scorer">Take your time.</qti-rubric-block>';
    const { draft, lost } = read(`${notes}${hello}${choiceOf('When?')}`);
    expect(draft).toMatchObject({ fields: { prompt: 'Take your time. When?' } });
    expect(lost).toEqual(['notes']);
  });

  test.each([
    ['emphasis', choiceOf('When is it <em>dry</em>?'), ''],
    ['formulas', choiceOf('What is <math><mi>x</mi></math>?'), ''],
    ['pictures', choiceOf('<img src="a.png" alt="The shore"/>When?'), ''],
    ['links', choiceOf('<a href="x">When</a>?'), ''],
    ['tables', choiceOf('<table><tr><td>1</td></tr></table>'), ''],
    ['raised-letters', choiceOf('m<sup>abc</sup>'), ''],
    ['long-ends', choiceOf('When?', 'x'.repeat(301)), ''],
    ['long-ends', choiceOf('y'.repeat(1001)), ''],
    ['bound', choiceOf('When?', 'low', 'max-choices="2"'), ''],
    ['feedback', choiceOf('When?'), '<qti-modal-feedback>Well done</qti-modal-feedback>'],
    [
      'own-marking',
      choiceOf('When?'),
      '<qti-response-processing><qti-lookup-outcome-value identifier="SCORE"/></qti-response-processing>',
    ],
    [
      'exact-points',
      choiceOf('When?'),
      '<qti-outcome-declaration identifier="MAXSCORE"><qti-default-value><qti-value>1.3</qti-value></qti-default-value></qti-outcome-declaration>',
    ],
  ])('a line says that it is read without: %s', (lost, body, more) => {
    expect(read(body, more).lost).toEqual([lost]);
  });

  test('more than twelve choices, a key that fits none of them, and a picture that is not there are listed', () => {
    const many = Array.from(
      { length: 13 },
      (_, at) => `<qti-simple-choice identifier="c${at}">${at}</qti-simple-choice>`,
    );
    expect(
      read(`<qti-choice-interaction response-identifier="RESPONSE">${many.join('')}</qti-choice-interaction>`).lost,
    ).toEqual(['more-choices', 'key']);
    expect(
      read(
        '<qti-drawing-interaction response-identifier="RESPONSE"><object data="a.png" type="image/png"/></qti-drawing-interaction>',
      ).lost,
    ).toEqual(['key', 'picture']);
  });

  test('a gap within the words shows as dots', () => {
    const gap = `<qti-inline-choice-interaction response-identifier="RESPONSE">
      <qti-inline-choice identifier="A">low</qti-inline-choice><qti-inline-choice identifier="B">high</qti-inline-choice>
    </qti-inline-choice-interaction>`;
    expect(read(`<p>The water is ${gap} at noon.</p>`)).toEqual({
      draft: {
        kind: 'blank',
        name: 'The water is … at noon.',
        fields: { options: ['low', 'high'], accepted: ['low'], points: 1 },
      },
      lost: [],
    });
  });
});
