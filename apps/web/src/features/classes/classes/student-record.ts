/** What is kept about a student as a page that a parent can read, which asks nobody for anything. */
import type { StudentData, StudentLessonData } from '@gobrel/contract';
import { readFields } from '@gobrel/core/deck';
import { inHtml } from '@gobrel/core/html';
import { readReview } from '@gobrel/core/review';
import { direction, locale, messages } from '../../../shared/messages';

/** The page as HTML. @param at when it is made */
export function studentRecord(data: StudentData, at: Date): string {
  const says = messages.studentRecord;
  const known = data.rosterId === '' ? '' : says.rosterId({ id: data.rosterId });
  const facts = [data.className, data.group, known, ...data.signsInBy].filter((part) => part !== '').join(' · ');
  return `<!doctype html>
<html lang="${locale}" dir="${direction}">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>${inHtml(says.title({ name: data.name }))}</title>
<style>${STYLE}</style>
</head>
<body>
<main>
<h1>${inHtml(says.title({ name: data.name }))}</h1>
<p>${inHtml(facts)}</p>
<p>${inHtml(says.intro({ at }))}</p>
${data.lessons.length === 0 ? `<p>${inHtml(says.none)}</p>` : data.lessons.map(lessonIn).join('\n')}
<h2>${inHtml(says.rights)}</h2>
<p>${inHtml(says.rightsText)}</p>
</main>
</body>
</html>
`;
}

function lessonIn(lesson: StudentLessonData): string {
  const says = messages.studentRecord;
  const marked = lesson.answers.flatMap(({ mark }) => mark ?? []);
  const sum = (part: 'points' | 'outOf') => marked.reduce((total, mark) => total + mark[part], 0);
  const facts = [
    says.joined({ at: new Date(lesson.joinedAt) }),
    lesson.workedInGroup ? says.inGroup : '',
    says.submissions({ count: lesson.submissions.length }),
    marked.length > 0 ? says.points({ points: sum('points'), outOf: sum('outOf') }) : '',
  ];
  const said = readReview(readFields(lesson.review)?.['review']).comments.flatMap(({ text }) =>
    text === '' ? [] : [text],
  );
  return `<section>
<h2>${inHtml(lesson.title)}</h2>
<p>${inHtml(facts.filter((part) => part !== '').join(' · '))}</p>
${lesson.answers.length === 0 ? '' : answersIn(lesson.answers)}
${said.length === 0 ? '' : `<h3>${inHtml(says.feedback)}</h3>\n<ul>${said.map((text) => `<li>${inHtml(text)}</li>`).join('')}</ul>`}
</section>`;
}

function answersIn(answers: StudentLessonData['answers']): string {
  const says = messages.studentRecord;
  const rows = answers.map(({ question, given, mark, why }) => {
    const points = mark ? says.points({ points: mark.points, outOf: mark.outOf }) : says.unmarked;
    const cells = [given === '' ? says.nothing : given, [points, why].filter((part) => part !== '').join('. ')];
    return `<tr><th scope="row">${inHtml(question)}</th>${cells.map((cell) => `<td>${inHtml(cell)}</td>`).join('')}</tr>`;
  });
  const heads = [says.question, says.answer, says.result]
    .map((head) => `<th scope="col">${inHtml(head)}</th>`)
    .join('');
  return `<table>\n<thead><tr>${heads}</tr></thead>\n<tbody>\n${rows.join('\n')}\n</tbody>\n</table>`;
}

const STYLE = `body{margin:0;font:16px/1.5 sans-serif;color:#1d2b2a;background:#fff}main{max-width:46rem;margin:0 auto;padding:2rem 1rem}
h1{font-size:1.7rem}h2{font-size:1.25rem;margin:2rem 0 .3rem}h3{font-size:1rem;margin:1rem 0 .3rem}p{margin:.3rem 0}
table{width:100%;border-collapse:collapse;margin:.6rem 0}th,td{text-align:start;vertical-align:top;padding:.35rem .5rem;border-bottom:1px solid #ccc;overflow-wrap:anywhere}
th[scope=row]{font-weight:400;width:45%}section{break-inside:avoid-page}`;
