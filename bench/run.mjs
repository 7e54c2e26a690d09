// npm run bench: one benchmark a line, each a ratio to a baseline measured in the same run. Asserts nothing.
import { chromium } from '@playwright/test';
import { withApplication } from '../scripts/e2e.mjs';
import { chromiumOptions, installPackages, main, say } from '../scripts/steps.mjs';

main(async () => {
  installPackages();
  const { benchAuthoring } = await import('./authoring.mjs');
  const { benchBoard } = await import('./board.mjs');
  const { benchClasses } = await import('./classes.mjs');
  const { benchDrag } = await import('./drag.mjs');
  const { benchFirstLoad } = await import('./first-load.mjs');
  const { benchOpenDeck } = await import('./open-deck.mjs');
  const { benchQuestions } = await import('./questions.mjs');
  const { benchRoutes } = await import('./routes.mjs');
  const { benchStudents } = await import('./students.mjs');
  await withApplication(async (address) => {
    const browser = await chromium.launch(chromiumOptions);
    say('measuring …');
    console.log(await benchDrag(address, browser, 300));
    console.log(await benchDrag(address, browser, 500));
    console.log(await benchAuthoring(address, browser));
    console.log(await benchOpenDeck(address, browser, 200));
    console.log(await benchOpenDeck(address, browser, 500));
    console.log(await benchRoutes(address, browser));
    console.log(await benchQuestions(address, browser));
    console.log(await benchBoard(address, browser));
    console.log(await benchFirstLoad(address, browser));
    await browser.close();
    console.log(await benchStudents(address));
    console.log(await benchClasses(address));
  });
  process.exit();
});
