import type { StudentData } from '@gobrel/contract';
import { HtmlValidate } from 'html-validate';
import { studentRecord } from './student-record';

const data: StudentData = {
  name: 'Noor <b>Ashby</b>',
  className: '6 Heron',
  group: '',
  rosterId: '',
  signsInBy: [],
  lessons: [
    {
      title: 'Tides & moon',
      joinedAt: '2026-03-12T09:00:00Z',
      workedInGroup: false,
      answers: [
        { question: 'What pulls the water?', given: 'the moon', mark: { points: 1, outOf: 2 }, why: 'Nearly.' },
        { question: 'Say more', given: '', mark: null, why: '' },
      ],
      work: {},
      submissions: [{}],
      review: { review: { comments: [{ id: 'k', slideId: 's', text: 'Well <seen>.' }] } },
    },
  ],
};
const made = new Date('2026-03-20T10:00:00Z');

test('what was answered, what it was worth and what was said to it stands there, and nothing of it is markup', async () => {
  const html = studentRecord(data, made);
  for (const words of [
    'Noor &lt;b&gt;Ashby&lt;/b&gt;',
    'Tides &amp; moon',
    'the moon',
    '1 of 2 points. Nearly.',
    'Well &lt;seen&gt;.',
  ])
    expect(html).toContain(words);
  const { results } = await new HtmlValidate({ root: true, extends: ['html-validate:standard'] }).validateString(html);
  expect(results.flatMap(({ messages }) => messages.map(({ message }) => message))).toEqual([]);
  expect(html).not.toMatch(/https?:|src=|<script/);
});

test('of somebody who was in no lesson it says so', () => {
  expect(studentRecord({ ...data, lessons: [] }, made)).toContain('No lessons yet.');
});
