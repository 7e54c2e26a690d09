/** The running order as a grid of large pictures: to see all of it, choose several slides, and move them. */
import { type Deck, drawingOf, isSection, numberOf, type SlideId, slidesInOrder } from '@gobrel/core/deck';
import { useEffect, useRef } from 'react';
import type { CoAuthor } from '../../../live';
import { slideName } from '../../../slides';
import { words } from '../../../words';
import type { Editing } from '../editing';
import { SectionTile } from './section-tile';
import { SlideTile } from './slide-tile';
import { SortableOrder } from './sortable-order';
import type { SlideActions } from './use-slide-actions';
import { useTiles } from './use-tiles';

/** Width of a picture, in CSS pixels. */
const PICTURE = 212;

interface GridProps {
  readonly deck: Deck;
  readonly run: Editing['run'];
  readonly undo: () => void;
  readonly others: readonly CoAuthor[];
  readonly current: SlideId;
  readonly actions: SlideActions;
  readonly onGo: (slideId: SlideId) => void;
  /** Opens a slide to work on it. */
  readonly onOpen: (slideId: SlideId) => void;
}

export function Grid({ deck, run, undo, others, current, actions, onGo, onOpen }: GridProps) {
  const { entries, folded, chosen, press, pick, key } = useTiles({ deck, current, onGo, actions, onOpen });
  const list = useRef<HTMLOListElement>(null);
  useEffect(() => {
    // Keys work from the slide that was worked on, without pressing anything first.
    list.current?.querySelector<HTMLElement>('[aria-current]')?.focus();
  }, []);
  const places = new Map(slidesInOrder(deck).map((slide, place) => [slide.id, place + 1]));
  return (
    <main aria-label={words.order.grid} className="dotted-ground min-w-0 flex-1 overflow-y-auto p-4">
      <SortableOrder deck={deck} run={run} ids={entries.map((entry) => entry.id)} chosen={chosen}>
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
                undo={undo}
                section={entry}
                isFolded={folded.has(entry.id)}
                wide
              />
            ) : (
              <SlideTile
                key={entry.id}
                drawing={drawingOf(deck, entry.id)}
                name={slideName(deck, entry.id)}
                slide={entry}
                number={numberOf(deck, entry.id)}
                place={places.get(entry.id) ?? 0}
                count={places.size}
                here={others.flatMap((other) => (other.at === entry.id ? [other.name] : [])).join(', ')}
                isCurrent={entry.id === current}
                isChosen={chosen.length > 1 && chosen.includes(entry.id)}
                width={PICTURE}
                withBox
                onPress={press}
                onPick={pick}
                onKey={key}
                onOpen={onOpen}
              />
            ),
          )}
        </ol>
      </SortableOrder>
    </main>
  );
}
