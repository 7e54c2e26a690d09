// Routes: analysing a large graph, laying the map out in its worker, panning the map, and a link followed to its slide.
import { DeckBuilder } from '@gobrel/core/testing';
import { distancesFrom, readingChances, routeFigures, routeGraph } from '@gobrel/core/routes';
import { writeDeckDocument } from '@gobrel/core/shared-doc';
import { newDeck, newTeacher, quantile } from './people.mjs';
import { writeSlides } from './slides.mjs';

const median = (values) => quantile(values, 0.5);
const ROUNDS = 9;

/** Numbers that are the same in every run. */
function seeded(seed) {
  let state = seed;
  return () => {
    state = (Math.imul(state, 1_664_525) + 1_013_904_223) >>> 0;
    return state / 2 ** 32;
  };
}

/** A graph of so many slides and links: most lead onward a little, some far, some back. */
function graphOf(slides, links) {
  const random = seeded(20261124);
  const leaving = Array.from({ length: slides }, () => []);
  for (let link = 0; link < links; link += 1) {
    const from = Math.floor(random() * slides);
    const reach = random();
    const step =
      reach < 0.9
        ? 1 + Math.floor(random() * 40)
        : reach < 0.97
          ? 1 + Math.floor(random() * slides)
          : -Math.floor(random() * 60);
    leaving[from].push(Math.min(slides - 1, Math.max(0, from + step)));
  }
  const offsets = [0];
  for (const list of leaving) offsets.push(offsets.at(-1) + list.length);
  const targets = Int32Array.from(leaving.flat());
  return {
    ids: leaving.map((_list, place) => `s${place}`),
    start: 0,
    offsets: Int32Array.from(offsets),
    targets,
    // One link in ten waits until some slide was seen.
    waits: Int32Array.from({ length: targets.length * 2 }, (_none, at) =>
      at % 20 === 0 ? Math.floor(random() * slides) : -1,
    ),
    carriers: Array.from({ length: targets.length }, () => null),
    backs: new Uint16Array(slides),
    ends: new Uint16Array(slides),
    endings: Uint8Array.from(leaving, (list) => (list.length === 0 ? 1 : 0)),
    leftOut: new Uint8Array(slides),
  };
}

/** The median time of an act in ms, each round the mean of so many. */
function timed(act, times) {
  act();
  const taken = [];
  for (let round = 0; round < ROUNDS; round += 1) {
    const began = performance.now();
    for (let time = 0; time < times; time += 1) act();
    taken.push((performance.now() - began) / times);
  }
  return median(taken);
}

function analysing() {
  const graph = graphOf(10_000, 30_000);
  const bare = timed(() => distancesFrom(graph), 40);
  const ours = timed(() => routeFigures(graph), 40);
  const chances = timed(() => readingChances(graph), 1);
  const ratio = (value) => (value / bare).toFixed(1);
  return [
    `analyse 10,000 slides and 30,000 links, a tenth of them with gates: ${ours.toFixed(2)} ms · breadth-first search over the same arrays: ${bare.toFixed(2)} ms · ratio ${ratio(ours)}`,
    `  and a random reader's chances, loops solved: ${chances.toFixed(1)} ms · ratio ${ratio(chances)}`,
  ].join('\n');
}

/** A deck of so many slides that branch: each leads to two of the next. */
function branching(slides) {
  const builder = new DeckBuilder(`${slides} slides`);
  for (let place = 0; place < slides; place += 1) {
    builder.slide(`n${place}`, { exits: 'links-only' });
    for (const way of [2 * place + 1, 2 * place + 2])
      if (way < slides)
        builder.item(`l${place}-${way}`, 'shape', { link: { to: 'slide', slideId: `n${way}` }, name: `to ${way}` });
  }
  return builder.deck;
}

async function openMap(address, browser, write, title) {
  const teacher = await newTeacher(address);
  const deckId = await newDeck(teacher, title, write);
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  await context.addCookies(teacher.cookies());
  const page = await context.newPage();
  const began = Date.now();
  await page.goto(`${address}/decks/${deckId}?see=map`);
  await page.locator('.react-flow__node').first().waitFor();
  const shown = Date.now() - began;
  await page.waitForTimeout(1500);
  return { page, shown, deckId, close: () => context.close() };
}

/** What each of some acts costs in script until it is painted, in ms. */
async function scriptOfEach(page, acts) {
  const session = await page.context().newCDPSession(page);
  await session.send('Performance.enable');
  const scripts = async () => {
    const { metrics } = await session.send('Performance.getMetrics');
    return metrics.find(({ name }) => name === 'ScriptDuration').value * 1000;
  };
  const taken = [];
  for (const act of acts) {
    const before = await scripts();
    await act();
    await page.evaluate(() => new Promise((resolve) => requestAnimationFrame(() => requestAnimationFrame(resolve))));
    taken.push((await scripts()) - before);
  }
  return taken;
}

/** Takes the ground of the map and pulls it 1,200 CSS pixels about, 20 a frame; gives the script of each frame, in ms. */
async function panning(page) {
  const at = { x: 640, y: 700 };
  await page.mouse.move(at.x, at.y);
  await page.mouse.down();
  const taken = await scriptOfEach(
    page,
    Array.from({ length: 60 }, (_, step) => () => page.mouse.move(at.x - 300 + Math.abs(step - 30) * 20, at.y - step)),
  );
  await page.mouse.up();
  return taken;
}

/** Draws back by a wheel until all is in sight; gives the script of each frame, in ms. */
async function zooming(page) {
  await page.mouse.move(500, 450);
  return scriptOfEach(
    page,
    Array.from({ length: 60 }, () => () => page.mouse.wheel(0, 30)),
  );
}

async function mapping(address, browser) {
  const large = await openMap(address, browser, (doc) => writeDeckDocument(doc, branching(500)), '500 slides');
  const empty = await openMap(address, browser, (doc) => writeDeckDocument(doc, branching(1)), '1 slide');
  const figures = async (named, act) => {
    const [ours, bare] = [await act(large.page), await act(empty.page)];
    const of = (share) => [quantile(ours, share), quantile(bare, share)];
    const [[p50, bare50], [p95, bare95]] = [of(0.5), of(0.95)];
    return `${named}, script a frame: p50 ${p50.toFixed(2)} ms, p95 ${p95.toFixed(2)} ms · a map of one slide: p50 ${bare50.toFixed(2)} ms, p95 ${bare95.toFixed(2)} ms · ratio p50 ${(p50 / bare50).toFixed(2)}, p95 ${(p95 / bare95).toFixed(2)}`;
  };
  const lines = [
    await figures('pan a map of 500 slides', panning),
    await figures('draw back from it until all is in sight', zooming),
  ];
  await large.close();
  await empty.close();
  return [await laidOut(address, browser), ...lines].join('\n');
}

/** From opening the map of 300 slides to its cards, against one of one slide: what laying out in the worker takes. */
async function laidOut(address, browser) {
  const shown = async (slides) => {
    const taken = [];
    for (let round = 0; round < 3; round += 1) {
      const map = await openMap(address, browser, (doc) => writeDeckDocument(doc, branching(slides)), `${slides}`);
      taken.push(map.shown);
      await map.close();
    }
    return median(taken);
  };
  const [large, small] = [await shown(300), await shown(1)];
  return `lay out a map of 300 slides in the worker, page load to cards: median ${large} ms · a map of one slide: median ${small} ms · ratio ${(large / small).toFixed(2)}`;
}

/** From pressing a link to the next slide painted, against setting a bare element's text. */
async function following(address, browser) {
  const teacher = await newTeacher(address);
  const deckId = await newDeck(teacher, 'Followed', (doc) => writeSlides(doc, 60));
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  await context.addCookies(teacher.cookies());
  const page = await context.newPage();
  await page.goto(`${address}/decks/${deckId}/show`);
  await page.getByRole('main').locator('.gv-ground').waitFor();
  await page.waitForTimeout(800);
  const each = (act) =>
    page.evaluate((source) => {
      const run = new Function('step', source);
      const taken = [];
      return new Promise((resolve) => {
        const next = (step) => {
          if (step === 40) return resolve(taken);
          const began = performance.now();
          run(step);
          // A frame is painted between this one's callback and the next.
          requestAnimationFrame(() =>
            setTimeout(() => {
              taken.push(performance.now() - began);
              setTimeout(() => next(step + 1), 30);
            }),
          );
        };
        next(0);
      });
    }, act);
  const ours = await each(
    "document.body.dispatchEvent(new KeyboardEvent('keydown', { key: step % 2 ? 'ArrowLeft' : 'ArrowRight', bubbles: true }))",
  );
  await page.evaluate(() => {
    document.body.innerHTML = '<p id="bare">0</p>';
  });
  const bare = await each("document.getElementById('bare').textContent = String(step)");
  await context.close();
  return `a slide followed to the next one painted: p50 ${quantile(ours, 0.5).toFixed(1)} ms, p95 ${quantile(ours, 0.95).toFixed(1)} ms · a bare text set and painted: p50 ${quantile(bare, 0.5).toFixed(1)} ms, p95 ${quantile(bare, 0.95).toFixed(1)} ms · ratio p50 ${(quantile(ours, 0.5) / quantile(bare, 0.5)).toFixed(2)}`;
}

/** Gives the lines to print. */
export async function benchRoutes(address, browser) {
  // A graph from a deck is built as the editor does it, so that both stand side by side.
  const deck = branching(2000);
  const building = timed(() => routeGraph({ ...deck, slides: { ...deck.slides } }), 1);
  return [
    analysing(),
    `build the graph of a deck of 2,000 slides: ${building.toFixed(1)} ms`,
    await mapping(address, browser),
    await following(address, browser),
  ].join('\n');
}
