/** How sure a student is of an answer: four steps at the lower edge of a question. */
import type { ItemId } from '@gobrel/core/deck';
import type { Sure } from '@gobrel/core/work';
import { useId } from 'react';
import { type FillIn, canAnswer } from './hands.js';
import { useSurroundings } from './surroundings.js';

const steps: readonly Sure[] = [1, 2, 3, 4];

export function SureView({ item, fillIn }: { item: { readonly id: ItemId }; fillIn: FillIn }) {
  const { asking } = useSurroundings().words;
  const present = fillIn.work.sure[item.id];
  // A slide may be drawn several times on a page; radio buttons of one name leave each other no dot.
  const group = useId();
  return (
    <fieldset className="gv-sure">
      <legend>{asking.howSure}</legend>
      {steps.map((step) => (
        <label key={step} className={present === step ? 'gv-picked' : ''}>
          <input
            type="radio"
            name={group}
            checked={present === step}
            disabled={!canAnswer(fillIn, item.id)}
            onChange={() => fillIn.setSure(item.id, step)}
          />
          {asking.sure[step]}
        </label>
      ))}
    </fieldset>
  );
}
