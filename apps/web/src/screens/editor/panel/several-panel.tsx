/** The panel while several items are selected. */
import { type ItemId, setLayer } from '@gobrel/core/deck';
import { Button } from '../../../ui';
import { words } from '../../../words';
import type { Editing } from '../editing';
import { ArrangeGroup } from './arrange-group';

export function SeveralPanel({ editing, ids }: { editing: Editing; ids: readonly ItemId[] }) {
  return (
    <>
      <h2 className="mb-3 text-lg">{words.editor.several(ids.length)}</h2>
      <ArrangeGroup editing={editing} ids={ids} />
      <Button className="w-full" onClick={() => editing.run(setLayer(editing.deck, ids, 'backdrop'))}>
        {words.editor.intoBackdrop}
      </Button>
    </>
  );
}
