/** The items of a slide that can carry a link, beside the map: each is dragged to the slide it leads to, or pressed. */
import { canCarryLink, type Item, itemsOf, nameOf, type SlideId } from '@gobrel/core/deck';
import { Link2 } from 'lucide-react';
import { destinationIn, messages } from '../../../shared/messages';
import { select } from '../state/desk';
import type { Editing } from '../state/editing';
import { useLinkDrag } from '../links/use-link-drag';
import { Group } from './parts';

interface ItemLinksGroupProps {
  readonly editing: Editing;
  readonly slideId: SlideId;
}

export function ItemLinksGroup({ editing, slideId }: ItemLinksGroupProps) {
  const items = itemsOf(editing.deck, slideId).filter((item) => item.layer === 'slide' && canCarryLink(item));
  if (items.length === 0) return null;
  return (
    <Group title={messages.routes.itemLinks}>
      <ul className="flex flex-col gap-1">
        {items.map((item) => (
          <li key={item.id}>
            <ItemLink editing={editing} item={item} />
          </li>
        ))}
      </ul>
    </Group>
  );
}

/** Pressed, it is selected: the panel then shows where it leads. */
function ItemLink({ editing, item }: { editing: Editing; item: Item }) {
  const { handlers, drawn } = useLinkDrag(editing, item.id, () => select(item.id));
  const name = nameOf(item) || messages.kinds[item.kind];
  return (
    <>
      <button
        type="button"
        aria-label={
          item.link
            ? messages.routes.itemLink({ name, leadsTo: destinationIn(editing.deck, item.link) })
            : messages.routes.itemLinkNowhere({ name })
        }
        className="flex min-h-control w-full cursor-grab touch-none items-center gap-2 rounded-md border border-rule bg-card px-2 text-start hover:border-clay"
        {...handlers}
      >
        <Link2 size={16} aria-hidden className={item.link ? 'flex-none text-clay' : 'flex-none text-soft'} />
        <span className="min-w-0 flex-1 truncate">{name}</span>
      </button>
      {drawn}
    </>
  );
}
