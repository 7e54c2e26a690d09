/** The running order as a strip of live pictures, of which only those near the screen are there. */
import { type Deck, type Entry, isSection, type LayoutName, sizeOf } from '@gobrel/core/deck';
import { useVirtualizer } from '@tanstack/react-virtual';
import { LayoutTemplate, Plus } from 'lucide-react';
import { memo, useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { isCoarsePointer, Popover, useLowScreen } from '../../../shared/ui';
import { direction, messages } from '../../../shared/messages';
import { LayoutPicker } from '../palette/layout-picker';
import { SectionLine } from './section-line';
import { SlideTile } from './slide-tile';
import { SortableOrder } from './sortable-order';
import { STRIP, stripPlaces } from './strip-places';
import { type OrderProps, useTiles } from './use-tiles';

/** Height of the row of sections, of the words under a picture and of both rims, in CSS pixels; places ahead of the screen. */
const TILE = { sections: { fine: 26, coarse: 46 }, words: 22, rims: 4, ahead: 5 };

interface StripProps extends OrderProps {
  /** Adds a slide after the current one. */
  readonly onAdd: (layout: LayoutName) => void;
  /** Looks among the templates. */
  readonly onTemplates: () => void;
}

export const Strip = memo(function Strip(props: StripProps) {
  const { deck, run, tellDone, others, current, actions, onGo, onAdd, onTemplates } = props;
  const { entries, folded, chosen, tileOf } = useTiles({ deck, others, current, onGo, actions });
  const scroller = useRef<HTMLDivElement>(null);
  const places = useMemo(() => stripPlaces(entries), [entries]);
  const tiles = useVirtualizer({
    horizontal: true,
    isRtl: direction === 'rtl',
    count: entries.length,
    getScrollElement: () => scroller.current,
    // Known by their ids: the places are looked up anew whenever other entries are there.
    getItemKey: useCallback((index: number) => entries[index]?.id ?? index, [entries]),
    estimateSize: (index) => places[index]?.size ?? STRIP.step,
    overscan: TILE.ahead,
    paddingStart: STRIP.margin,
    paddingEnd: STRIP.margin,
    initialRect: { width: 1280, height: 0 },
  });
  const at = entries.findIndex((entry) => entry.id === current);
  useEffect(() => {
    // The strip scrolls to the slide that is worked on.
    if (at >= 0) tiles.scrollToIndex(at, { align: 'auto' });
  }, [at, tiles]);
  const size = sizeOf(deck);
  const isLow = useLowScreen();
  const picture = isLow ? 0 : (STRIP.picture * size.height) / size.width;
  const hasSections = entries.some(isSection);
  const row = hasSections ? TILE.sections[isCoarsePointer() ? 'coarse' : 'fine'] : TILE.rims;
  const shown = inSight(
    tiles.getVirtualItems().map(({ index }) => index),
    entries,
  );
  return (
    <section aria-label={messages.editor.strip} className="flex border-t border-rule ps-3">
      <AddButtons isLow={isLow} size={deck.size} onAdd={onAdd} onTemplates={onTemplates} />
      <SortableOrder deck={deck} run={run} entries={entries} chosen={chosen}>
        <div
          ref={scroller}
          className="min-w-0 flex-1 overflow-x-auto overflow-y-hidden ps-2 pt-1 [scrollbar-width:thin]"
        >
          <ol
            className="relative"
            style={{
              width: tiles.getTotalSize(),
              height: row + picture + TILE.words + TILE.rims,
            }}
          >
            {shown.map((index) => {
              const [entry, place] = [entries[index], places[index]];
              if (!entry || !place) return null;
              return isSection(entry) ? (
                <SectionLine
                  key={entry.id}
                  deck={deck}
                  run={run}
                  tellDone={tellDone}
                  section={entry}
                  isFolded={folded.has(entry.id)}
                  place={place}
                />
              ) : (
                <SlideTile
                  key={entry.id}
                  {...tileOf(entry)}
                  width={STRIP.picture}
                  withPicture={!isLow}
                  at={{ start: place.start, top: row }}
                />
              );
            })}
          </ol>
        </div>
      </SortableOrder>
    </section>
  );
});

/** The entries to be drawn: those near the screen, and the section that the first of them is in. */
function inSight(near: readonly number[], entries: readonly Entry[]): readonly number[] {
  const [first = 0] = near;
  const around = entries.findLastIndex((entry, index) => index < first && isSection(entry));
  return around < 0 ? near : [around, ...near];
}

type AddButtonsProps = Pick<StripProps, 'onAdd' | 'onTemplates'> & {
  readonly size: Deck['size'];
  readonly isLow: boolean;
};

function AddButtons({ size, isLow, onAdd, onTemplates }: AddButtonsProps) {
  const [choosing, setChoosing] = useState(false);
  return (
    <div className={`flex flex-none py-1.5 ${isLow ? '' : 'flex-col'}`}>
      <button
        type="button"
        aria-label={messages.editor.addSlide}
        title={messages.editor.addSlide}
        onClick={() => onAdd('title-and-text')}
        className="flex h-11 w-10 items-center justify-center rounded-t-md pointer-coarse:w-14 border border-dashed border-ink hover:bg-card"
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
            className="flex h-11 w-10 items-center justify-center rounded-b-md pointer-coarse:w-14 border border-t-0 border-dashed border-ink hover:bg-card"
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
          onTemplates={() => {
            setChoosing(false);
            onTemplates();
          }}
        />
      </Popover>
    </div>
  );
}
