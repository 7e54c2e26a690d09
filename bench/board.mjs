// The board with 200 students at work: script time a frame, against the same board with one student.
import { addItem } from '@gobrel/core/deck';
import { readDeckDocument, writeChanges, writeWorkChanges } from '@gobrel/core/shared-doc';
import { inRounds, newDeck, newTeacher, openDocument, Visitor } from './people.mjs';

const SECONDS = 8;

/** Script time a frame in milliseconds, while everybody does something once in two seconds. */
async function scriptAFrame(address, browser, people) {
  const teacher = await newTeacher(address);
  const deckId = await newDeck(teacher, 'A lesson', (doc) => {
    const deck = readDeckDocument(doc);
    const slideId = Object.keys(deck.slides)[0];
    writeChanges(doc, addItem(deck, { id: 'blank', slideId, kind: 'blank' }));
  });
  const names = Array.from({ length: people }, (_, index) => `Student ${index}`);
  const { id: classId, students } = await teacher.ask('POST', '/classes', { name: 'Bench', students: names });
  const lesson = await teacher.ask('POST', '/lessons', { deckId, classId, workMode: 'copy-each', pace: 'own-pace' });
  const docs = [];
  for (const { id: studentId } of students) {
    const student = new Visitor(address);
    const { participantId } = await student.ask('POST', '/join', { code: lesson.code, studentId, pin: '1234' });
    docs.push((await openDocument(student.socket(), `work:${lesson.id}:${participantId}`, 'student')).doc);
  }
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  await context.addCookies(teacher.cookies());
  const page = await context.newPage();
  await page.goto(`${address}/lessons/${lesson.id}`);
  await page.getByRole('row').nth(people).waitFor();
  await page.waitForTimeout(2500);
  const session = await context.newCDPSession(page);
  await session.send('Performance.enable');
  const script = async () => {
    const { metrics } = await session.send('Performance.getMetrics');
    return metrics.find((metric) => metric.name === 'ScriptDuration')?.value ?? 0;
  };
  const frames = page.evaluate(
    (milliseconds) =>
      new Promise((resolve) => {
        let count = 0;
        const until = performance.now() + milliseconds;
        const frame = () =>
          performance.now() < until ? requestAnimationFrame(() => ((count += 1), frame())) : resolve(count);
        frame();
      }),
    SECONDS * 1000,
  );
  const before = await script();
  await inRounds({ people, rounds: SECONDS / 2, every: 2000 }, (person, round) =>
    writeWorkChanges(docs[person], [{ part: 'blanks', id: 'blank', value: `answer ${round}` }]),
  );
  const count = await frames;
  const spent = (await script()) - before;
  await context.close();
  return { script: (spent * 1000) / count, frames: count / SECONDS };
}

/** Gives the line to print. */
export async function benchBoard(address, browser) {
  const many = await scriptAFrame(address, browser, 200);
  const one = await scriptAFrame(address, browser, 1);
  return [
    `the board with 200 students, each changing something every 2 s: ${many.script.toFixed(2)} ms of script a frame`,
    `at ${many.frames.toFixed(0)} frames a second, against ${one.script.toFixed(2)} ms at ${one.frames.toFixed(0)}`,
    `with one student (${(many.script / one.script).toFixed(1)} x)`,
  ].join(' ');
}
