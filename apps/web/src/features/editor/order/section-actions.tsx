/** What can be done with a section, in a sheet beside its heading. */
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
import { Ellipsis } from 'lucide-react';
import { useState } from 'react';
import { Button, Field, Popover } from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import { fold, useDesk } from '../state/desk';
import type { Editing } from '../state/editing';

interface SectionMenuProps {
  readonly deck: Deck;
  readonly run: Editing['run'];
  readonly tellDone: Editing['tellDone'];
  readonly section: Section;
  /** Classes of the button that opens it. */
  readonly className: string;
}

/** The button that opens the sheet; of a section that was just begun it is open already. */
export function SectionMenu({ deck, run, tellDone, section, className }: SectionMenuProps) {
  const isNew = useDesk((desk) => desk.naming === section.id);
  const [open, setOpen] = useState(isNew);
  const title = section.title || messages.order.unnamedSection;
  return (
    <Popover
      label={messages.order.sectionActions({ title })}
      open={open}
      onOpenChange={(next) => {
        setOpen(next);
        if (!next) useDesk.setState({ naming: null });
      }}
      trigger={
        <button type="button" aria-label={messages.order.sectionActions({ title })} className={className}>
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
  );
}

type SectionActionsProps = Omit<SectionMenuProps, 'className'> & {
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
