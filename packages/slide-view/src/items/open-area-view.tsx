/** Draws an open area; a student adds a text by pressing it. */
import type { OpenAreaItem } from '@gobrel/core/deck';
import { useSurroundings } from '../surroundings.js';
import type { ItemProps } from './item-props.js';

export function OpenAreaView({ item, fillIn }: ItemProps<OpenAreaItem>) {
  const { words } = useSurroundings();
  if (!fillIn || fillIn.locked) return <div className="gv-open-area">{item.hint}</div>;
  return (
    <button type="button" className="gv-open-area" onClick={() => fillIn.addText(item.id)}>
      {item.hint || words.addText}
    </button>
  );
}
