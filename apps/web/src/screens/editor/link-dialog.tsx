/** Picks where a link leads: a slide by its small picture, back, restart, or a web address. */
import { type Deck, type Destination, safeWebAddress, slidesInOrder, steps } from '@gobrel/core/deck';
import { Unlink } from 'lucide-react';
import { useState } from 'react';
import { slideName, Thumbnail } from '../../slides';
import { Button, Dialog, Field } from '../../ui';
import { words } from '../../words';
import { stepIcons } from './step-icons';

interface LinkDialogProps {
  readonly deck: Deck;
  /** What carries the link, in words. */
  readonly carrier: string;
  readonly present: Destination | null;
  readonly onPick: (destination: Destination | null) => void;
  readonly onClose: () => void;
}

export function LinkDialog({ deck, carrier, present, onPick, onClose }: LinkDialogProps) {
  const [sought, setSought] = useState('');
  const [address, setAddress] = useState(present?.to === 'web' ? present.address : '');
  const [fault, setFault] = useState<string | undefined>();
  const pick = (destination: Destination | null) => {
    onPick(destination);
    onClose();
  };
  const slides = slidesInOrder(deck).filter((slide) =>
    slideName(deck, slide.id).toLowerCase().includes(sought.trim().toLowerCase()),
  );
  const pickAddress = () => {
    const safe = safeWebAddress(address);
    if (safe) pick({ to: 'web', address: safe });
    else setFault(words.editor.badAddress);
  };
  return (
    <Dialog title={words.editor.linkTitle(carrier)} open onClose={onClose} wide>
      <Field
        label={words.editor.findSlide}
        value={sought}
        autoFocus
        onChange={(event) => setSought(event.target.value)}
        onKeyDown={(event) => {
          const [only] = slides;
          if (event.key === 'Enter' && only) pick({ to: 'slide', slideId: only.id });
        }}
      />
      <ul className="my-2 grid max-h-[38vh] grid-cols-[repeat(auto-fill,minmax(124px,1fr))] gap-3 overflow-auto p-1">
        {slides.map((slide) => (
          <li key={slide.id}>
            <button
              type="button"
              aria-pressed={present?.to === 'slide' && present.slideId === slide.id}
              className="w-full text-left text-sm aria-pressed:text-clay"
              onClick={() => pick({ to: 'slide', slideId: slide.id })}
            >
              <Thumbnail deck={deck} slideId={slide.id} width={120} />
              <span className="block truncate pt-1 font-semibold">{slideName(deck, slide.id)}</span>
            </button>
          </li>
        ))}
      </ul>
      <div className="flex flex-wrap gap-2 border-t border-rule pt-3">
        {steps.map((to) => {
          const Icon = stepIcons[to];
          return (
            <Button key={to} aria-pressed={present?.to === to} onClick={() => pick({ to })}>
              <Icon size={18} aria-hidden /> {words.editor.destination({ to })}
            </Button>
          );
        })}
        {present ? (
          <Button look="danger" onClick={() => pick(null)}>
            <Unlink size={18} aria-hidden /> {words.editor.removeLink}
          </Button>
        ) : null}
      </div>
      <form
        noValidate
        className="mt-3 flex items-start gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          pickAddress();
        }}
      >
        <div className="flex-1">
          <Field
            label={words.editor.webAddress}
            type="url"
            value={address}
            fault={fault}
            onChange={(event) => setAddress(event.target.value)}
          />
        </div>
        <Button type="submit" className="mt-6">
          {words.editor.useAddress}
        </Button>
      </form>
    </Dialog>
  );
}
