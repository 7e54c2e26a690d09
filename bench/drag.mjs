// Dragging one item among many on a slide, against dragging one bare element among as many on an empty page.
import { addItem, applyChanges } from '@gobrel/core/deck';
import { readDeckDocument, writeChanges } from '@gobrel/core/shared-doc';
import { newDeck, newTeacher, quantile } from './people.mjs';

const MOVES = 120;

/** Drags from a point in steps; gives the time of each move until the frame after it, in milliseconds. */
function measureMoves({ selector, moves }) {
  const element = document.querySelector(selector);
  const box = element.getBoundingClientRect();
  const at = { x: box.x + box.width / 2, y: box.y + box.height / 2 };
  const fire = (type, x, y) =>
    (document.elementFromPoint(at.x, at.y)?.closest('[data-canvas], #bare') ?? element).dispatchEvent(
      new PointerEvent(type, {
        bubbles: true,
        cancelable: true,
        pointerId: 1,
        isPrimary: true,
        button: 0,
        clientX: x,
        clientY: y,
        pointerType: 'mouse',
      }),
    );
  const canvas = document.querySelector('[data-canvas], #bare');
  canvas.setPointerCapture = () => undefined;
  element.dispatchEvent(
    new PointerEvent('pointerdown', {
      bubbles: true,
      pointerId: 1,
      isPrimary: true,
      button: 0,
      clientX: at.x,
      clientY: at.y,
      pointerType: 'mouse',
    }),
  );
  const times = [];
  return new Promise((resolve) => {
    let step = 0;
    const next = () => {
      if (step === moves) {
        fire('pointerup', at.x + step, at.y);
        return resolve(times);
      }
      step += 1;
      const began = performance.now();
      fire('pointermove', at.x + step, at.y + (step % 7));
      // React draws in a microtask or task; layout is forced, so that both pages pay for what they changed.
      setTimeout(() => {
        element.getBoundingClientRect();
        times.push(performance.now() - began);
        requestAnimationFrame(next);
      });
    };
    requestAnimationFrame(next);
  });
}

/** Prints nothing; gives the line to print. */
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
  const [name, value] = teacher.cookie.split('=');
  await context.addCookies([{ name, value, url: address }]);
  const page = await context.newPage();
  await page.goto(`${address}/decks/${deckId}`);
  await page.locator('[data-item="item-150"]').waitFor();
  const ours = await page.evaluate(measureMoves, { selector: '[data-item="item-150"]', moves: MOVES });
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
    const left = moved.offsetLeft;
    let from = null;
    bare.addEventListener('pointerdown', (event) => (from = event.clientX));
    bare.addEventListener('pointermove', (event) => (moved.style.left = `${left + event.clientX - from}px`));
  }, items);
  const bare = await page.evaluate(measureMoves, { selector: '#bare-150', moves: MOVES });
  await context.close();
  const figures = [0.5, 0.95].map((share) => [quantile(ours, share), quantile(bare, share)]);
  const [[p50, bare50], [p95, bare95]] = figures;
  return `drag one of ${items} items: p50 ${p50.toFixed(2)} ms, p95 ${p95.toFixed(2)} ms · bare element among ${items}: p50 ${bare50.toFixed(2)} ms, p95 ${bare95.toFixed(2)} ms · ratio p50 ${(p50 / bare50).toFixed(2)}, p95 ${(p95 / bare95).toFixed(2)}`;
}
