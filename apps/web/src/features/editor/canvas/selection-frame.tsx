/** The frame around what is selected, with handles to resize and turn it. */
import { drawnCourse, isMovable, type Item, type LineItem } from '@gobrel/core/deck';
import { boundsOfAll, type Frame, type Handle, middleOf, type Point } from '@gobrel/core/geometry';
import { Lock, RotateCw } from 'lucide-react';
import type { PointerEvent } from 'react';
import { isCoarsePointer } from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import { useDragPreview } from './drag-preview';
import type { LineGrip } from './drag-line';
import type { Grip } from './dragged-frames';

interface SelectionFrameProps {
  /** What is selected on the slide; several are framed together. */
  readonly items: readonly Item[];
  readonly scale: number;
  readonly onGrip: (event: PointerEvent<HTMLElement>, grip: Grip | LineGrip) => void;
}

const handles: readonly (Handle & { readonly cursor: string })[] = [
  { horizontal: -1, vertical: -1, cursor: 'nwse-resize' },
  { horizontal: 0, vertical: -1, cursor: 'ns-resize' },
  { horizontal: 1, vertical: -1, cursor: 'nesw-resize' },
  { horizontal: 1, vertical: 0, cursor: 'ew-resize' },
  { horizontal: 1, vertical: 1, cursor: 'nwse-resize' },
  { horizontal: 0, vertical: 1, cursor: 'ns-resize' },
  { horizontal: -1, vertical: 1, cursor: 'nesw-resize' },
  { horizontal: -1, vertical: 0, cursor: 'ew-resize' },
];

export function SelectionFrame({ items, scale, onGrip }: SelectionFrameProps) {
  const preview = useDragPreview((drag) => drag.frames);
  const draggedLine = useDragPreview((drag) => drag.line);
  const frames = items.map((item) => preview[item.id] ?? item.frame);
  const [first] = frames;
  if (!first) return null;
  const [only] = items;
  if (only?.kind === 'line' && items.length === 1 && isMovable(only)) {
    const line = draggedLine ?? { ...only, frame: first };
    return <LineHandles line={line} scale={scale} onGrip={onGrip} />;
  }
  const around = boundsOfAll(frames) ?? first;
  const fixed = !items.some(isMovable);
  const frame: Frame = frames.length === 1 ? first : { ...around, rotation: 0 };
  return (
    <>
      {frames.length > 1
        ? frames.map((each, index) => (
            <div
              key={items[index]?.id}
              aria-hidden
              className="pointer-events-none absolute border border-select/60 outline-1 outline-route-casing/60"
              style={placed(each, scale)}
            />
          ))
        : null}
      <HandledFrame frame={frame} fixed={fixed} scale={scale} onGrip={onGrip} />
    </>
  );
}

/** The handles of a line: its ends, and the middle that bends it. */
function LineHandles({ line, scale, onGrip }: { line: LineItem } & Pick<SelectionFrameProps, 'scale' | 'onGrip'>) {
  const course = drawnCourse(line);
  const handle = (name: string, at: Point, grip: LineGrip, look: string) => (
    <span
      key={name}
      aria-hidden
      data-handle={name}
      title={messages.lines.handles[grip.kind]}
      className="pointer-events-auto absolute flex size-6 -translate-x-1/2 -translate-y-1/2 cursor-move touch-none items-center justify-center pointer-coarse:size-11"
      style={{ left: at.x * scale, top: at.y * scale }}
      onPointerDown={(event) => onGrip(event, grip)}
    >
      <span className={`border-2 border-select ${look}`} />
    </span>
  );
  return (
    <div className="pointer-events-none absolute left-0 top-0">
      {handle(
        'from',
        course.from,
        { kind: 'line-end', which: 'from' },
        `size-3 rounded-full ${tiedLook(line.from.at)}`,
      )}
      {handle('to', course.to, { kind: 'line-end', which: 'to' }, `size-3 rounded-full ${tiedLook(line.to.at)}`)}
      {handle('middle', middleOf(course), { kind: 'line-middle' }, 'size-3 rotate-45 bg-route-casing')}
    </div>
  );
}

/** An end that is tied is filled. */
function tiedLook(at: string | null): string {
  return at === null ? 'bg-route-casing' : 'bg-select';
}

function placed(frame: Frame, scale: number) {
  return {
    left: frame.x * scale,
    top: frame.y * scale,
    width: frame.width * scale,
    height: frame.height * scale,
    transform: `rotate(${frame.rotation}deg)`,
  };
}

interface HandledFrameProps extends Pick<SelectionFrameProps, 'scale' | 'onGrip'> {
  readonly frame: Frame;
  /** Whether nothing of it moves: then it has no handles. */
  readonly fixed: boolean;
}

/** A side shorter than this has its handles beside it, in CSS pixels: the item itself can still be grasped. */
const SHORT = { fine: 56, coarse: 110 };

function HandledFrame({ frame, fixed, scale, onGrip }: HandledFrameProps) {
  const short = isCoarsePointer() ? SHORT.coarse : SHORT.fine;
  const beside = { horizontal: frame.width * scale < short, vertical: frame.height * scale < short };
  const place = (side: -1 | 0 | 1, isBeside: boolean) =>
    isBeside && side !== 0 ? `calc(${(side + 1) * 50}% + ${(side * short) / 5}px)` : `${(side + 1) * 50}%`;
  // In the middle of a short side there is no room for a handle between those of its corners.
  const shown = handles.filter(
    ({ horizontal, vertical }) => !(horizontal === 0 && beside.horizontal) && !(vertical === 0 && beside.vertical),
  );
  return (
    <div
      aria-hidden
      className={`pointer-events-none absolute border-2 outline-[1.5px] outline-route-casing ${fixed ? 'border-dashed border-[#8a5a00]' : 'border-select'}`}
      style={placed(frame, scale)}
    >
      {fixed ? (
        <span className="absolute left-1 top-1 rounded bg-amber p-1 text-card">
          <Lock size={14} />
        </span>
      ) : null}
      {!fixed ? (
        <>
          {shown.map((handle) => (
            <span
              key={`${handle.horizontal} ${handle.vertical}`}
              data-handle={`${handle.horizontal},${handle.vertical}`}
              className="pointer-events-auto absolute flex size-6 -translate-x-1/2 -translate-y-1/2 touch-none items-center justify-center pointer-coarse:size-11"
              style={{
                left: place(handle.horizontal, beside.horizontal),
                top: place(handle.vertical, beside.vertical),
                cursor: handle.cursor,
              }}
              onPointerDown={(event) => onGrip(event, { kind: 'handle', handle })}
            >
              <span className="size-2.5 border-2 border-select bg-route-casing" />
            </span>
          ))}
          <span
            data-handle="turn"
            title={messages.editor.turn}
            className="pointer-events-auto absolute -top-9 left-1/2 flex size-7 -translate-x-1/2 cursor-grab touch-none items-center justify-center rounded-full border-2 border-select bg-route-casing text-select pointer-coarse:-top-14 pointer-coarse:size-11"
            onPointerDown={(event) => onGrip(event, { kind: 'turn' })}
          >
            <RotateCw size={14} />
          </span>
        </>
      ) : null}
    </div>
  );
}
