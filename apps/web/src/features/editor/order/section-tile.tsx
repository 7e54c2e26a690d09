/** The heading of a section in the running order: folds it, and what can be done with it. */
import {
  blockOf,
  type Deck,
  endSection,
  nestSection,
  removeSection,
  type Section,
  slidesInOrder,
  slidesWithin,
  stepEntries,
} from '@gobrel/core/deck';
import { ChevronDown, ChevronRight, Ellipsis } from 'lucide-react';
import { type CSSProperties, useState } from 'react';
import { Button, Field, Popover } from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import { fold, useDesk } from '../state/desk';
import type { Editing } from '../state/editing';
import { DropMarker, useDragged } from './sortable-order';

interface SectionTileProps {
  readonly deck: Deck;
  readonly run: Editing['run'];
  readonly tellDone: Editing['tellDone'];
  readonly section: Section;
  readonly isFolded: boolean;
  /** Whether it stands as a line of its own, or as a tile among the slides. */
  readonly wide?: boolean;
  readonly style?: CSSProperties;
}

export function SectionTile({ deck, run, tellDone, section, isFolded, wide = false, style }: SectionTileProps) {
  const dragged = useDragged(section.id);
  const isNew = useDesk((desk) => desk.naming === section.id);
  const [open, setOpen] = useState(isNew);
  const title = section.title || messages.order.unnamedSection;
  const count = slidesWithin(deck, section.id).length;
  const Sign = isFolded ? ChevronRight : ChevronDown;
  return (
    <li
      ref={dragged.setNodeRef}
      style={{ ...style, ...dragged.style }}
      className={wide ? 'relative col-span-full flex items-center' : 'relative flex h-[88px] flex-col'}
    >
      <DropMarker side={dragged.marker} />
      <button
        type="button"
        {...dragged.attributes}
        {...dragged.listeners}
        aria-label={messages.order.sectionLabel({ title, slides: count, folded: isFolded })}
        aria-expanded={!isFolded}
        onClick={() => fold(section.id, !isFolded)}
        className={
          wide
            ? 'flex min-h-11 items-center gap-1.5 rounded-md px-1 font-display text-lg font-bold hover:bg-card'
            : 'min-h-0 flex-1 rounded-t-md border border-b-0 border-edge bg-card px-1.5 pt-1 text-left text-xs font-bold'
        }
        data-section={section.id}
      >
        <span
          aria-hidden
          className={wide ? 'inline-block' : 'hidden'}
          style={{ width: wide ? section.depth * 20 : undefined }}
        />
        <span className={wide ? '' : 'line-clamp-2 break-words leading-tight'}>
          <Sign size={wide ? 20 : 14} aria-hidden className="inline flex-none align-[-0.15em]" /> {title}
        </span>{' '}
        {wide ? <span className="text-sm font-normal text-soft">{messages.order.slidesIn({ count })}</span> : null}
      </button>
      <Popover
        label={messages.order.sectionActions({ title })}
        open={open}
        onOpenChange={(next) => {
          setOpen(next);
          if (!next) useDesk.setState({ naming: null });
        }}
        trigger={
          <button
            type="button"
            aria-label={messages.order.sectionActions({ title })}
            className={
              wide
                ? 'inline-flex size-11 items-center justify-center rounded-md hover:bg-card'
                : 'flex h-11 items-center justify-center rounded-b-md border border-t-0 border-edge bg-card hover:bg-rule/50'
            }
          >
            <Ellipsis size={18} aria-hidden />
          </button>
        }
      >
        <SectionActions
          deck={deck}
          run={run}
          tellDone={tellDone}
          section={section}
          title={title}
          onDone={() => setOpen(false)}
        />
      </Popover>
    </li>
  );
}

type SectionActionsProps = Pick<SectionTileProps, 'deck' | 'run' | 'tellDone' | 'section'> & {
  readonly title: string;
  readonly onDone: () => void;
};

function SectionActions({ deck, run, tellDone, section, title, onDone }: SectionActionsProps) {
  const { id } = section;
  // The deck drawn here follows a moment later; what is typed must not wait for it.
  const [typed, setTyped] = useState(section.title);
  const slides = slidesWithin(deck, id);
  const isAll = slides.length >= slidesInOrder(deck).length;
  const actions = [
    { name: messages.order.earlier, changes: stepEntries(deck, [id], 'earlier') },
    { name: messages.order.later, changes: stepEntries(deck, [id], 'later') },
    { name: messages.order.nestIn, changes: nestSection(deck, id, 'in') },
    { name: messages.order.nestOut, changes: nestSection(deck, id, 'out') },
  ];
  return (
    <div className="flex w-60 flex-col">
      <form
        onSubmit={(event) => {
          event.preventDefault();
          onDone();
        }}
      >
        <Field
          label={messages.order.sectionTitle}
          value={typed}
          maxLength={120}
          onFocus={(event) => event.target.select()}
          onChange={(event) => {
            setTyped(event.target.value);
            run([{ type: 'set-section', id, fields: { title: event.target.value } }]);
          }}
        />
      </form>
      {actions.map(({ name, changes }) => (
        <Button
          key={name}
          look="quiet"
          className="!justify-start"
          disabled={changes.length === 0}
          onClick={() => run(changes)}
        >
          {name}
        </Button>
      ))}
      <Button
        look="quiet"
        className="!justify-start"
        disabled={slides.length === 0}
        onClick={() => {
          fold(id, false);
          useDesk.setState({ chosen: slides.map((slide) => slide.id) });
          onDone();
        }}
      >
        {messages.order.chooseAll}
      </Button>
      <Button look="quiet" className="!justify-start" onClick={() => run(endSection(deck, id))}>
        {messages.order.endSection}
      </Button>
      <Button
        look="quiet"
        className="!justify-start !text-berry"
        disabled={isAll || blockOf(deck, id).length === 0}
        onClick={() => {
          run(removeSection(deck, id));
          tellDone(messages.order.sectionRemoved({ title, slides: slides.length }));
        }}
      >
        {messages.order.removeSection}
      </Button>
    </div>
  );
}
