/** Where an item leads, and the way to tie a link. */
import { type Destination, type Item, setLink } from '@gobrel/core/deck';
import { isOpen } from '@gobrel/core/routes';
import { Link2, X } from 'lucide-react';
import { Thumbnail } from '../../../slides';
import { Button, IconButton } from '../../../ui';
import { words } from '../../../words';
import type { Editing } from '../editing';
import { Group } from './parts';

interface LinkGroupProps {
  readonly editing: Editing;
  readonly item: Item;
  /** Whether some words are marked: then the link is tied to them. */
  readonly onWords: boolean;
  readonly onPick: () => void;
}

export function LinkGroup({ editing, item, onWords, onPick }: LinkGroupProps) {
  return (
    <Group title={words.editor.leadsTo}>
      {item.link ? (
        <LinkRow
          editing={editing}
          destination={item.link}
          onRemove={() => editing.run(setLink(editing.deck, item.id, null))}
        />
      ) : null}
      <Button
        className="mt-1 w-full !border-clay !text-clay"
        onMouseDown={(event) => event.preventDefault()}
        onClick={onPick}
      >
        <Link2 size={18} aria-hidden />{' '}
        {onWords ? words.editor.linkWords : item.link ? words.editor.changeLink : words.editor.linkItem}
      </Button>
    </Group>
  );
}

function LinkRow({
  editing,
  destination,
  onRemove,
}: {
  editing: Editing;
  destination: Destination;
  onRemove: () => void;
}) {
  const gone = isOpen(editing.deck, destination);
  return (
    <div
      className={`flex items-center gap-2 rounded-md border py-1 pl-2 ${gone ? 'border-berry text-berry' : 'border-clay'}`}
    >
      {destination.to === 'slide' && !gone ? (
        <Thumbnail deck={editing.deck} slideId={destination.slideId} width={56} />
      ) : null}
      <span className="min-w-0 flex-1 truncate font-semibold">
        {words.editor.destinationIn(editing.deck, destination)}
      </span>
      <IconButton name={words.editor.removeLink} onClick={onRemove}>
        <X size={18} aria-hidden />
      </IconButton>
    </div>
  );
}
