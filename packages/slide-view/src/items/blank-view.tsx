/** Draws a blank: a field to type in for students, its ground for everybody else. */
import { type BlankItem, nameOf } from '@gobrel/core/deck';
import { workLimits } from '@gobrel/core/work';
import { useSurroundings } from '../surroundings.js';
import type { ItemProps } from './item-props.js';

export function BlankView({ item, fillIn }: ItemProps<BlankItem>) {
  const { words } = useSurroundings();
  if (!fillIn) return <div className="gv-blank" style={{ fontSize: item.size }} />;
  return (
    <input
      className="gv-blank"
      style={{ fontSize: item.size }}
      aria-label={nameOf(item) || words.blank}
      autoComplete="off"
      readOnly={fillIn.locked}
      value={fillIn.work.blanks[item.id] ?? ''}
      onChange={(event) => {
        const typed = event.target.value;
        if (typed.length > workLimits.blank) fillIn.warn(words.tooLong(workLimits.blank));
        else fillIn.setBlank(item.id, typed);
      }}
    />
  );
}
