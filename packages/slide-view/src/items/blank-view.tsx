/** Draws a blank: a field to type in or a list to choose from for students, its ground for everybody else. */
import { type BlankItem, nameOf } from '@gobrel/core/deck';
import { workLimits } from '@gobrel/core/work';
import { canAnswer, type FillIn } from '../hands.js';
import { useSteadyCaret } from '../steady-caret.js';
import { useSurroundings } from '../surroundings.js';
import type { ItemProps } from './item-props.js';
import { lettersStyle } from './letters-style.js';

export function BlankView({ item, fillIn }: ItemProps<BlankItem>) {
  const { words } = useSurroundings();
  const style = lettersStyle(item.size);
  if (!fillIn)
    return (
      <div className="gv-blank" style={style}>
        {item.options.length > 0 ? '▾' : ''}
      </div>
    );
  const name = nameOf(item) || words.blank;
  const value = fillIn.work.blanks[item.id] ?? '';
  const open = canAnswer(fillIn, item.id);
  if (item.options.length > 0) {
    return (
      <select
        className="gv-blank"
        style={style}
        aria-label={name}
        disabled={!open}
        value={value}
        onChange={(event) => fillIn.chooseBlank(item.id, event.target.value)}
      >
        <option value="">{words.asking.choose}</option>
        {item.options.map((option) => (
          <option key={option}>{option}</option>
        ))}
      </select>
    );
  }
  return <TypedBlank item={item} name={name} isOpen={open} fillIn={fillIn} />;
}

interface TypedBlankProps {
  readonly item: BlankItem;
  readonly name: string;
  readonly isOpen: boolean;
  readonly fillIn: FillIn;
}

function TypedBlank({ item, name, isOpen, fillIn }: TypedBlankProps) {
  const { words } = useSurroundings();
  const value = fillIn.work.blanks[item.id] ?? '';
  const { note, ...caret } = useSteadyCaret<HTMLInputElement>(value);
  return (
    <input
      {...caret}
      className="gv-blank"
      style={lettersStyle(item.size)}
      aria-label={name}
      autoComplete="off"
      readOnly={!isOpen}
      value={value}
      onChange={(event) => {
        note(event);
        const typed = event.target.value;
        if (typed.length > workLimits.blank) fillIn.warn(words.tooLong(workLimits.blank));
        else fillIn.setBlank(item.id, typed);
      }}
    />
  );
}
