/** The running order as a strip of live pictures, of which only those near the screen are there. */
import { type Deck, isSection, type LayoutName, sizeOf } from '@gobrel/core/deck';
import { useVirtualizer } from '@tanstack/react-virtual';
import { LayoutTemplate, Plus } from 'lucide-react';
import { memo, useEffect, useRef, useState } from 'react';
import { Popover } from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import { LayoutPicker } from '../palette/layout-picker';
import { SectionTile } from './section-tile';
import { SlideTile } from './slide-tile';
import { SortableOrder } from './sortable-order';
import { type OrderProps, useTiles } from './use-tiles';

/**
 * Width of a picture and of a place in the strip, height of the words under a picture and of the strip at the least,
 * in CSS pixels; and how many places outside the screen are there.
 */
const TILE = { picture: 104, step: 116, margin: 6, words: 40, least: 100, ahead: 5 };

interface StripProps extends OrderProps {
  /** Adds a slide after the current one. */
  readonly onAdd: (layout: LayoutName) => void;
  /** Looks among the starters. */
  readonly onStarters: () => void;
}

export const Strip = memo(function Strip(props: StripProps) {
  const { deck, run, tellDone, others, current, actions, onGo, onAdd, onStarters } = props;
  const { entries, folded, chosen, tileOf } = useTiles({ deck, others, current, onGo, actions });
  const scroller = useRef<HTMLDivElement>(null);
  const tiles = useVirtualizer({
    horizontal: true,
    count: entries.length,
    getScrollElement: () => scroller.current,
    estimateSize: () => TILE.step,
    overscan: TILE.ahead,
    paddingStart: TILE.margin,
    paddingEnd: TILE.margin,
    initialRect: { width: 1280, height: 0 },
  });
  const at = entries.findIndex((entry) => entry.id === current);
  useEffect(() => {
    // The strip scrolls to the slide that is worked on.
    if (at >= 0) tiles.scrollToIndex(at, { align: 'auto' });
  }, [at, tiles]);
  const size = sizeOf(deck);
  const height = Math.max(TILE.least, (TILE.picture * size.height) / size.width + TILE.words);
  return (
    <section aria-label={messages.editor.strip} className="flex border-t border-rule pl-3">
      <AddButtons size={deck.size} onAdd={onAdd} onStarters={onStarters} />
      <SortableOrder deck={deck} run={run} entries={entries} chosen={chosen}>
        <div ref={scroller} className="min-w-0 flex-1 overflow-x-auto overflow-y-hidden pl-2 pt-3">
          <ol className="relative" style={{ width: tiles.getTotalSize(), height }}>
            {tiles.getVirtualItems().map(({ index, start }) => {
              const entry = entries[index];
              if (!entry) return null;
              if (isSection(entry)) {
                return (
                  <SectionTile
                    key={entry.id}
                    deck={deck}
                    run={run}
                    tellDone={tellDone}
                    section={entry}
                    isFolded={folded.has(entry.id)}
                    style={{ position: 'absolute', left: start, width: TILE.picture + 2 }}
                  />
                );
              }
              return <SlideTile key={entry.id} {...tileOf(entry)} width={TILE.picture} left={start} />;
            })}
          </ol>
        </div>
      </SortableOrder>
    </section>
  );
});

type AddButtonsProps = Pick<StripProps, 'onAdd' | 'onStarters'> & { readonly size: Deck['size'] };

function AddButtons({ size, onAdd, onStarters }: AddButtonsProps) {
  const [choosing, setChoosing] = useState(false);
  return (
    <div className="flex flex-none flex-col pt-3">
      <button
        type="button"
        aria-label={messages.editor.addSlide}
        title={messages.editor.addSlide}
        onClick={() => onAdd('title-and-text')}
        className="flex h-11 w-14 items-center justify-center rounded-t-md border border-dashed border-ink hover:bg-card"
      >
        <Plus aria-hidden />
      </button>
      <Popover
        label={messages.editor.addFrom}
        side="right"
        open={choosing}
        onOpenChange={setChoosing}
        trigger={
          <button
            type="button"
            aria-label={messages.editor.addFrom}
            title={messages.editor.addFrom}
            className="flex h-11 w-14 items-center justify-center rounded-b-md border border-t-0 border-dashed border-ink hover:bg-card"
          >
            <LayoutTemplate size={18} aria-hidden />
          </button>
        }
      >
        <LayoutPicker
          label={messages.editor.addFrom}
          size={size}
          value={null}
          onPick={(layout) => {
            setChoosing(false);
            onAdd(layout);
          }}
          onStarters={() => {
            setChoosing(false);
            onStarters();
          }}
        />
      </Popover>
    </div>
  );
}
