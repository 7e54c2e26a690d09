/** The editor's keys: the platform's universal ones as everywhere, the others our own. */
import {
  applyFormat,
  formatOf,
  groupItems,
  isWordBox,
  type ItemId,
  itemsOf,
  moveItems,
  newId,
  restack,
  setFrames,
  setLocked,
  type SlideId,
  ungroup,
  unitsAmong,
} from '@gobrel/core/deck';
import { normaliseAngle, SMALLEST_SIDE } from '@gobrel/core/geometry';
import { useEffect } from 'react';
import { showToast, isWithin } from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import { beginViewpoint, placeViewpoint } from '../canvas/draw-viewpoint';
import { NOT_TYPING, select, typeIn, togglePanel, useDesk } from '../state/desk';
import type { Editing } from '../state/editing';
import { duplicateSelected, removeSelected } from '../state/item-actions';
import { isInField } from './in-field';
import { enterGroup, leaveGroup, movable } from '../state/selecting';
import { currentCell, typeInCell } from '../table/current-cell';
import { typeAhead } from '../text/type-ahead';
import { itemWithWords, typeOn, writesLetter } from './typing';

/** Steps of the arrow keys, in slide units, and of turning, in degrees; with Shift the fine ones. */
const STEP = { coarse: 8, fine: 1, turn: 15, turnFine: 1 };

interface Keys {
  readonly editing: Editing;
  readonly slideId: SlideId;
  readonly onHelp: () => void;
  readonly onLink: () => void;
  /** Whether the keys are for something else just now. */
  readonly paused: boolean;
}

/** Listens to the keys while the editor is there. */
export function useKeys({ editing, slideId, onHelp, onLink, paused }: Keys): void {
  useEffect(() => {
    if (paused) return;
    const onKey = (event: KeyboardEvent) => {
      const { typingIn } = useDesk.getState();
      if (event.key === 'Escape' && typingIn) {
        focusItem(typingIn);
        useDesk.setState(NOT_TYPING);
        return event.preventDefault();
      }
      if (!isInField(event) && typeAhead(event, editing.doc)) return event.preventDefault();
      if (history(event, editing)) return event.preventDefault();
      if ((event.ctrlKey || event.metaKey) && event.key === 'k') {
        onLink();
        return event.preventDefault();
      }
      if (isInField(event) || event.defaultPrevented) return;
      // Also where the button that was pressed for it has the focus still.
      if (useDesk.getState().drawing && onDrawing(event.key, editing, slideId)) return event.preventDefault();
      if (pressesButton(event)) return;
      const item = writesLetter(event) ? itemWithWords(editing.deck, slideId) : null;
      if (item) {
        // On a button of its panel letters are neither commands nor words of the slide.
        if (!isInPanel(event) && typeOn(event, editing, item)) event.preventDefault();
        return;
      }
      const command = commandOf(event);
      if (command === '?' || command === 'F1') onHelp();
      else if (command === 'v' && !event.ctrlKey && !event.metaKey) beginViewpoint();
      else if (command === 'p' && !event.ctrlKey && !event.metaKey) togglePanel();
      else if (!onSelection(event, command, editing, slideId)) return;
      event.preventDefault();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [editing, slideId, onHelp, onLink, paused]);
}

/** Whether a key is pressed on a button or the like in the panel beside the slide. */
function isInPanel(event: KeyboardEvent): boolean {
  return isWithin(event.target, 'aside');
}

/** Signs of our own by where they lie: with Alt, some systems write other signs with the same keys. */
const SIGNS: Readonly<Record<string, string>> = { Comma: ',', Period: '.' };

/** What a key stands for: a letter with Alt is the same command, for where letters alone are typed. */
function commandOf({ key, code, altKey, ctrlKey, metaKey }: KeyboardEvent): string {
  if (ctrlKey || metaKey) return key;
  return altKey ? (/^Key([A-Z])$/.exec(code)?.[1]?.toLowerCase() ?? SIGNS[code] ?? key) : key;
}

/** Keys while a viewpoint is waited for; says whether it was one. */
function onDrawing(key: string, editing: Editing, slideId: SlideId): boolean {
  if (key === 'Enter') placeViewpoint(editing, slideId, null);
  else if (key === 'Escape') useDesk.setState({ drawing: false });
  else return false;
  return true;
}

/** Whether a key presses the button or link that has the focus, rather than acting on what is selected. */
function pressesButton(event: KeyboardEvent): boolean {
  if (event.key !== 'Enter' && event.key !== ' ') return false;
  return isWithin(event.target, 'button, a');
}

function focusItem(id: string): void {
  document.querySelector<HTMLElement>(`[data-item="${id}"]`)?.focus();
}

function history(event: KeyboardEvent, editing: Editing): boolean {
  if (!(event.ctrlKey || event.metaKey)) return false;
  const isPlainField = event.target instanceof Element ? event.target.closest('input, textarea') : null;
  if (isPlainField) return false;
  const key = event.key.toLowerCase();
  if (key === 'z' && !event.shiftKey) editing.undo();
  else if (key === 'y' || (key === 'z' && event.shiftKey)) editing.redo();
  else return false;
  return true;
}

/** Keys on what is selected; says whether it was one. */
function onSelection(event: KeyboardEvent, command: string, editing: Editing, slideId: SlideId): boolean {
  const { deck, run } = editing;
  const selected = useDesk.getState().selected.filter((id) => deck.items[id]?.slideId === slideId);
  const isCommand = event.ctrlKey || event.metaKey;
  if (isCommand && event.key === 'a') {
    select(
      ...itemsOf(deck, slideId)
        .filter((item) => item.layer === 'slide' && !item.hidden)
        .map((item) => item.id),
    );
    return true;
  }
  if (selected.length === 0) return false;
  if (isCommand && event.key === 'd') {
    duplicateSelected(editing, selected);
    return true;
  }
  if (isCommand) return false;
  const arrow = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key];
  if (arrow) {
    const step = event.shiftKey ? STEP.fine : STEP.coarse;
    const [dx = 0, dy = 0] = arrow.map((part) => part * step);
    run(event.altKey ? resized(deck, selected, dx, dy) : moveItems(deck, selected, dx, dy));
    return true;
  }
  const [first = ''] = selected;
  const item = deck.items[first];
  const act = selectionKeys[command];
  if (act) act({ deck, run }, selected);
  else if (event.key === 'Enter' && item && enterGroup(deck, item)) return true;
  else if (event.key === 'Enter' && item && isWordBox(item) && item.layer === 'slide') typeIn(first);
  else if (event.key === 'Enter' && item?.kind === 'table' && item.layer === 'slide')
    typeInCell(editing, item, currentCell(item).field);
  else if (event.key === 'Delete' || event.key === 'Backspace') {
    removeSelected(editing, movable(deck, selected));
  } else if (event.key === 'Escape') {
    if (!leaveGroup(deck, slideId)) select();
  } else if (command === ',' || command === '.' || command === '<' || command === '>') {
    const step = event.shiftKey ? STEP.turnFine : STEP.turn;
    run(turned(deck, selected, [',', '<'].includes(command) ? -step : step));
  } else return false;
  return true;
}

/** Keys of our own that do something with what is selected; each is one letter, without a command key. */
const selectionKeys: Readonly<
  Record<string, (editing: Pick<Editing, 'deck' | 'run'>, selected: readonly ItemId[]) => void>
> = {
  g: ({ deck, run }, selected) => run(groupItems(deck, selected, newId())),
  u: ({ deck, run }, selected) =>
    run(unitsAmong(deck, selected).flatMap((unit) => (unit.group === null ? [] : ungroup(deck, unit.group)))),
  l: ({ deck, run }, selected) => run(setLocked(deck, selected, !selected.every((id) => deck.items[id]?.locked))),
  f: ({ deck, run }, selected) => run(restack(deck, selected, 'front')),
  b: ({ deck, run }, selected) => run(restack(deck, selected, 'back')),
  q: ({ deck }, [first = '']) => {
    const item = deck.items[first];
    if (!item) return;
    useDesk.setState({ format: formatOf(deck.theme, item) });
    showToast(messages.editor.lookPickedUp);
  },
  w: ({ deck, run }, selected) => {
    const { format } = useDesk.getState();
    if (format) run(applyFormat(deck, selected, format));
  },
};

function resized(deck: Editing['deck'], ids: readonly string[], dx: number, dy: number) {
  return setFrames(
    deck,
    framesOf(deck, ids, (frame) => ({
      ...frame,
      width: Math.max(SMALLEST_SIDE, frame.width + dx),
      height: Math.max(SMALLEST_SIDE, frame.height + dy),
    })),
  );
}

function turned(deck: Editing['deck'], ids: readonly string[], degrees: number) {
  return setFrames(
    deck,
    framesOf(deck, ids, (frame) => ({ ...frame, rotation: normaliseAngle(frame.rotation + degrees) })),
  );
}

function framesOf(
  deck: Editing['deck'],
  ids: readonly string[],
  change: (frame: Editing['deck']['items'][string]['frame']) => Editing['deck']['items'][string]['frame'],
) {
  return Object.fromEntries(ids.flatMap((id) => (deck.items[id] ? [[id, change(deck.items[id].frame)] as const] : [])));
}
