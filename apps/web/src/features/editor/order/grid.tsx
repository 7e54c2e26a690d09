/** The running order as a grid of large pictures: to see all of it, choose several slides, and move them. */
import { isSection, type SlideId } from '@gobrel/core/deck';
import { useEffect, useRef } from 'react';
import { messages } from '../../../shared/messages';
import { SectionTile } from './section-tile';
import { SlideTile } from './slide-tile';
import { SortableOrder } from './sortable-order';
import { type OrderProps, useTiles } from './use-tiles';

/** Width of a picture, in CSS pixels. */
const PICTURE = 212;

interface GridProps extends OrderProps {
  /** Opens a slide to work on it. */
  readonly onOpen: (slideId: SlideId) => void;
}

export function Grid({ deck, run, tellDone, others, current, actions, onGo, onOpen }: GridProps) {
  const { entries, folded, chosen, tileOf } = useTiles({ deck, others, current, onGo, actions, onOpen });
  const list = useRef<HTMLOListElement>(null);
  useEffect(() => {
    // Keys work from the slide that was worked on, without pressing anything first.
    list.current?.querySelector<HTMLElement>('[aria-current]')?.focus();
  }, []);
  return (
    <main aria-label={messages.order.grid} className="dotted-ground min-w-0 flex-1 overflow-y-auto p-4">
      <SortableOrder deck={deck} run={run} entries={entries} chosen={chosen}>
        <ol
          ref={list}
          className="grid justify-start gap-x-5 gap-y-4"
          style={{ gridTemplateColumns: `repeat(auto-fill, ${PICTURE + 2}px)` }}
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
              />
            ) : (
              <SlideTile key={entry.id} {...tileOf(entry)} width={PICTURE} withBox onOpen={onOpen} />
            ),
          )}
        </ol>
      </SortableOrder>
    </main>
  );
}
