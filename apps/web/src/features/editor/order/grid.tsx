/** The running order as a grid of large pictures: to see all of it, choose several slides, and move them. */
import { isSection, type SlideId } from '@gobrel/core/deck';
import { useRoom } from '@gobrel/slide-view';
import { useEffect, useMemo, useRef } from 'react';
import { messages } from '../../../shared/messages';
import { gridPlaces } from './grid-places';
import { SectionTile } from './section-tile';
import { SlideTile } from './slide-tile';
import { SortableOrder } from './sortable-order';
import { type OrderProps, useTiles } from './use-tiles';

/** The least width of a picture, its edges, and the gap beside it, in CSS pixels; pictures grow until they fill the row. */
const LEAST = 176;
const EDGES = 2;
const GAP = 20;

interface GridProps extends OrderProps {
  /** Opens a slide to work on it. */
  readonly onOpen: (slideId: SlideId) => void;
}

export function Grid({ deck, run, tellDone, others, current, actions, onGo, onOpen }: GridProps) {
  const { entries, folded, chosen, tileOf } = useTiles({ deck, others, current, onGo, actions, onOpen });
  const list = useRef<HTMLOListElement>(null);
  const [around, { width }] = useRoom<HTMLDivElement>();
  const columns = Math.max(1, Math.floor((width + GAP) / (LEAST + EDGES + GAP)));
  const picture = Math.max(LEAST, Math.floor((width + GAP) / columns) - GAP - EDGES);
  const placeOf = useMemo(
    () => new Map(gridPlaces(entries, columns).map((place) => [place.id, place])),
    [entries, columns],
  );
  useEffect(() => {
    // Keys work from the slide that was worked on, without pressing anything first.
    list.current?.querySelector<HTMLElement>('[aria-current]')?.focus();
  }, []);
  return (
    <main aria-label={messages.order.grid} className="dotted-ground min-w-0 flex-1 overflow-y-auto p-4">
      <div ref={around}>
        <SortableOrder deck={deck} run={run} entries={entries} chosen={chosen}>
          <ol
            ref={list}
            className="grid justify-start gap-y-4"
            style={{ gridTemplateColumns: `repeat(${columns}, ${picture + EDGES}px)`, columnGap: GAP }}
          >
            {entries.map((entry) =>
              isSection(entry) ? (
                <SectionTile
                  key={entry.id}
                  deck={deck}
                  run={run}
                  tellDone={tellDone}
                  section={entry}
                  isFolded={folded.has(entry.id)}
                  place={placeOf.get(entry.id)}
                />
              ) : (
                <SlideTile
                  key={entry.id}
                  {...tileOf(entry)}
                  width={picture}
                  cell={placeOf.get(entry.id)}
                  withBox
                  onOpen={onOpen}
                />
              ),
            )}
          </ol>
        </SortableOrder>
      </div>
    </main>
  );
}
