/** A slide with everybody's dots, lines, drawings and placements over one another, the thicker the darker. */
import { type Deck, itemsOf, type PointItem, type SlideId, sizeOf } from '@gobrel/core/deck';
import { densityOf, dotsIn, layerPlacements, tallyPoints } from '@gobrel/core/questions';
import type { Work } from '@gobrel/core/work';
import { SlideView } from '@gobrel/slide-view';
import { useLayoutEffect, useMemo, useRef, useState } from 'react';
import { messages } from '../messages';
import { DrawingLayers, Heat, HEAT } from './layers';

interface LayeredSlideProps {
  readonly edition: Deck;
  readonly slideId: SlideId;
  readonly works: readonly Work[];
  /** In CSS pixels. */
  readonly width: number;
}

/** Where the ground of a question stands, in CSS pixels from the corner of the slide. */
interface Place {
  readonly left: number;
  readonly top: number;
  readonly width: number;
  readonly height: number;
  /** As CSS has it. */
  readonly rotate: string;
}

const INK = '#1d2b2a';

export function LayeredSlide({ edition, slideId, works, width }: LayeredSlideProps) {
  const around = useRef<HTMLDivElement>(null);
  const [places, setPlaces] = useState<ReadonlyMap<string, Place>>(new Map());
  const size = sizeOf(edition);
  const height = (width * size.height) / size.width;
  const grounds = useMemo(
    () => itemsOf(edition, slideId).filter((item) => item.kind === 'point' || item.kind === 'draw'),
    [edition, slideId],
  );
  useLayoutEffect(() => {
    // Only the browser knows where the picture of a question comes to stand below its words.
    const box = around.current?.getBoundingClientRect();
    if (!box) return;
    const scale = width / size.width;
    const found = grounds.flatMap(({ id, frame }): [string, Place][] => {
      const ground = around.current?.querySelector<HTMLElement>(`[data-ground="${id}"]`);
      if (!ground) return [];
      // Of a turned question the box around its ground is larger than the ground; the middle of both is the same.
      const { left, top, width: wide, height: high } = ground.getBoundingClientRect();
      const own = { width: ground.offsetWidth * scale, height: ground.offsetHeight * scale };
      return [
        [
          id,
          {
            left: left - box.left + (wide - own.width) / 2,
            top: top - box.top + (high - own.height) / 2,
            ...own,
            rotate: `${frame.rotation}deg`,
          },
        ],
      ];
    });
    setPlaces(new Map(found));
  }, [grounds, width, edition, size.width]);
  const laid = useMemo(() => layerPlacements(edition, slideId, works), [edition, slideId, works]);
  return (
    <div
      ref={around}
      role="img"
      aria-label={messages.watching.layers({ count: works.length })}
      className="relative overflow-hidden"
      style={{ width, height }}
    >
      <div aria-hidden inert>
        <SlideView deck={edition} slideId={slideId} width={width} label="" />
      </div>
      {grounds.map((item) => {
        const place = places.get(item.id);
        return place ? (
          <div key={item.id} className="absolute" style={place}>
            {item.kind === 'point' ? <Dots item={item} works={works} /> : <DrawingLayers item={item} works={works} />}
          </div>
        ) : null;
      })}
      {laid.length > 0 ? (
        <div className="absolute inset-0">
          <Heat density={densityOf(laid, size.height / size.width)} />
          {laid.map(({ x, y, name }, at) => (
            <span
              key={at}
              title={name}
              className="absolute -translate-x-1/2 -translate-y-1/2 whitespace-nowrap rounded-full bg-[#fffcf5cc] px-1 text-[10px] text-[#1d2b2a]"
              style={{ left: `${x * 100}%`, top: `${y * 100}%` }}
            >
              {name}
            </span>
          ))}
        </div>
      ) : null}
    </div>
  );
}

function Dots({ item, works }: { item: PointItem; works: readonly Work[] }) {
  const { density, dots } = useMemo(() => tallyPoints(item, works), [item, works]);
  const isLine = item.mark === 'line' || item.mark === 'arrow';
  return (
    <>
      {isLine ? null : <Heat density={density} />}
      <svg className="absolute inset-0 size-full" viewBox="0 0 1000 1000" preserveAspectRatio="none" aria-hidden>
        {isLine
          ? works.map((work, at) => {
              const [from, to] = dotsIn(work, item.id);
              return from && to ? (
                <line
                  key={at}
                  x1={from.x * 1000}
                  y1={from.y * 1000}
                  x2={to.x * 1000}
                  y2={to.y * 1000}
                  stroke={HEAT}
                  strokeWidth={3}
                  opacity={0.5}
                  vectorEffect="non-scaling-stroke"
                />
              ) : null;
            })
          : null}
      </svg>
      {dots.map(({ x, y }, at) => (
        <span
          key={at}
          className="absolute size-2 -translate-x-1/2 -translate-y-1/2 rounded-full border border-[#fffcf5]"
          style={{ left: `${x * 100}%`, top: `${y * 100}%`, background: INK }}
        />
      ))}
    </>
  );
}
