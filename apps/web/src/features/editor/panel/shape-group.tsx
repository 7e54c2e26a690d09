/** How a shape looks: its outline, its fill, its line. */
import { setItemFields, type OwnFields, type ShapeItem } from '@gobrel/core/deck';
import { messages } from '../../../shared/messages';
import type { Editing } from '../state/editing';
import { OutlineGroup } from './outline-group';
import { Colours } from './colours';
import { ShapeField } from './shape-field';

export function ShapeGroup({ editing, item }: { editing: Editing; item: ShapeItem }) {
  const set = (fields: Partial<OwnFields<'shape'>>) => editing.run(setItemFields(editing.deck, item.id, { ...fields }));
  return (
    <>
      <ShapeField title={messages.editor.shape} value={item.shape} onPick={(shape) => set({ shape })} />
      <Colours
        theme={editing.deck.theme}
        label={messages.editor.fill}
        value={item.fill}
        canBeNone
        onChange={(fill) => set({ fill })}
      />
      <OutlineGroup theme={editing.deck.theme} item={item} onChange={set} />
    </>
  );
}
