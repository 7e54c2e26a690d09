/** Where an item or a group leads, what its link waits for, and the ways to tie, follow and remove it. */
import { type Destination, isDangling, type Item, type ItemId, setLink, type SlideId } from '@gobrel/core/deck';
import { branchesOf } from '@gobrel/core/routes';
import { Link2, LockKeyhole, X } from 'lucide-react';
import { Thumbnail } from '../../../shared/slides';
import { Button, IconButton } from '../../../shared/ui';
import { branchCalled, destinationIn, messages, openWhen, slideName } from '../../../shared/messages';
import type { Editing } from '../state/editing';
import { destinationIcons } from '../links/destination-icons';
import { Group } from './parts';

interface LinkGroupProps {
  readonly editing: Editing;
  /** What carries the link, or would: of a group any of its members. */
  readonly item: Item;
  /** All that carry it together. */
  readonly ids: readonly ItemId[];
  /** Whether some words are marked: then the link is tied to them. */
  readonly onWords: boolean;
  readonly onPick: () => void;
  readonly onGo: (slideId: SlideId) => void;
}

export function LinkGroup({ editing, item, ids, onWords, onPick, onGo }: LinkGroupProps) {
  const { deck, run } = editing;
  return (
    <Group title={messages.editor.leadsTo}>
      {item.link ? (
        <LinkRow
          editing={editing}
          slideId={item.slideId}
          destination={item.link}
          onGo={onGo}
          onRemove={() => run(ids.flatMap((id) => setLink(deck, id, null)))}
        />
      ) : null}
      <Button
        className="mt-1 w-full !border-clay !text-clay"
        onMouseDown={(event) => event.preventDefault()}
        onClick={onPick}
      >
        <Link2 size={18} aria-hidden />{' '}
        {onWords ? messages.editor.linkWords : item.link ? messages.editor.changeLink : messages.editor.linkItem}
      </Button>
    </Group>
  );
}

interface LinkRowProps {
  readonly editing: Editing;
  readonly slideId: SlideId;
  readonly destination: Destination;
  readonly onGo: (slideId: SlideId) => void;
  readonly onRemove: () => void;
}

function LinkRow({ editing: { deck }, slideId, destination, onGo, onRemove }: LinkRowProps) {
  const gone = isDangling(deck, destination);
  const branches = branchesOf(deck, slideId, destination);
  const isSplit = destination.to === 'by-answer';
  const Icon = destinationIcons[destination.to];
  return (
    <div className={`rounded-md border py-1 ps-2 ${gone ? 'border-berry text-berry' : 'border-clay'}`}>
      <div className="flex items-center gap-1">
        <span className="flex min-w-0 flex-1 flex-col">
          {isSplit || branches.length === 0 ? (
            <span className="flex min-h-control items-center gap-2 font-semibold">
              <Icon size={18} aria-hidden className="flex-none" />
              <span className="min-w-0 truncate">{destinationIn(deck, destination)}</span>
            </span>
          ) : null}
          {branches.map((branch, index) => (
            <button
              key={index}
              type="button"
              className="flex min-h-control items-center gap-2 text-start hover:underline"
              aria-label={messages.editor.goThere({ name: slideName(deck, branch.slideId) })}
              onClick={() => onGo(branch.slideId)}
            >
              <Thumbnail deck={deck} slideId={branch.slideId} width={56} />
              <span className="min-w-0 flex-1">
                {branch.answer && destination.to === 'by-answer' ? (
                  <span className="block text-sm font-semibold text-clay">
                    {branchCalled(deck.items[destination.questionId], branch.answer)}
                  </span>
                ) : null}
                <span className="block truncate font-semibold">
                  {destination.to === 'viewpoint' ? destinationIn(deck, destination) : slideName(deck, branch.slideId)}
                </span>
              </span>
            </button>
          ))}
        </span>
        <IconButton name={messages.editor.removeLink} onClick={onRemove}>
          <X size={18} aria-hidden />
        </IconButton>
      </div>
      {destination.gate ? (
        <p className="flex items-start gap-1.5 pe-2 pb-1 text-sm text-soft">
          <LockKeyhole size={15} aria-hidden className="mt-0.5 flex-none" />
          {openWhen(deck, destination.gate)}
        </p>
      ) : null}
    </div>
  );
}
