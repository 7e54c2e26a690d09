// Opening a deck of many slides in the editor, against fetching and parsing the same deck as JSON.
import { newDeck, newTeacher, quantile } from './people.mjs';
import { writeSlides } from './slides.mjs';

const ROUNDS = 5;

/** Gives the line to print. */
export async function benchOpenDeck(address, browser, slides) {
  const teacher = await newTeacher(address);
  const deckId = await newDeck(teacher, `${slides} slides`, (doc) => writeSlides(doc, slides));
  const { id: classId } = await teacher.ask('POST', '/classes', { name: 'Bench', students: ['One'] });
  const { id: lessonId } = await teacher.ask('POST', '/lessons', {
    deckId,
    classId,
    workMode: 'copy-each',
    pace: 'own-pace',
  });
  const opening = [];
  const parsing = [];
  for (let round = 0; round < ROUNDS; round += 1) {
    const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
    await context.addCookies(teacher.cookies());
    const page = await context.newPage();
    await page.goto(`${address}/classes`);
    await page.getByRole('heading', { name: 'Bench' }).waitFor();
    parsing.push(
      await page.evaluate(async (path) => {
        const began = performance.now();
        await (await fetch(path)).json();
        return performance.now() - began;
      }, `/api/lessons/${lessonId}/edition`),
    );
    const began = performance.now();
    await page.goto(`${address}/decks/${deckId}`);
    await page.getByRole('group', { name: /^Slide “/ }).waitFor();
    opening.push(performance.now() - began);
    await context.close();
  }
  const [opened, parsed] = [quantile(opening, 0.5), quantile(parsing, 0.5)];
  return `open a deck of ${slides} slides (page load to slide on the canvas, empty caches): median ${opened.toFixed(0)} ms · fetch and parse its JSON: median ${parsed.toFixed(0)} ms · ratio ${(opened / parsed).toFixed(1)}`;
}
