/** What an author draws with by hand, on this screen. */
import type { ItemId } from '@gobrel/core/deck';
import { create } from 'zustand';
import { select } from '../state/desk';

/** A tool in hand. */
export type InkTool = 'pen' | 'highlighter' | 'eraser';

/** How wide tools draw, in slide units: fine, usual and wide. */
export const INK_WEIGHTS = {
  pen: [3, 6, 12],
  highlighter: [16, 28, 44],
  eraser: [12, 24, 48],
} as const satisfies Record<InkTool, readonly number[]>;

interface Inking {
  /** Whether the slide is drawn on. */
  readonly isOn: boolean;
  readonly tool: InkTool;
  readonly color: Readonly<Record<'pen' | 'highlighter', string>>;
  /** Which of the three weights of its tool. */
  readonly weight: number;
  /** Whether lines and shapes are made straight. */
  readonly straightens: boolean;
  /** The item that the last stroke went into, and when, in ms since the page was opened. */
  readonly last: { readonly itemId: ItemId; readonly at: number } | null;
}

export const useInking = create<Inking>(() => ({
  isOn: false,
  tool: 'pen',
  color: { pen: 'words', highlighter: 'accent' },
  weight: 1,
  straightens: false,
  last: null,
}));

/** Takes the pen in hand. */
export function beginInk(): void {
  select();
  useInking.setState({ isOn: true, last: null });
}

/** Lays it down. */
export function endInk(): void {
  useInking.setState({ isOn: false, last: null });
}

/** Gives the slide that is drawn on the focus. */
export function focusInk(): void {
  document.querySelector<HTMLElement>('[data-ink]')?.focus({ preventScroll: true });
}
