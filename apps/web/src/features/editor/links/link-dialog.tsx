/** Picks where a link leads, by kinds of destination, and what it waits for. */
import {
  type Deck,
  type Destination,
  type Gate,
  type Place,
  safeWebAddress,
  type SlideId,
  slidesInOrder,
  steps,
  viewpointsOn,
  withGate,
} from '@gobrel/core/deck';
import { Unlink } from 'lucide-react';
import { useState } from 'react';
import { SlidePicker } from '../../../shared/slides';
import { ViewpointIcon } from '../../../shared/drawings';
import { Button, Dialog, Field, Tabs } from '../../../shared/ui';
import { messages, slideName } from '../../../shared/messages';
import { ByAnswerFields } from './by-answer';
import { DeckFields } from './deck-fields';
import { destinationIcons } from './destination-icons';
import { FileFields } from './file-fields';
import { GateField } from './gate-field';

/** At most so many letters of what carries the link stand in the title. */
const LONGEST_TITLE = 60;

interface LinkDialogProps {
  readonly deck: Deck;
  /** The slide the link is on. */
  readonly slideId: SlideId;
  /** What carries the link, in words. */
  readonly carrier: string;
  readonly present: Destination | null;
  readonly onPick: (destination: Destination | null) => void;
  readonly onClose: () => void;
}

/** The kinds of destination, one a tab. */
type Kind = keyof typeof messages.links.kinds;

export function LinkDialog({ deck, slideId, carrier, present, onPick, onClose }: LinkDialogProps) {
  const [gate, setGate] = useState<Gate | null>(present?.gate ?? null);
  const pick = (place: Place | null) => {
    onPick(place && withGate(place, gate));
    onClose();
  };
  const close = () => {
    // A gate set on a link that stays where it leads is kept without a further press.
    if (present && JSON.stringify(present.gate ?? null) !== JSON.stringify(gate)) onPick(withGate(present, gate));
    onClose();
  };
  const tab = (id: Kind, content: React.ReactNode) => ({ id, name: messages.links.kinds[id], content });
  return (
    <Dialog title={messages.editor.linkTitle({ carrier: carrier.slice(0, LONGEST_TITLE) })} open onClose={close} wide>
      <Tabs
        label={messages.links.kindsOf}
        start={present ? kindOf(present) : 'slide'}
        tabs={[
          tab(
            'slide',
            <>
              <Slides deck={deck} present={present} onPick={pick} />
              <Steps present={present} onPick={pick} />
            </>,
          ),
          tab(
            'by-answer',
            <ByAnswerFields
              deck={deck}
              slideId={slideId}
              present={present?.to === 'by-answer' ? present : null}
              onPick={pick}
            />,
          ),
          tab('deck', <DeckFields present={present?.to === 'deck' ? present : null} onPick={pick} />),
          tab('web', <WebAddress present={present?.to === 'web' ? present.address : ''} onPick={pick} />),
          tab('file', <FileFields present={present?.to === 'file' ? present : null} onPick={pick} />),
        ]}
      />
      <div className="mt-4 flex flex-wrap items-end gap-3 border-t border-rule pt-3">
        <div className="min-w-64 flex-1">
          <GateField deck={deck} slideId={slideId} gate={gate} onChange={setGate} />
        </div>
        {present ? (
          <Button look="danger" onClick={() => pick(null)}>
            <Unlink size={18} aria-hidden /> {messages.editor.removeLink}
          </Button>
        ) : null}
      </div>
    </Dialog>
  );
}

function kindOf({ to }: Destination): Kind {
  switch (to) {
    case 'by-answer':
    case 'deck':
    case 'web':
    case 'file':
      return to;
    default:
      return 'slide';
  }
}

interface PartProps {
  readonly present: Destination | null;
  readonly onPick: (place: Place) => void;
}

/** Slides and their viewpoints, found by a part of their names. */
function Slides({ deck, present, onPick }: PartProps & { readonly deck: Deck }) {
  const viewpoints = slidesInOrder(deck).flatMap((slide) => viewpointsOn(deck, slide.id));
  const buttons = (fits: (name: string) => boolean) =>
    viewpoints
      .filter((viewpoint) => fits(viewpoint.name) || fits(slideName(deck, viewpoint.slideId)))
      .map(({ id, name, slideId }) => (
        <Button
          key={id}
          aria-pressed={present?.to === 'viewpoint' && present.itemId === id}
          onClick={() => onPick({ to: 'viewpoint', itemId: id })}
        >
          <ViewpointIcon size={18} aria-hidden />{' '}
          {messages.links.viewpoint({ slide: slideName(deck, slideId), name: name || messages.links.unnamedViewpoint })}
        </Button>
      ));
  return (
    <SlidePicker
      deck={deck}
      label={messages.editor.findSlide}
      height="max-h-[26vh]"
      present={present?.to === 'slide' ? present.slideId : null}
      onPick={(slideId) => onPick({ to: 'slide', slideId })}
      alsoFound={(fits) =>
        viewpoints.length === 0 ? null : (
          <div
            role="group"
            aria-label={messages.links.viewpoints}
            className="flex max-h-24 flex-wrap gap-1.5 overflow-auto"
          >
            {buttons(fits)}
          </div>
        )
      }
    />
  );
}

function Steps({ present, onPick }: PartProps) {
  return (
    <div
      role="group"
      aria-label={messages.links.steps}
      className="mt-2 flex flex-wrap gap-1.5 border-t border-rule pt-3"
    >
      {steps.map((to) => {
        const Icon = destinationIcons[to];
        return (
          <Button key={to} className="!px-2.5" aria-pressed={present?.to === to} onClick={() => onPick({ to })}>
            <Icon size={18} aria-hidden /> {messages.links.stepsShort[to]}
          </Button>
        );
      })}
    </div>
  );
}

function WebAddress({ present, onPick }: { readonly present: string; readonly onPick: PartProps['onPick'] }) {
  const [address, setAddress] = useState(present);
  const [fault, setFault] = useState<string | undefined>();
  return (
    <form
      noValidate
      className="flex items-start gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        const safe = safeWebAddress(address);
        if (safe) onPick({ to: 'web', address: safe });
        else setFault(messages.editor.badAddress);
      }}
    >
      <div className="flex-1">
        <Field
          label={messages.editor.webAddress}
          type="url"
          value={address}
          fault={fault}
          onChange={(event) => setAddress(event.target.value)}
        />
      </div>
      <Button type="submit" className="mt-6">
        {messages.editor.useAddress}
      </Button>
    </form>
  );
}
