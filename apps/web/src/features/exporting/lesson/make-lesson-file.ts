/** Makes one file of a lesson: pages of each student as PDF, the results as a table, everybody's slides as a deck, the data. */
import type { LessonView } from '@gobrel/contract';
import { resultsTable, writeResultsCsv } from '@gobrel/core/formats';
import { namesApart } from '@gobrel/core/lesson';
import { type StudentPages, studentSheets } from '@gobrel/core/paper';
import type { Surroundings } from '@gobrel/slide-view';
import { strFromU8, strToU8, unzipSync, zipSync, type Zippable } from 'fflate';
import { fileName } from '../../../shared/downloads';
import { messages } from '../../../shared/messages';
import { ContentsAhead } from '../drawing/contents-ahead';
import { drawPages } from '../drawing/draw-pages';
import { fetched } from '../fetching';
import { sheetsAsPdf, type PaperProgress } from '../paper/make-paper';
import { type DoneWork, doneWorks, factsOf, printedSlides } from './lesson-pages';

/** Whether everybody's pages are one file, or each student's one of their own to send. */
export type PagesChoice = 'together' | 'apart';

interface Making {
  readonly lesson: LessonView;
  readonly pages: PagesChoice;
  readonly surroundings: Surroundings;
  readonly signal: AbortSignal;
  readonly onProgress: (progress: PaperProgress) => void;
}

/** The bytes of a zip with everything of a lesson. @throws when something cannot be had, or `signal` ends it */
export async function makeLessonFile(making: Making): Promise<Uint8Array<ArrayBuffer>> {
  const { lesson, signal, onProgress } = making;
  onProgress({ step: 'fetching', done: 0, all: 1 });
  const says = messages.lessonFile;
  const whole = await bytesOf(`/api/lessons/${lesson.id}/file`, signal);
  const data = unzipSync(whole);
  const json = (name: string): unknown => JSON.parse(strFromU8(data[name] ?? strToU8('null')));
  const works = doneWorks(lesson, {
    edition: json('edition.json'),
    work: json('work.json'),
    reviews: json('reviews.json'),
  });
  const entries: Zippable = {};
  const [first] = works;
  if (first) {
    const results = works.map(({ name, work, marks }) => ({ student: name, work, marks }));
    // Programs for tables take a file for UTF-8 by this mark.
    entries[`${says.results}.csv`] = strToU8(`\uFEFF${writeResultsCsv(resultsTable(first.edition, results))}`);
    Object.assign(entries, await pagesOf(making, works));
    entries[`${says.deck}.zip`] = [await bytesOf(`/api/lessons/${lesson.id}/deck-backup`, signal), { level: 0 }];
  }
  entries[`${says.data}.zip`] = [whole, { level: 0 }];
  return zipSync(entries, { level: 6 });
}

/** Everybody's pages, drawn one student after the other. */
async function pagesOf(
  { lesson, pages: choice, surroundings, signal, onProgress }: Making,
  works: readonly DoneWork[],
): Promise<Zippable> {
  const says = messages.lessonFile;
  const printed = works.map((done) => ({ done, slides: printedSlides(lesson, done) }));
  const all = printed.reduce((sum, { slides }) => sum + slides.length, 0);
  // Everybody's pages show much the same.
  const contents = new ContentsAhead(signal);
  const students: StudentPages[] = [];
  let drawn = 0;
  for (const { done, slides } of printed) {
    const before = drawn;
    const toDraw = slides.map(({ slideId }) => ({ deck: done.edition, slideId, work: done.work }));
    const pages = await drawPages(toDraw, {
      surroundings,
      signal,
      onPage: contents.begin,
      onDrawn: (count) => onProgress({ step: 'drawing', done: before + count, all }),
    });
    drawn += slides.length;
    const laid = slides.flatMap(({ caption, said }, at) => (pages[at] ? [{ page: pages[at], caption, said }] : []));
    students.push({ name: done.name, facts: factsOf(lesson, done), pages: laid });
  }
  const write = (some: readonly StudentPages[], title: string) =>
    sheetsAsPdf(
      { sheets: studentSheets(some), pages: some.flatMap(({ pages }) => pages.map(({ page }) => page)) },
      { title, language: works[0]?.edition.language ?? null, contents, signal, onProgress },
    );
  if (choice === 'together') return { [`${says.pages}.pdf`]: await write(students, lesson.title) };
  const files: Zippable = {};
  // Names that no file can have may become the same.
  const names = namesApart(students.map(({ name }) => ({ id: name, name: fileName(name) })));
  for (const student of students)
    files[`${says.pages}/${names.get(student.name) ?? ''}.pdf`] = await write(
      [student],
      `${lesson.title}, ${student.name}`,
    );
  return files;
}

async function bytesOf(url: string, signal: AbortSignal): Promise<Uint8Array<ArrayBuffer>> {
  return new Uint8Array(await (await fetched(url, signal)).arrayBuffer());
}
