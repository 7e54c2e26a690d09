/** The running order as a strip of live pictures; dragged by mouse, touch and keys. */
import {
  closestCenter,
  DndContext,
  type DragEndEvent,
  KeyboardSensor,
  MouseSensor,
  TouchSensor,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import {
  horizontalListSortingStrategy,
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
} from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import {
  type Deck,
  drawingOf,
  type LayoutName,
  moveSlides,
  type Slide,
  type SlideId,
  slidesInOrder,
} from '@gobrel/core/deck';
import { linksFrom } from '@gobrel/core/routes';
import { LayoutTemplate, Plus } from 'lucide-react';
import { memo, useEffect, useMemo, useRef, useState } from 'react';
import { slideName, Thumbnail } from '../../slides';
import { Popover } from '../../ui';
import { words } from '../../words';
import type { CoAuthor } from '../../live';
import type { Editing } from './editing';
import { LayoutPicker } from './layout-picker';

interface StripProps {
  readonly deck: Deck;
  readonly run: Editing['run'];
  readonly others: readonly CoAuthor[];
  readonly current: SlideId;
  readonly onGo: (slideId: SlideId) => void;
  /** Adds a slide after the current one. */
  readonly onAdd: (layout: LayoutName) => void;
}

export const Strip = memo(function Strip({ deck, run, others, current, onGo, onAdd }: StripProps) {
  const [choosing, setChoosing] = useState(false);
  const slides = slidesInOrder(deck);
  // Sorting starts anew whenever the list of ids is another one, so it is kept while the order is the same.
  const order = slides.map((slide) => slide.id).join(' ');
  const ids = useMemo(() => (order === '' ? [] : order.split(' ')), [order]);
  const sensors = useSensors(
    useSensor(MouseSensor, { activationConstraint: { distance: 6 } }),
    useSensor(TouchSensor, { activationConstraint: { delay: 220, tolerance: 8 } }),
    useSensor(KeyboardSensor, {
      coordinateGetter: sortableKeyboardCoordinates,
      keyboardCodes: { start: ['KeyM'], cancel: ['Escape'], end: ['KeyM', 'Enter'] },
    }),
  );
  const drop = ({ active, over }: DragEndEvent) => {
    if (over && active.id !== over.id) run(moveSlides(deck, [String(active.id)], ids.indexOf(String(over.id))));
  };
  return (
    <section aria-label={words.editor.strip} className="border-t border-rule">
      <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={drop}>
        <SortableContext items={ids} strategy={horizontalListSortingStrategy}>
          <ol className="flex items-start gap-2.5 overflow-x-auto px-4 pb-2 pt-3">
            {slides.map((slide, index) => (
              <StripSlide
                key={slide.id}
                drawing={drawingOf(deck, slide.id)}
                name={slideName(deck, slide.id)}
                slide={slide}
                place={index + 1}
                here={others.flatMap((other) => (other.at === slide.id ? [other.name] : [])).join(', ')}
                isCurrent={slide.id === current}
                onGo={onGo}
              />
            ))}
            <li className="flex flex-none">
              <button
                type="button"
                aria-label={words.editor.addSlide}
                title={words.editor.addSlide}
                onClick={() => onAdd('title-and-text')}
                className="flex h-[60px] w-[72px] items-center justify-center rounded-l border border-dashed border-ink hover:bg-card"
              >
                <Plus aria-hidden />
              </button>
              <Popover
                label={words.editor.addFrom}
                side="left"
                open={choosing}
                onOpenChange={setChoosing}
                trigger={
                  <button
                    type="button"
                    aria-label={words.editor.addFrom}
                    title={words.editor.addFrom}
                    className="flex h-[60px] w-11 items-center justify-center rounded-r border border-l-0 border-dashed border-ink hover:bg-card"
                  >
                    <LayoutTemplate size={18} aria-hidden />
                  </button>
                }
              >
                <LayoutPicker
                  label={words.editor.addFrom}
                  size={deck.size}
                  value={null}
                  onPick={(layout) => {
                    setChoosing(false);
                    onAdd(layout);
                  }}
                />
              </Popover>
            </li>
          </ol>
        </SortableContext>
      </DndContext>
    </section>
  );
});

interface StripSlideProps {
  /** The part of the deck that draws the slide: it changes only when the slide does. */
  readonly drawing: Deck;
  readonly name: string;
  readonly slide: Slide;
  readonly place: number;
  /** The names of other authors on this slide. */
  readonly here: string;
  readonly isCurrent: boolean;
  readonly onGo: (slideId: SlideId) => void;
}

const StripSlide = memo(function StripSlide({ drawing, name, slide, place, here, isCurrent, onGo }: StripSlideProps) {
  const { attributes, listeners, setNodeRef, transform, transition } = useSortable({ id: slide.id });
  const button = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    // The strip scrolls to the slide that is worked on.
    if (isCurrent) button.current?.scrollIntoView({ block: 'nearest', inline: 'nearest' });
  }, [isCurrent]);
  const exits = linksFrom(drawing, slide.id).length;
  return (
    <li
      ref={setNodeRef}
      style={{ transform: CSS.Translate.toString(transform), transition }}
      className="w-[106px] flex-none"
    >
      <button
        ref={button}
        type="button"
        {...attributes}
        {...listeners}
        aria-label={words.editor.stripSlide(place, name, slide.leftOut, exits, here)}
        data-slide={slide.id}
        aria-current={isCurrent ? 'true' : undefined}
        onClick={() => onGo(slide.id)}
        className="block w-full text-left"
      >
        <span className={`relative block rounded ${isCurrent ? 'outline-3 outline-offset-1 outline-dusk' : ''}`}>
          <span className={`block ${slide.leftOut ? 'opacity-50' : ''}`}>
            <Thumbnail deck={drawing} slideId={slide.id} width={104} />
          </span>
          {here ? (
            <span
              aria-hidden
              className="absolute bottom-1 left-1 max-w-[96px] truncate rounded bg-[#3d4e8a] px-1 text-[11px] font-bold leading-4 text-[#fffcf5]"
            >
              {here}
            </span>
          ) : null}
          {exits > 0 ? (
            <span
              aria-hidden
              className="absolute right-1 top-1 rounded bg-[#a84226] px-1 text-[11px] font-bold leading-4 text-[#fffcf5]"
            >
              {exits}→
            </span>
          ) : null}
        </span>
        <span className={`block truncate pt-1.5 text-xs ${isCurrent ? 'font-bold' : ''}`}>
          {place} {name}
        </span>
        {slide.leftOut ? <span className="block text-[11px] leading-3 text-soft">{words.editor.leftOut}</span> : null}
      </button>
    </li>
  );
});
