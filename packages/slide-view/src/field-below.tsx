/** A question in a field of its own, below a slide that is too small to be answered on. */
import type { Item } from '@gobrel/core/deck';
import type { FillIn } from './hands.js';
import { ItemContent } from './items/index.js';
import { MarkView } from './mark-view.js';
import { SureView } from './sure-view.js';

/** The same question as on the slide, in letters to read and boxes to hit with a thumb. */
export function FieldBelow({ item, fillIn }: { readonly item: Item; readonly fillIn: FillIn }) {
  const mark = fillIn.feedback[item.id];
  return (
    <div className="gv-below">
      <ItemContent item={item} fillIn={fillIn} />
      {'asksSure' in item && item.asksSure ? <SureView item={item} fillIn={fillIn} /> : null}
      {mark ? <MarkView mark={mark} /> : null}
    </div>
  );
}
