/** The slide in the middle, to work on. */
import {
  addItem,
  type CellField,
  cellsOf,
  type Deck,
  type FrameOf,
  growRow,
  isMovable,
  isWordBox,
  type Item,
  type ItemId,
  itemKinds,
  itemsToDraw,
  newId,
  numberOf,
  plainText,
  shapeRoom,
  sizeOf,
  type SlideId,
  type TextField,
} from '@gobrel/core/deck';
import { frameStyle, ItemContent, SlideStage } from '@gobrel/slide-view';
import { useCallback, useEffect, useMemo, useRef } from 'react';
import type { CoAuthor } from '../../../shared/sync';
import { messages, slideName } from '../../../shared/messages';
import { typeIn, useDesk } from '../state/desk';
import { cellKey } from '../table/cell-keys';
import { currentCell, typeInCell } from '../table/current-cell';
import { TableBorders } from '../table/table-borders';
import { InkArea } from '../ink/ink-area';
import { useInking } from '../ink/inking';
import type { Editing } from '../state/editing';
import { enterGroup } from '../state/selecting';
import { CheckMarks } from '../check/check-marks';
import { useDragPreview } from './drag-preview';
import { EditorItem } from './editor-item';
import { Guides } from './guides';
import { ObjectBar } from './object-bar';
import { Others } from './others';
import { SelectionFrame } from './selection-frame';
import { beginDrag } from './begin-drag';

/** Above and below the words of a cell, in slide units. */
const CELL_RIMS = 8;

interface CanvasProps {
  readonly editing: Editing;
  readonly others: readonly CoAuthor[];
  readonly slideId: SlideId;
  /** Width of the slide on the screen, in CSS pixels. */
  readonly width: number;
  readonly onPickLink: () => void;
}

export function Canvas({ editing, others, slideId, width, onPickLink }: CanvasProps) {
  const { deck, doc, extend } = editing;
  const items = useItems(deck, slideId);
  const selected = useDesk((desk) => desk.selected);
  const marquee = useDragPreview((drag) => drag.marquee);
  const drawing = useDesk((desk) => desk.drawing);
  const isInking = useInking(({ isOn }) => isOn);
  const isTyping = useDesk((desk) => desk.typingIn !== null);
  const scale = width / sizeOf(deck).width;
  const surface = { editing, slideId, scale };
  const startTyping = (at: { clientX: number; clientY: number; currentTarget: Element }) => {
    // The pointer is captured while it is down, so the event itself does not tell what was pressed.
    const pressed = document.elementFromPoint(at.clientX, at.clientY)?.closest<HTMLElement>('[data-item]');
    const item = deck.items[pressed?.dataset['item'] ?? ''];
    if (item && isMovable(item)) {
      if (enterGroup(deck, item)) return;
      if (isWordBox(item)) typeIn(item.id);
      // The first of the two presses has told in which cell.
      if (item.kind === 'table') typeInCell(editing, item, currentCell(item).field);
      return;
    }
    const ground = at.currentTarget.getBoundingClientRect();
    const id = newId();
    const { width, height } = itemKinds.text.size;
    const frame = {
      x: Math.round((at.clientX - ground.left) / scale),
      y: Math.round((at.clientY - ground.top) / scale - height / 2),
      width,
      height,
      rotation: 0,
    };
    editing.run(addItem(deck, { id, slideId, kind: 'text', frame, fields: { text: plainText('') } }));
    typeIn(id);
  };
  const growText = useCallback(
    (item: Item, field: TextField, height: number) => {
      if (item.kind === 'table' && item.look.fit === 'grow') {
        const cell = cellsOf(item).find((each) => each.field === field);
        if (cell) extend(growRow(item, cell.rowId, Math.ceil(height + CELL_RIMS)));
      }
      // Only a text that grows with what is typed in it; what is typed and the growth are undone together.
      if (!isWordBox(item) || item.look.fit !== 'grow') return;
      const needed = Math.ceil(item.kind === 'shape' ? height / shapeRoom(item.shape).height : height);
      if (needed > item.frame.height)
        extend([{ type: 'set-item', id: item.id, fields: { frame: { ...item.frame, height: needed } } }]);
    },
    [extend],
  );
  const frameOf = useFrameOf(deck);
  const onCellKey = useCellKey(editing);
  const chosen = items.filter((item) => selected.includes(item.id));
  const only = chosen.length === 1 ? chosen[0] : undefined;
  return (
    <div
      data-canvas
      className={`group/canvas relative touch-none select-none border border-ink ${drawing ? 'cursor-crosshair' : ''}`}
      onPointerDown={(event) => beginDrag(event, { kind: 'canvas' }, surface)}
      onDoubleClick={startTyping}
    >
      <SlideStage
        deck={deck}
        slideId={slideId}
        width={width}
        number={numberOf(deck, slideId)}
        label={messages.editor.canvas({ name: slideName(deck, slideId) })}
        still={false}
      >
        {items.map((item) =>
          item.hidden ? null : item.slideId === slideId ? (
            <EditorItem
              key={item.id}
              item={item}
              doc={doc}
              frameOf={frameOf}
              onTextHeight={growText}
              onCellKey={onCellKey}
            />
          ) : (
            <div key={item.id} className="gv-item" style={frameStyle(item.frame)}>
              <ItemContent item={item} />
            </div>
          ),
        )}
      </SlideStage>
      <div className="group-data-moving/canvas:invisible">
        <SelectionFrame
          items={chosen}
          scale={scale}
          onGrip={(event, grip) => {
            event.stopPropagation();
            beginDrag(event, grip, surface);
          }}
        />
        {only?.kind === 'table' && isMovable(only) ? (
          <TableBorders editing={editing} item={only} scale={scale} />
        ) : null}
        {/* While words are typed, what is pressed beside them is in the panel: it is done to the words. */}
        {isTyping ? null : <ObjectBar editing={editing} items={chosen} scale={scale} onPickLink={onPickLink} />}
      </div>
      <CheckMarks deck={deck} slideId={slideId} scale={scale} />
      <Others deck={deck} slideId={slideId} others={others} scale={scale} />
      <Guides scale={scale} />
      {isInking ? <InkArea editing={editing} slideId={slideId} scale={scale} /> : null}
      {marquee ? (
        <div
          aria-hidden
          className="pointer-events-none absolute border border-dusk bg-dusk/15"
          style={{
            left: marquee.x * scale,
            top: marquee.y * scale,
            width: marquee.width * scale,
            height: marquee.height * scale,
          }}
        />
      ) : null}
    </div>
  );
}

/** The slide's items from back to front; unchanged items keep their identity, so only changed ones are drawn anew. */
function useItems(deck: Deck, slideId: SlideId) {
  return useMemo(() => itemsToDraw(deck, slideId), [deck, slideId]);
}

/** Takes keys pressed in a cell, on the deck as it is by then; keeps its identity, as text editors keep what they are given. */
function useCellKey(editing: Editing) {
  const present = useRef(editing);
  useEffect(() => {
    present.current = editing;
  });
  return useCallback(
    (id: ItemId, field: CellField, event: KeyboardEvent) => cellKey(event, present.current, id, field),
    [],
  );
}

/** Looks up where items are by now; keeps its identity, so that nothing is drawn anew for it. */
function useFrameOf(deck: Deck): FrameOf {
  const present = useRef(deck);
  useEffect(() => {
    // Asked while something is dragged, long after it was drawn.
    present.current = deck;
  });
  return useCallback((id) => present.current.items[id]?.frame ?? null, []);
}
