/** Going from one region of a page to the next by F6, as from one pane of a window to the next. */

/** What counts as a region. */
const REGIONS = 'header, nav, main, aside, footer, section[aria-label], [role=toolbar]';

/** Listens for F6 and, with Shift, the other way round. To be called once. */
export function listenForRegionKeys(): void {
  window.addEventListener('keydown', (event) => {
    if (event.key !== 'F6' || event.ctrlKey || event.metaKey || event.altKey) return;
    // A dialog is all there is while it is open.
    if (document.querySelector('[role=dialog][data-state=open], [role=menu]')) return;
    const next = regionAfter(document.activeElement, event.shiftKey ? -1 : 1);
    if (!next) return;
    event.preventDefault();
    focusOn(next);
  });
}

/** Gives the focus to what a page is about. */
export function focusMain(): void {
  const main = document.querySelector<HTMLElement>('main');
  if (main) focusOn(main);
}

function regionAfter(focused: Element | null, step: 1 | -1): HTMLElement | null {
  const all = [...document.querySelectorAll<HTMLElement>(REGIONS)].filter((each) => each.getClientRects().length > 0);
  // Of regions within others, the outer ones: what is in them is reached from there.
  const outer = all.filter((each) => !each.parentElement?.closest(REGIONS));
  const at = outer.findIndex((each) => each.contains(focused));
  const index = at < 0 ? (step === 1 ? 0 : outer.length - 1) : (at + step + outer.length) % outer.length;
  return outer[index] ?? null;
}

function focusOn(region: HTMLElement): void {
  if (!region.hasAttribute('tabindex')) region.tabIndex = -1;
  region.focus();
}
