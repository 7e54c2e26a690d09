/** The heading of a section as a line of its own, in grid and outline: folds it, and what can be done with it. */
import { type Deck, type Section, slidesWithin } from '@gobrel/core/deck';
import { ChevronDown, ChevronRight } from 'lucide-react';
import { messages } from '../../../shared/messages';
import { fold } from '../state/desk';
import type { Editing } from '../state/editing';
import { SectionMenu } from './section-actions';
import { cellStyle, type GridPlace } from './grid-places';
import { DropMarker, useDragged } from './sortable-order';

interface SectionTileProps {
  readonly deck: Deck;
  readonly run: Editing['run'];
  readonly tellDone: Editing['tellDone'];
  readonly section: Section;
  readonly isFolded: boolean;
  /** Where it stands in a grid; over its whole width where it is not given. */
  readonly place?: GridPlace | undefined;
}

export function SectionTile({ deck, run, tellDone, section, isFolded, place }: SectionTileProps) {
  const dragged = useDragged(section.id);
  const title = section.title || messages.order.unnamedSection;
  const count = slidesWithin(deck, section.id).length;
  const Sign = isFolded ? ChevronRight : ChevronDown;
  return (
    <li
      ref={dragged.setNodeRef}
      style={{ ...(place ? cellStyle(place) : { gridColumn: '1 / -1' }), ...dragged.style }}
      className="relative flex min-w-0 items-center"
    >
      <DropMarker side={dragged.marker} />
      <button
        type="button"
        {...dragged.attributes}
        {...dragged.listeners}
        aria-label={messages.order.sectionLabel({ title, slides: count, folded: isFolded })}
        aria-expanded={!isFolded}
        onClick={() => fold(section.id, !isFolded)}
        className="flex min-h-11 min-w-0 items-center gap-1.5 rounded-md px-1 text-start font-display text-lg font-bold hover:bg-card"
        data-section={section.id}
      >
        <span aria-hidden className="inline-block" style={{ width: section.depth * 20 }} />
        <span className="min-w-0 truncate">
          <Sign size={20} aria-hidden className="inline flex-none align-[-0.15em]" /> {title}
        </span>{' '}
        <span className="flex-none text-sm font-normal text-soft">{messages.order.slidesIn({ count })}</span>
      </button>
      <SectionMenu
        deck={deck}
        run={run}
        tellDone={tellDone}
        section={section}
        className="inline-flex size-11 items-center justify-center rounded-md hover:bg-card"
      />
    </li>
  );
}
