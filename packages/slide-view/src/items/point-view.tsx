/** Draws a question answered by pointing: dots, a line or an arrow on a picture, or a place along a scale. */
import { groundRatio, type PointItem, type Region } from '@gobrel/core/deck';
import { atValue, dotsIn, valueAt } from '@gobrel/core/questions';
import { type Dot, mostDots } from '@gobrel/core/work';
import { type KeyboardEvent, useRef, useState } from 'react';
import { usePointerDrag } from '../dragging/use-pointer-drag.js';
import { canAnswer } from '../hands.js';
import { placeIn } from '../place-in.js';
import { useSurroundings } from '../surroundings.js';
import { DrawnGround } from './drawn-ground.js';
import type { ItemProps } from './item-props.js';
import { QuestionCard } from './question-card.js';
import { ScaleView } from './scale-view.js';

/** How far arrow keys move a dot, as a share of the picture; with Shift, finely. */
const STEP = 0.02;
const FINE = 0.005;

const clamp = (share: number) => Math.round(Math.min(1, Math.max(0, share)) * 1e4) / 1e4;

export function PointView({ item, fillIn, editing }: ItemProps<PointItem>) {
  const { asking } = useSurroundings().words;
  const area = useRef<HTMLDivElement>(null);
  const [dragged, setDragged] = useState<{ readonly at: number; readonly dot: Dot } | null>(null);
  const open = canAnswer(fillIn, item.id);
  const kept = fillIn ? dotsIn(fillIn.work, item.id) : [];
  const dots = dragged ? kept.map((dot, at) => (at === dragged.at ? dragged.dot : dot)) : kept;
  const most = item.axis ? 1 : mostDots(item);
  const set = (next: readonly Dot[]) => fillIn?.setAnswer(item.id, { kind: 'dots', dots: next });
  const onAxis = (dot: Dot): Dot => (item.axis ? atValue(item.axis, valueAt(item.axis, dot)) : dot);

  const placeOf = (event: { readonly clientX: number; readonly clientY: number }): Dot | null => {
    const place = area.current && placeIn(area.current, event);
    return place && onAxis({ x: clamp(place.x), y: clamp(place.y) });
  };
  const withDot = (at: number, dot: Dot) =>
    at < kept.length ? kept.map((each, place) => (place === at ? dot : each)) : [...kept, dot];
  /** A press moves the dot under it, or the only one; else it puts down another one. */
  const onPointerDown = usePointerDrag<HTMLDivElement, { readonly at: number; readonly before: readonly Dot[] }>({
    begin: (press) => {
      const dot = placeOf(press);
      if (!open || !dot) return null;
      const held = press.target instanceof Element ? press.target.closest('[data-dot]') : null;
      const at = held ? Number(held.getAttribute('data-dot')) : Math.min(kept.length, most - 1);
      if (!held) set(withDot(at, dot));
      setDragged({ at, dot: held ? (kept[at] ?? dot) : dot });
      return { at, before: kept };
    },
    move: (event, _by, { at }) => {
      const dot = placeOf(event);
      if (dot) setDragged({ at, dot });
    },
    drop: (event, _by, { at }) => {
      const dot = placeOf(event);
      if (dot) set(withDot(at, dot));
      setDragged(null);
    },
    press: () => setDragged(null),
    breakOff: (_by, { before }) => {
      set(before);
      setDragged(null);
    },
  });

  const byKeys = (at: number) => (event: KeyboardEvent) => {
    const dot = dots[at];
    if (!open || !dot) return;
    const step = event.shiftKey ? FINE : STEP;
    const ways: Readonly<Record<string, readonly [number, number]>> = {
      ArrowRight: [step, 0],
      ArrowLeft: [-step, 0],
      ArrowDown: [0, step],
      ArrowUp: [0, -step],
    };
    const way = ways[event.key];
    if (way)
      set(
        dots.map((one, place) => (place === at ? onAxis({ x: clamp(dot.x + way[0]), y: clamp(dot.y + way[1]) }) : one)),
      );
    else if (event.key === 'Delete' || event.key === 'Backspace') set(dots.filter((_, place) => place !== at));
    else return;
    event.preventDefault();
    event.stopPropagation();
  };

  const say = (dot: Dot) => {
    if (!item.axis) return asking.dotAt(Math.round(dot.x * 100), Math.round(dot.y * 100));
    return asking.onScale(String(Math.round(valueAt(item.axis, dot) * 100) / 100), item.axis.unit);
  };
  return (
    <QuestionCard item={item}>
      <DrawnGround
        ref={area}
        item={{ ...item, ratio: groundRatio(item) }}
        open={open}
        fills={item.axis !== null && item.picture === ''}
        onPointerDown={onPointerDown}
      >
        {item.axis ? <ScaleView axis={item.axis} /> : null}
        {editing ? item.regions.map((region) => <RegionView key={region.id} region={region} />) : null}
        {item.mark === 'line' || item.mark === 'arrow' ? (
          <DrawnLine dots={dots} hasHead={item.mark === 'arrow'} />
        ) : null}
        {dots.map((dot, at) => (
          <span
            key={at}
            data-dot={at}
            className="gv-dot"
            style={{ left: `${dot.x * 100}%`, top: `${dot.y * 100}%` }}
            {...(open
              ? { role: 'slider', tabIndex: 0, onKeyDown: byKeys(at), 'aria-roledescription': asking.dotHelp }
              : { role: 'img' })}
            aria-label={asking.dot(at + 1, most)}
            aria-valuetext={say(dot)}
            {...(open ? { 'aria-valuenow': Math.round(dot.x * 100) } : {})}
          />
        ))}
      </DrawnGround>
      {open ? (
        <div className="gv-tools">
          {dots.length < most ? (
            <button type="button" onClick={() => set([...dots, onAxis({ x: 0.5, y: 0.5 })])}>
              {asking.placeDot}
            </button>
          ) : null}
          {dots.length > 0 ? (
            <button type="button" onClick={() => set([])}>
              {asking.removeDots}
            </button>
          ) : null}
          {item.axis && dots[0] ? <output>{say(dots[0])}</output> : null}
        </div>
      ) : null}
    </QuestionCard>
  );
}

/** A region of the key, for its author. */
function RegionView({ region }: { region: Region }) {
  const percent = (share: number) => `${share * 100}%`;
  return (
    <span
      className={`gv-region gv-region-${region.shape}`}
      style={{
        left: percent(region.x),
        top: percent(region.y),
        width: percent(region.width),
        height: percent(region.height),
      }}
    />
  );
}

function DrawnLine({ dots: [from, to], hasHead }: { dots: readonly Dot[]; hasHead: boolean }) {
  if (!from || !to) return null;
  const percent = (share: number) => `${share * 100}%`;
  return (
    <svg className="gv-drawn" aria-hidden="true">
      {hasHead ? (
        <marker id="gv-arrow" viewBox="0 0 10 10" refX="16" refY="5" markerWidth="6" markerHeight="6" orient="auto">
          <path d="M0 0 10 5 0 10Z" fill="context-stroke" />
        </marker>
      ) : null}
      <line
        x1={percent(from.x)}
        y1={percent(from.y)}
        x2={percent(to.x)}
        y2={percent(to.y)}
        markerEnd={hasHead ? 'url(#gv-arrow)' : undefined}
      />
    </svg>
  );
}
