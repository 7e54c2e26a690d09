/** The panel while several items are selected; a whole group can carry a link. */
import { canBePiece, type ItemId, piecesOn, setLayer, setLoose, type SlideId, unitsAmong } from '@gobrel/core/deck';
import { PieceIcon } from '../../../shared/drawings';
import { Button } from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import type { Editing } from '../state/editing';
import { ActionRow } from './action-row';
import { ArrangeButtons } from './arrange-buttons';
import { LinkGroup } from './link-group';
import { Group } from './parts';
import { PieceGroup } from './questions';
import { ViewpointFrom } from './viewpoint-group';

interface SeveralPanelProps {
  readonly editing: Editing;
  readonly ids: readonly ItemId[];
  readonly onPickLink: () => void;
  readonly onGo: (slideId: SlideId) => void;
}

export function SeveralPanel({ editing, ids, onPickLink, onGo }: SeveralPanelProps) {
  const { deck, run } = editing;
  const first = deck.items[ids[0] ?? ''];
  const isGroup = unitsAmong(deck, ids).length === 1;
  const movable = ids.filter((id) => deck.items[id] && canBePiece(deck.items[id], ids));
  const areLoose = movable.length > 0 && movable.every((id) => deck.items[id]?.loose);
  const piece = first && piecesOn(deck, first.slideId).find(({ items }) => items.some(({ id }) => id === first.id));
  const isOnePiece = isGroup && piece?.items.length === ids.length;
  return (
    <>
      <h2 className="mb-1 pe-8 text-lg">
        {isGroup ? messages.links.groupOf({ count: ids.length }) : messages.editor.several({ count: ids.length })}
      </h2>
      <ActionRow editing={editing} ids={ids} />
      {isGroup && first ? (
        <LinkGroup editing={editing} item={first} ids={ids} onWords={false} onPick={onPickLink} onGo={onGo} />
      ) : null}
      {movable.length > 0 ? (
        <Button className="mb-3 w-full" onClick={() => run(setLoose(deck, movable, !areLoose))}>
          <PieceIcon size={18} aria-hidden /> {areLoose ? messages.questions.fixMany : messages.questions.looseMany}
        </Button>
      ) : null}
      {isOnePiece && first ? <PieceGroup editing={editing} item={first} pieceId={piece.id} ids={ids} /> : null}
      <Group title={messages.editor.arrange}>
        <ArrangeButtons editing={editing} ids={ids} />
      </Group>
      <ViewpointFrom editing={editing} ids={ids} />
      <Button className="w-full" onClick={() => run(setLayer(deck, ids, 'backdrop'))}>
        {messages.editor.intoBackdrop}
      </Button>
    </>
  );
}
