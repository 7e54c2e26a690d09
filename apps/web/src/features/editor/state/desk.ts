/** What is only on this author's screen: what is selected, what is being typed in, how near the slide is. */
import type { CellField, Format, GroupId, ItemId, SectionId, SlideId, TextField } from '@gobrel/core/deck';
import type { Point } from '@gobrel/core/geometry';
import type { Editor } from '@tiptap/core';
import { create } from 'zustand';
import { isNarrowScreen } from '../../../shared/ui';
import type { View } from '../canvas/view';

/** The parts of the panel. */
export const panelTabs = ['settings', 'items', 'check'] as const;

/** A part of the panel. */
export type PanelTab = (typeof panelTabs)[number];

interface Desk {
  readonly selected: readonly ItemId[];
  /** The group one has gone into, so that what stands in it is taken by itself. */
  readonly entered: GroupId | null;
  /** The item whose text is being typed in. */
  readonly typingIn: ItemId | null;
  /** Which of its texts that is. */
  readonly typingField: TextField;
  /** The cell that was pressed or typed in last: what is done to rows and columns goes by it. */
  readonly cell: { readonly itemId: ItemId; readonly field: CellField } | null;
  /** The text editor of `typingIn`, once it is there. */
  readonly textEditor: Editor | null;
  /** What to do with the text editor as soon as it is there, in this order. */
  readonly awaiting: readonly ((editor: Editor) => void)[];
  /** Where the slide lies and at what scale; `null` while it fits the area. */
  readonly view: View | null;
  /** Whether the next drag on the slide draws a viewpoint. */
  readonly drawing: boolean;
  /** Whether the panel is folded away; `null` while nobody has said so: then it is where there is no room for it. */
  readonly panelHidden: boolean | null;
  /** Which part of the panel is in sight. */
  readonly panelTab: PanelTab;
  /** Whether items fall on a grid. */
  readonly grid: boolean;
  /** The look that was picked up, to be given to other items. */
  readonly format: Format | null;
  /** The slides chosen together; empty while it is only the one that is worked on. */
  readonly chosen: readonly SlideId[];
  /** The sections folded away in the running order. */
  readonly folded: ReadonlySet<SectionId>;
  /** The section that was just begun, to be given its title. */
  readonly naming: SectionId | null;
  /** Where the cards of the map stood last, and what of it was in sight. */
  readonly mapPlaces: Readonly<Record<SlideId, Point>>;
  readonly mapView: { readonly x: number; readonly y: number; readonly zoom: number } | null;
  /** The slides copied last, for where the clipboard cannot be reached by a key. */
  readonly slideClip: string | null;
}

export const useDesk = create<Desk>(() => ({
  selected: [],
  typingIn: null,
  typingField: 'text',
  cell: null,
  textEditor: null,
  awaiting: [],
  entered: null,
  view: null,
  drawing: false,
  panelHidden: null,
  panelTab: 'settings',
  grid: false,
  format: null,
  chosen: [],
  folded: new Set(),
  naming: null,
  mapPlaces: {},
  mapView: null,
  slideClip: null,
}));

/** Nobody types in a text of this screen. */
export const NOT_TYPING: Pick<Desk, 'typingIn' | 'awaiting'> = { typingIn: null, awaiting: [] };

/** Selects exactly these items. */
export function select(...ids: ItemId[]): void {
  useDesk.setState({ selected: ids, ...NOT_TYPING });
}

/** Begins typing in an item; its text editor is given to `acts` as soon as it is there. */
export function typeIn(id: ItemId, ...acts: Desk['awaiting']): void {
  typeInField(id, 'text', ...acts);
}

/** The same, in one of the texts that an item has. */
export function typeInField(id: ItemId, field: TextField, ...acts: Desk['awaiting']): void {
  const { typingIn, typingField, awaiting } = useDesk.getState();
  const isSame = typingIn === id && typingField === field;
  useDesk.setState({
    selected: [id],
    typingIn: id,
    typingField: field,
    ...(field === 'text' ? {} : { cell: { itemId: id, field } }),
    awaiting: isSame ? [...awaiting, ...acts] : acts,
    ...(isSame ? {} : { textEditor: null }),
  });
}

/** Does something with an item's text: in what is marked while typing, else in all of it. */
export function withText(id: ItemId, act: (editor: Editor) => void, field: TextField = 'text'): void {
  const { typingIn, textEditor } = useDesk.getState();
  if (typingIn === id && textEditor) return act(textEditor);
  typeInField(id, field, (editor) => {
    editor.commands.selectAll();
    act(editor);
  });
}

/** Folds a section of the running order away, or unfolds it. */
export function fold(id: SectionId, folded: boolean): void {
  const present = new Set(useDesk.getState().folded);
  if (folded) present.add(id);
  else present.delete(id);
  useDesk.setState({ folded: present });
}

/** Opens a part of the panel, unfolding it. */
export function openPanelTab(panelTab: PanelTab): void {
  useDesk.setState({ panelTab, panelHidden: false });
}

/** Folds the panel away, or shows it again. */
export function togglePanel(): void {
  useDesk.setState(({ panelHidden }) => ({ panelHidden: !(panelHidden ?? isNarrowScreen()) }));
}
