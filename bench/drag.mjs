// Dragging one item among many on a slide, against dragging one bare element among as many on an empty page.
import { addItem, applyChanges } from '@gobrel/core/deck';
import { readDeckDocument, writeChanges } from '@gobrel/core/shared-doc';
import { newDeck, newTeacher, quantile } from './people.mjs';

const MOVES = 120;

/** What Chromium counts for a page, in ms: script, and all the main thread does for a frame with it (style, layout). */
async function counters(session) {
  const { metrics } = await session.send('Performance.getMetrics');
  const of = (name) => metrics.find((metric) => metric.name === name).value * 1000;
  const script = of('ScriptDuration');
  return { script, laidOut: script + of('RecalcStyleDuration') + of('LayoutDuration'), all: of('TaskDuration') };
}

/** Drags what is found by a real pointer, one move a frame; gives what each move cost, in ms. @param slowDown of the CPU */
export async function drag(page, selector, slowDown = 1) {
  const box = await page.locator(selector).boundingBox();
  const at = { x: box.x + box.width / 2, y: box.y + box.height / 2 };
  const session = await page.context().newCDPSession(page);
  await session.send('Performance.enable');
  await session.send('Emulation.setCPUThrottlingRate', { rate: slowDown });
  const mouse = (type, x, y) =>
    session.send('Input.dispatchMouseEvent', { type, x, y, button: 'left', buttons: 1, clickCount: 1 });
  const costs = [];
  // Once to warm up, as everything is compiled while it first runs; once to measure; back to where it began.
  for (const measured of [false, true]) {
    await mouse('mousePressed', at.x, at.y);
    for (let step = 1; step <= MOVES; step += 1) {
      const before = await counters(session);
      await mouse('mouseMoved', at.x + step, at.y + (step % 7));
      await page.waitForTimeout(20);
      const after = await counters(session);
      if (measured)
        costs.push(Object.fromEntries(Object.keys(after).map((what) => [what, after[what] - before[what]])));
    }
    await mouse('mouseMoved', at.x, at.y);
    await mouse('mouseReleased', at.x, at.y);
    await page.keyboard.press('Escape');
    await page.waitForTimeout(300);
  }
  return costs;
}

/** A page with so many bare elements, of which `#bare-150` follows the pointer. */
export async function openBare(page, items) {
  await page.goto('about:blank');
  await page.evaluate((all) => {
    document.body.innerHTML = '<div id="bare" style="position:relative"></div>';
    const bare = document.querySelector('#bare');
    for (let count = 0; count < all; count += 1) {
      const element = document.createElement('div');
      element.id = `bare-${count}`;
      element.style.cssText = `position:absolute;left:${(count % 25) * 25}px;top:${Math.floor(count / 25) * 28}px;width:22px;height:22px;border:1px solid`;
      bare.append(element);
    }
    const moved = document.querySelector('#bare-150');
    const [left, top] = [moved.offsetLeft, moved.offsetTop];
    let from = null;
    document.addEventListener('pointerdown', (event) => (from = event));
    document.addEventListener('pointermove', (event) => {
      if (!from) return;
      moved.style.left = `${left + event.clientX - from.clientX}px`;
      moved.style.top = `${top + event.clientY - from.clientY}px`;
    });
    document.addEventListener('pointerup', () => (from = null));
  }, items);
}

/** What drags cost against bare ones, in words. */
export function dragFigure(ours, bare, what, named) {
  const of = (costs, share) =>
    quantile(
      costs.map((cost) => cost[what]),
      share,
    );
  const [p50, p95, bare50, bare95] = [of(ours, 0.5), of(ours, 0.95), of(bare, 0.5), of(bare, 0.95)];
  return `  ${named}: p50 ${p50.toFixed(2)} ms, p95 ${p95.toFixed(2)} ms · bare p50 ${bare50.toFixed(2)} ms, p95 ${bare95.toFixed(2)} ms · ratio p50 ${(p50 / bare50).toFixed(2)}, p95 ${(p95 / bare95).toFixed(2)}`;
}

/** Gives the line to print. */
export async function benchDrag(address, browser, items) {
  const teacher = await newTeacher(address);
  const deckId = await newDeck(teacher, `${items} items`, (doc) => {
    let deck = readDeckDocument(doc);
    const slideId = Object.keys(deck.slides)[0];
    const all = [];
    for (let count = 0; count < items; count += 1) {
      const frame = { x: (count % 25) * 50, y: Math.floor(count / 25) * 34, width: 44, height: 30, rotation: 0 };
      const changes = addItem(deck, { id: `item-${count}`, slideId, kind: 'shape', frame });
      deck = applyChanges(deck, changes);
      all.push(...changes);
    }
    writeChanges(doc, all);
  });
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  await context.addCookies(teacher.cookies());
  const page = await context.newPage();
  await page.goto(`${address}/decks/${deckId}`);
  await page.locator('[data-item="item-150"]').waitFor();
  await page.waitForTimeout(1500);
  const ours = await drag(page, '[data-item="item-150"]');
  await openBare(page, items);
  const bare = await drag(page, '#bare-150');
  await context.close();
  const figure = (what, named) => dragFigure(ours, bare, what, named);
  return [
    `drag one of ${items} items, a move a frame, against a bare element among ${items}`,
    figure('script', 'script'),
    figure('laidOut', 'script, style and layout'),
    figure('all', 'all of the main thread, painting with it'),
  ].join('\n');
}
