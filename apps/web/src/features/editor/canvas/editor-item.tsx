/** An item on the canvas: drawn as everywhere, and with what an author needs to see of it. */
import {
  type CellField,
  cellsOf,
  type FrameOf,
  isMovable,
  isWordBox,
  type Item,
  type ItemId,
  led,
  lettersOf,
  nameOf,
  type TextField,
  type TextLook,
} from '@gobrel/core/deck';
import {
  cellStyle,
  frameStyle,
  isPressing,
  ItemContent,
  lookOfCell,
  lookStyle,
  roomStyle,
  textClasses,
  uprightStyle,
  withoutCell,
  inLanguage,
} from '@gobrel/slide-view';
import type { Frame } from '@gobrel/core/geometry';
import { type CSSProperties, memo, useCallback, useEffect } from 'react';
import type * as Y from 'yjs';
import { listed, messages } from '../../../shared/messages';
import { NOT_TYPING, select, useDesk } from '../state/desk';
import { useDragPreview } from './drag-preview';
import { TextEditor } from '../text/text-editor';
import { useOverflow } from '../text/use-overflow';

interface EditorItemProps {
  readonly item: Item;
  readonly doc: Y.Doc;
  /** Where the items are that a line is tied to; keeps its identity. */
  readonly frameOf: FrameOf;
  /** Given the height of a text, in slide units, while somebody types in it. */
  readonly onTextHeight: (item: Item, field: TextField, height: number) => void;
  /** Given the keys that are pressed in a cell of a table; says whether it took one. */
  readonly onCellKey: (id: ItemId, field: CellField, event: KeyboardEvent) => boolean;
}

export const EditorItem = memo(function EditorItem(props: EditorItemProps) {
  return props.item.kind === 'line' ? <EditorLine {...props} /> : <PlacedItem {...props} line={null} />;
});

function EditorLine(props: EditorItemProps) {
  return <PlacedItem {...props} line={useLinePreview(props.item, props.frameOf)} />;
}

/** @param line as it would be while it, or what it is tied to, is dragged */
function PlacedItem({ item, doc, onTextHeight, onCellKey, line }: EditorItemProps & { readonly line: Item | null }) {
  const preview = useDragPreview((drag) => drag.frames[item.id]);
  const isSelected = useDesk((desk) => desk.selected.includes(item.id));
  const isTypedIn = useDesk((desk) => desk.typingIn === item.id);
  const field = useDesk((desk) => (isTypedIn ? desk.typingField : 'text'));
  // Some drawings depend on the frame, so they follow it while it is dragged.
  const drawn = line ?? (preview && isResized(preview, item.frame) ? { ...item, frame: preview } : item);
  const name = nameOf(item) || (item.role ? messages.roles[item.role] : '');
  const label = listed([
    messages.kinds[item.kind],
    name ? messages.common.quoted({ name }) : '',
    item.layer === 'backdrop' ? messages.editor.inBackdrop : '',
    item.loose ? messages.editor.isPiece : '',
    item.locked ? messages.editor.isLocked : '',
  ]);
  const onHeight = useCallback((height: number) => onTextHeight(item, field, height), [item, field, onTextHeight]);
  const onKey = useCallback(
    (event: KeyboardEvent) => field !== 'text' && onCellKey(item.id, field, event),
    [item.id, field, onCellKey],
  );
  const [element, runsOver] = useOverflow(item, isTypedIn);
  const hasText = isWordBox(item);
  const typing = isTypedIn ? typingPlace(drawn, field) : null;
  const isGone = isTypedIn && item.kind === 'table' && !typing;
  useEffect(() => {
    // The cell was taken away under whoever typed in it: what they type must not become keys that act on the table.
    if (isGone) useDesk.setState(NOT_TYPING);
  }, [isGone]);
  return (
    <div
      ref={element}
      data-item={item.id}
      role="button"
      aria-label={label}
      aria-pressed={isSelected}
      tabIndex={0}
      {...inLanguage(item.language)}
      className={`gv-item ${item.kind === 'line' || item.kind === 'viewpoint' ? 'gv-through' : ''} ${item.loose ? 'gv-loose outline-3 outline-dashed outline-offset-4 outline-[#3d4e8a]' : ''} ${isMovable(item) ? 'cursor-move' : ''}`}
      style={frameStyle((line ?? { frame: preview ?? item.frame }).frame)}
      onFocus={(event) => {
        // Tabbing through the items selects them; a press selects on its own.
        const isByKey = event.target === event.currentTarget && event.currentTarget.matches(':focus-visible');
        if (isByKey && !isPressing() && !isSelected) select(item.id);
      }}
    >
      <ItemContent item={typing?.without ?? drawn} editing />
      {typing ? (
        <div
          className={typing.className}
          style={typing.style}
          onPointerDown={(event) => event.stopPropagation()}
          onDoubleClick={(event) => event.stopPropagation()}
        >
          <div className="gv-upright" style={uprightStyle(typing.look)}>
            <div className={textClasses(typing.look)} style={lookStyle(typing.look)}>
              <TextEditor
                doc={doc}
                itemId={item.id}
                field={field}
                label={
                  typing.at
                    ? messages.tables.typingIn({ label, row: typing.at.row, column: typing.at.column })
                    : messages.editor.textOf({ label })
                }
                onHeight={onHeight}
                onKey={onKey}
              />
            </div>
          </div>
        </div>
      ) : null}
      {hasText && !isTypedIn && item.role && lettersOf(item.text) === '' ? (
        <span
          aria-hidden
          className={item.kind === 'shape' ? 'gv-shape' : 'absolute inset-0'}
          style={item.kind === 'shape' ? roomStyle(item) : undefined}
        >
          <span className="gv-upright outline-2 outline-dashed outline-current/40" style={uprightStyle(item.look)}>
            <span className={`${textClasses(item.look)} opacity-65`} style={lookStyle(item.look)}>
              {messages.roles[item.role]}
            </span>
          </span>
        </span>
      ) : null}
      {runsOver && !isTypedIn ? (
        <span className="absolute inset-x-0 top-full border-t-4 border-dashed border-[#8a5a00] text-end text-[18px] leading-none font-semibold text-[#8a5a00]">
          <span className="bg-[#fffcf5] px-2">{messages.editor.runsOver}</span>
        </span>
      ) : null}
    </div>
  );
}

/** Where and how one types in an item. */
interface TypingPlace {
  /** The item without what is typed in the editor. */
  readonly without: Item;
  readonly className: string;
  readonly style: CSSProperties | undefined;
  readonly look: TextLook;
  /** Row and column of a cell, counted from 1. */
  readonly at?: { readonly row: number; readonly column: number };
}

/** `null` for an item without that text. */
function typingPlace(item: Item, field: TextField): TypingPlace | null {
  const empty = { text: { type: 'doc', content: [] } } as const;
  if (item.kind === 'text')
    return { without: { ...item, ...empty }, className: 'absolute inset-0', style: undefined, look: item.look };
  if (item.kind === 'shape')
    return { without: { ...item, ...empty }, className: 'gv-shape', style: roomStyle(item), look: item.look };
  const cell = item.kind === 'table' ? cellsOf(item).find((each) => each.field === field) : undefined;
  if (item.kind !== 'table' || !cell) return null;
  return {
    without: withoutCell(item, cell),
    className: 'gv-cell',
    style: cellStyle(cell),
    look: lookOfCell(item, cell),
    at: { row: cell.row + 1, column: cell.column + 1 },
  };
}

/** A line as it would be while it, or what it is tied to, is dragged; `null` while nothing of that happens. */
function useLinePreview(item: Item, frameOf: FrameOf): Item | null {
  const ends = item.kind === 'line' ? [item.from.at, item.to.at] : [];
  const dragged = useDragPreview((drag) => (drag.line?.id === item.id ? drag.line : null));
  const from = useDragPreview((drag) => drag.shifted[ends[0] ?? ''] ?? drag.frames[ends[0] ?? '']);
  const to = useDragPreview((drag) => drag.shifted[ends[1] ?? ''] ?? drag.frames[ends[1] ?? '']);
  const isMoved = useDragPreview((drag) => (drag.shifted[item.id] ?? drag.frames[item.id]) !== undefined);
  if (dragged || item.kind !== 'line' || isMoved || (!from && !to)) return dragged;
  return led(item, (id) => (id === ends[0] ? from : id === ends[1] ? to : null) ?? frameOf(id));
}

function isResized(a: Frame, b: Frame): boolean {
  return a.width !== b.width || a.height !== b.height;
}
