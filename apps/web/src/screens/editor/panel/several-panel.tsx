/** The panel while several items are selected; a whole group can carry a link. */
import { type ItemId, setLayer, type SlideId, unitsAmong } from '@gobrel/core/deck';
import { Button } from '../../../ui';
import { words } from '../../../words';
import type { Editing } from '../editing';
import { ArrangeGroup } from './arrange-group';
import { LinkGroup } from './link-group';
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
  return (
    <>
      <h2 className="mb-3 text-lg">{isGroup ? words.links.groupOf(ids.length) : words.editor.several(ids.length)}</h2>
      {isGroup && first ? (
        <LinkGroup editing={editing} item={first} ids={ids} onWords={false} onPick={onPickLink} onGo={onGo} />
      ) : null}
      <ArrangeGroup editing={editing} ids={ids} />
      <ViewpointFrom editing={editing} ids={ids} />
      <Button className="w-full" onClick={() => run(setLayer(deck, ids, 'backdrop'))}>
        {words.editor.intoBackdrop}
      </Button>
    </>
  );
}
