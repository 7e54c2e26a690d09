/** A section in the strip: a line with its name over its slides; folds it, drags it, and what can be done with it. */
import { type Deck, type Section, slidesWithin } from '@gobrel/core/deck';
import { ChevronDown, ChevronRight } from 'lucide-react';
import { messages } from '../../../shared/messages';
import { fold } from '../state/desk';
import type { Editing } from '../state/editing';
import { SectionMenu } from './section-actions';
import { DropMarker, useDragged } from './sortable-order';
import type { StripPlace } from './strip-places';

interface SectionLineProps {
  readonly deck: Deck;
  readonly run: Editing['run'];
  readonly tellDone: Editing['tellDone'];
  readonly section: Section;
  readonly isFolded: boolean;
  readonly place: StripPlace;
}

export function SectionLine({ deck, run, tellDone, section, isFolded, place }: SectionLineProps) {
  const dragged = useDragged(section.id);
  const title = section.title || messages.order.unnamedSection;
  const count = slidesWithin(deck, section.id).length;
  const Sign = isFolded ? ChevronRight : ChevronDown;
  return (
    <li
      ref={dragged.setDraggableNodeRef}
      className="pointer-events-none absolute inset-y-0"
      style={{ insetInlineStart: place.start, width: place.line - 8, ...dragged.style }}
    >
      {/* Where it begins is what others are dropped before or behind, not the middle of its line. */}
      <span ref={dragged.setDroppableNodeRef} aria-hidden className="absolute -start-2 top-0 h-6 w-2" />
      <DropMarker side={dragged.marker} />
      <span className="pointer-events-auto flex h-[25px] items-center border-b border-edge text-xs pointer-coarse:h-11">
        <span className="sticky start-0 flex h-full min-w-0 items-center bg-paper">
          <button
            type="button"
            {...dragged.attributes}
            {...dragged.listeners}
            aria-label={messages.order.sectionLabel({ title, slides: count, folded: isFolded })}
            aria-expanded={!isFolded}
            onClick={() => fold(section.id, !isFolded)}
            className="flex h-full min-w-0 items-center gap-0.5 rounded-md font-semibold hover:bg-rule/50"
            data-section={section.id}
          >
            <Sign size={14} aria-hidden className="flex-none" />
            <span className="truncate">{title}</span>
          </button>
          <SectionMenu
            deck={deck}
            run={run}
            tellDone={tellDone}
            section={section}
            className="flex h-full w-6 flex-none items-center justify-center rounded-md hover:bg-rule/50 pointer-coarse:w-11"
          />
        </span>
      </span>
      {isFolded || count === 0 ? (
        <span className="mt-2 block w-24 rounded border border-dashed border-edge px-1 py-4 text-center text-xs text-soft">
          {messages.order.slidesIn({ count })}
        </span>
      ) : null}
    </li>
  );
}
