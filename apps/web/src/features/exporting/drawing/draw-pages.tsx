/** Draws slides out of sight, one after the other, and reads what was drawn. */
import type { Deck } from '@gobrel/core/deck';
import { sizeOf } from '@gobrel/core/deck';
import type { DrawnPage } from '@gobrel/core/paper';
import type { Work } from '@gobrel/core/work';
import { bringDrawings, SlideView, type Surroundings, SurroundingsProvider } from '@gobrel/slide-view';
import { flushSync } from 'react-dom';
import { createRoot } from 'react-dom/client';
import { pageFonts } from './page-fonts';
import { readPage } from './read-page';

/** A slide to be drawn. */
export interface ToDraw {
  readonly deck: Deck;
  readonly slideId: string;
  /** Work laid over it. */
  readonly work?: Work | undefined;
}

interface Drawing {
  readonly surroundings: Surroundings;
  readonly signal: AbortSignal;
  /** Told before the first slide and after each. */
  readonly onDrawn?: (done: number) => void;
  /** Given each page as it is read. */
  readonly onPage?: (page: DrawnPage) => void;
}

/** Slides as lists of marks, in their order. @throws when `signal` ends it */
export async function drawPages(
  slides: readonly ToDraw[],
  { surroundings, signal, onDrawn, onPage }: Drawing,
): Promise<readonly DrawnPage[]> {
  await Promise.all([...new Set(slides.map(({ deck }) => deck))].map(bringDrawings));
  signal.throwIfAborted();
  const room = document.createElement('div');
  room.className = 'drawn-apart';
  room.setAttribute('aria-hidden', 'true');
  room.inert = true;
  document.body.append(room);
  const fonts = pageFonts();
  const ratios = new Map<string, number>();
  const root = createRoot(room);
  try {
    const pages: DrawnPage[] = [];
    onDrawn?.(0);
    for (const [at, { deck, slideId, work }] of slides.entries()) {
      const draw = (key: string) =>
        flushSync(() =>
          root.render(
            <SurroundingsProvider value={surroundings}>
              <SlideView key={key} deck={deck} slideId={slideId} width={sizeOf(deck).width} work={work} label="" />
            </SurroundingsProvider>,
          ),
        );
      draw(`${at}`);
      await settled(room, ratios);
      // Letters are fitted to their boxes when a slide is drawn first: with the fonts that were there.
      if (document.fonts.status === 'loading') {
        await document.fonts.ready;
        draw(`${at} again`);
        await settled(room, ratios);
      }
      signal.throwIfAborted();
      const drawn = room.querySelector<HTMLElement>('.gv-slide');
      if (drawn) {
        const page = readPage(withFieldsAsWords(drawn), { deck, slideId, fonts, ratios });
        pages.push(page);
        onPage?.(page);
      }
      onDrawn?.(at + 1);
      if (at % 5 === 4) await nextTask();
    }
    return pages;
  } finally {
    root.unmount();
    room.remove();
  }
}

/** Waits until the pictures of a drawing are there, or cannot be had. */
async function settled(room: HTMLElement, ratios: Map<string, number>): Promise<void> {
  const images = [...room.querySelectorAll('img')].filter(({ complete }) => !complete);
  const grounds = [...room.querySelectorAll<HTMLElement>('.gv-ground-picture')].flatMap(
    ({ style }) => /url\("([^"]*)"\)/.exec(style.backgroundImage)?.[1] ?? [],
  );
  const posters = [...room.querySelectorAll('video')].flatMap(({ poster }) => (poster === '' ? [] : [poster]));
  const unknown = [...grounds, ...posters].filter((url) => !ratios.has(new URL(url, location.href).href));
  await Promise.all([
    ...images.map((image) => image.decode().catch(() => undefined)),
    ...unknown.map(async (url) => {
      const image = new Image();
      image.src = url;
      await image.decode().catch(() => undefined);
      ratios.set(image.src, image.naturalWidth / (image.naturalHeight || 1) || 1);
    }),
  ]);
}

/** What fields hold as words in their place: what is typed lies in no element that could be read. */
function withFieldsAsWords(drawn: HTMLElement): HTMLElement {
  for (const field of drawn.querySelectorAll<HTMLInputElement | HTMLTextAreaElement | HTMLSelectElement>(
    'textarea, select, input:not([type="radio"], [type="checkbox"])',
  )) {
    const words = document.createElement('div');
    const style = getComputedStyle(field);
    words.className = field.className;
    words.style.cssText = field.style.cssText;
    words.style.width = `${field.offsetWidth}px`;
    words.style.height = `${field.offsetHeight}px`;
    words.style.boxSizing = 'border-box';
    words.style.whiteSpace = 'pre-wrap';
    words.style.textAlign = style.textAlign;
    words.style.lineHeight = field instanceof HTMLTextAreaElement ? style.lineHeight : `${field.clientHeight}px`;
    words.textContent = field instanceof HTMLSelectElement ? (field.selectedOptions[0]?.value ?? '') : field.value;
    field.replaceWith(words);
  }
  return drawn;
}

function nextTask(): Promise<void> {
  return new Promise((resolve) => setTimeout(resolve));
}
