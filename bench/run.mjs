// npm run bench [-- PART …]: each line a ratio to a baseline measured in the same run. Asserts nothing.
import { chromium } from '@playwright/test';
import { withApplication } from '../scripts/e2e.mjs';
import { chromiumOptions, installPackages, main, say, Trouble } from '../scripts/steps.mjs';

main(async () => {
  installPackages();
  const { benchAuthoring } = await import('./authoring.mjs');
  const { benchBoard } = await import('./board.mjs');
  const { benchCheck } = await import('./check.mjs');
  const { benchClasses } = await import('./classes.mjs');
  const { benchDistrict } = await import('./district.mjs');
  const { benchDrag } = await import('./drag.mjs');
  const { benchFirstLoad, benchShowLoad } = await import('./first-load.mjs');
  const { benchFollowers } = await import('./followers.mjs');
  const { benchLetters } = await import('./letters.mjs');
  const { benchOpenDeck } = await import('./open-deck.mjs');
  const { benchPaper } = await import('./paper.mjs');
  const { benchQuestions } = await import('./questions.mjs');
  const { benchRoutes } = await import('./routes.mjs');
  const { benchSlidesFile } = await import('./slides-file.mjs');
  const { benchStudents } = await import('./students.mjs');
  const parts = {
    drag: [
      (address, browser) => benchDrag(address, browser, 300),
      (address, browser) => benchDrag(address, browser, 500),
    ],
    authoring: [benchAuthoring],
    'open-deck': [
      (address, browser) => benchOpenDeck(address, browser, 200),
      (address, browser) => benchOpenDeck(address, browser, 500),
    ],
    routes: [benchRoutes],
    check: [() => benchCheck()],
    questions: [benchQuestions],
    board: [benchBoard],
    'first-load': [benchFirstLoad],
    show: [benchShowLoad],
    paper: [(address, browser) => benchPaper(address, browser, 100)],
    'slides-file': [() => benchSlidesFile()],
    followers: [(address) => benchFollowers(address)],
    students: [(address) => benchStudents(address)],
    letters: [(address) => benchLetters(address)],
    classes: [(address, browser, databaseUrl) => benchClasses(address, databaseUrl)],
  };
  const asked = process.argv.slice(2);
  const unknown = asked.find((name) => !parts[name] && name !== 'district');
  if (unknown) throw new Trouble(`There is no “${unknown}”. There are: ${Object.keys(parts).join(', ')}, district.`);
  const chosen = Object.entries(parts).filter(([name]) => asked.length === 0 || asked.includes(name));
  if (chosen.length > 0)
    await withApplication(
      async (address, startWith, databaseUrl) => {
        const browser = await chromium.launch(chromiumOptions);
        say('measuring …');
        for (const [, runs] of chosen) for (const run of runs) console.log(await run(address, browser, databaseUrl));
        await browser.close();
      },
      { durable: true },
    );
  // It takes ten minutes and the whole machine, so that it is measured when it is asked for.
  if (asked.includes('district')) await benchDistrict((line) => console.log(line));
  process.exit();
});
