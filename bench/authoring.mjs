// What an author does in a large deck, against the same in a small one: typing, switching the theme, scrolling the strip.
import { newDeck, newTeacher, quantile } from './people.mjs';
import { writeSlides } from './slides.mjs';

const LETTERS = 80;
const SWITCHES = 8;
const SCROLLS = 60;

/** Opens a deck of so many slides on its third slide, in a browser of its own. */
async function openDeck(address, browser, slides) {
  const teacher = await newTeacher(address);
  const deckId = await newDeck(teacher, `${slides} slides`, (doc) => writeSlides(doc, slides));
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  await context.addCookies(teacher.cookies());
  const page = await context.newPage();
  await page.goto(`${address}/decks/${deckId}?slide=slide-2`);
  await page.locator('[data-item="item-2-0"]').waitFor();
  await page.waitForTimeout(1500);
  return { page, close: () => context.close() };
}

/** Runs in the page: acts so many times, and gives the time of each act until everything it changed is laid out, in ms. */
function timeEach({ times, act }) {
  const run = new Function('step', act);
  const taken = [];
  return new Promise((resolve) => {
    const next = (step) => {
      if (step === times) return resolve(taken);
      const began = performance.now();
      run(step);
      setTimeout(() => {
        document.body.getBoundingClientRect();
        taken.push(performance.now() - began);
        requestAnimationFrame(() => next(step + 1));
      });
    };
    requestAnimationFrame(() => next(0));
  });
}

async function typing({ page }) {
  await page.locator('[data-item="item-2-0"]').dblclick();
  await page.getByLabel(/^Editing text/).waitFor();
  const taken = await page.evaluate(timeEach, {
    times: LETTERS,
    act: "document.execCommand('insertText', false, 'abcdefgh'[step % 8])",
  });
  await page.keyboard.press('Escape');
  return taken;
}

async function switching({ page }) {
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: /^Theme:/ }).click();
  await page.getByRole('dialog').waitFor();
  const taken = await page.evaluate(timeEach, {
    times: SWITCHES,
    act: "document.querySelectorAll('[role=dialog] [aria-pressed]')[(step + 1) % 8].click()",
  });
  await page.keyboard.press('Escape');
  return taken;
}

const scrolling = ({ page }) =>
  page.evaluate(timeEach, {
    times: SCROLLS,
    act: 'document.querySelector(\'[aria-label="Running order"] ol\').parentElement.scrollLeft += 230',
  });

/** A bare list of so many boxes, scrolled alike. */
async function bareScrolling(browser, boxes) {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  const page = await context.newPage();
  await page.evaluate((count) => {
    document.body.innerHTML = `<ol aria-label="bare" style="display:flex;overflow-x:auto;list-style:none">${'<li style="flex:none;width:106px;height:60px;margin:5px;border:1px solid"></li>'.repeat(count)}</ol>`;
  }, boxes);
  const act = "document.querySelector('[aria-label=bare]').scrollLeft += 230";
  const taken = await page.evaluate(timeEach, { times: SCROLLS, act });
  await context.close();
  return taken;
}

function line(what, ours, baseline, bare) {
  const [p50, p95] = [quantile(ours, 0.5), quantile(ours, 0.95)];
  const [bare50, bare95] = [quantile(bare, 0.5), quantile(bare, 0.95)];
  return `${what}: p50 ${p50.toFixed(1)} ms, p95 ${p95.toFixed(1)} ms · ${baseline}: p50 ${bare50.toFixed(1)} ms, p95 ${bare95.toFixed(1)} ms · ratio p50 ${(p50 / bare50).toFixed(2)}, p95 ${(p95 / bare95).toFixed(2)}`;
}

/** Gives the lines to print. */
export async function benchAuthoring(address, browser) {
  const small = await openDeck(address, browser, 5);
  const middle = await openDeck(address, browser, 200);
  const large = await openDeck(address, browser, 500);
  const lines = [
    line(
      'type a letter in a deck of 500 slides (what stands around it follows every 120 ms)',
      await typing(large),
      'in one of 5',
      await typing(small),
    ),
    line('switch the theme of 200 slides', await switching(middle), 'of 5', await switching(small)),
    line(
      'scroll the strip of 500 slides',
      await scrolling(large),
      'a bare list of 500 boxes',
      await bareScrolling(browser, 500),
    ),
  ];
  for (const opened of [small, middle, large]) await opened.close();
  return lines.join('\n');
}
