/** Puts pieces back where they lay at first: all of a slide with one press, or those of one zone, or a single one. */
import { type Deck, nameOf, piecesIn, type SlideId, sourceOfPiece, zonesOn } from '@gobrel/core/deck';
import { movedOn } from '@gobrel/core/work';
import type { FillIn } from '@gobrel/slide-view';
import { ChevronDown, RotateCcw } from 'lucide-react';
import { Button, IconButton, Menu, MenuEntry, MenuRule } from '../../shared/ui';
import { messages } from '../../shared/messages';

interface PutBackProps {
  readonly edition: Deck;
  readonly slideId: SlideId;
  readonly fillIn: FillIn;
  /** Whether only all of them can be put back: each has a button of its own elsewhere. */
  readonly isShort?: boolean;
}

export function PutBack({ edition, slideId, fillIn, isShort = false }: PutBackProps) {
  const { work, sendHome } = fillIn;
  const moved = movedOn(edition, work, slideId);
  if (moved.length === 0 || fillIn.locked) return null;
  if (isShort)
    return (
      <Button look="quiet" className="whitespace-nowrap !px-1" onClick={() => sendHome(moved)}>
        {messages.student.putBack}
      </Button>
    );
  const pieces = piecesIn(edition);
  const zones = zonesOn(edition, slideId).flatMap((zone, at) => {
    const ids = moved.filter((id) => work.pieces[id]?.zoneId === zone.id);
    return ids.length < 2
      ? []
      : [{ id: zone.id, name: nameOf(zone) || messages.pieces.unnamedZone({ place: at + 1 }), ids }];
  });
  return (
    <span className="flex">
      <Button onClick={() => sendHome(moved)}>
        <RotateCcw size={18} aria-hidden /> {messages.student.putBack}
      </Button>
      {moved.length > 1 ? (
        <Menu
          trigger={
            <IconButton name={messages.student.putSomeBack}>
              <ChevronDown size={18} aria-hidden />
            </IconButton>
          }
        >
          {zones.map((zone) => (
            <MenuEntry key={zone.id} onSelect={() => sendHome(zone.ids)}>
              {messages.student.thoseIn({ zone: zone.name })}
            </MenuEntry>
          ))}
          {zones.length > 0 ? <MenuRule /> : null}
          {moved.map((id) => (
            <MenuEntry key={id} onSelect={() => sendHome([id])}>
              {pieces.get(sourceOfPiece(id))?.name || messages.pieces.unnamed}
            </MenuEntry>
          ))}
        </Menu>
      ) : null}
    </span>
  );
}
