/** Before slides are removed that links lead to: which links these are, and where they shall lead instead. */
import { type Deck, type SlideId, slidesInOrder } from '@gobrel/core/deck';
import { type Link } from '@gobrel/core/routes';
import { useState } from 'react';
import { Button, Dialog, DialogActions } from '../../../shared/ui';
import { messages, slideName } from '../../../shared/messages';

interface RemoveDialogProps {
  readonly deck: Deck;
  readonly ids: readonly SlideId[];
  /** The links of other slides that lead to them. */
  readonly links: readonly Link[];
  /** Removes the slides; the links then lead to the slide given, or stay open. */
  readonly onRemove: (instead: SlideId | null) => void;
  readonly onClose: () => void;
}

export function RemoveDialog({ deck, ids, links, onRemove, onClose }: RemoveDialogProps) {
  const [instead, setInstead] = useState<SlideId | ''>('');
  const resting = slidesInOrder(deck).filter((slide) => !ids.includes(slide.id));
  return (
    <Dialog title={messages.routes.removeTitle({ links: links.length })} open onClose={onClose}>
      <ul className="mb-3 max-h-48 list-disc overflow-auto ps-5">
        {links.map((link, index) => (
          <li key={index}>
            {messages.routes.openLink({
              slide: slideName(deck, link.from),
              carrier: link.carrier || messages.kinds[deck.items[link.itemId]?.kind ?? 'hotspot'],
            })}
          </li>
        ))}
      </ul>
      <label className="block font-semibold">
        {messages.routes.leadInstead}
        <select
          value={instead}
          className="mt-1 block min-h-11 w-full rounded-md border border-edge bg-card px-2 font-normal"
          onChange={(event) => setInstead(event.target.value)}
        >
          <option value="">{messages.routes.stayOpen}</option>
          {resting.map((slide) => (
            <option key={slide.id} value={slide.id}>
              {slideName(deck, slide.id)}
            </option>
          ))}
        </select>
      </label>
      <DialogActions>
        <Button onClick={onClose}>{messages.common.cancel}</Button>
        <Button look="danger" onClick={() => onRemove(instead === '' ? null : instead)}>
          {messages.routes.removeSlides({ count: ids.length })}
        </Button>
      </DialogActions>
    </Dialog>
  );
}
