/** Draws a choice question; its choices carry letters. */
import type { ChoiceItem } from '@gobrel/core/deck';
import { choiceLetter, pickedIn } from '@gobrel/core/questions';
import { useSurroundings } from '../surroundings.js';
import type { ItemProps } from './item-props.js';

/** Letter size that lets the prompt and all choices fit the frame, in slide units. */
function letterSize(item: ChoiceItem): number {
  return Math.max(14, Math.min(34, item.frame.height / (item.choices.length + 1.6) / 1.75));
}

export function ChoiceView({ item, fillIn }: ItemProps<ChoiceItem>) {
  const { words } = useSurroundings();
  const picked = fillIn ? pickedIn(fillIn.work, item.id) : [];
  const toggle = (id: string) => {
    const others = picked.filter((other) => other !== id);
    const next = !item.several ? [id] : picked.includes(id) ? others : [...others, id];
    fillIn?.setAnswer(item.id, { kind: 'choice', picked: next });
  };
  const rows = item.choices.map((choice, index) => {
    const isPicked = picked.includes(choice.id);
    const content = (
      <>
        <span className="gv-letter" aria-hidden="true">
          {choiceLetter(index)}
        </span>
        <span>{choice.text}</span>
      </>
    );
    if (!fillIn) {
      return (
        <div className="gv-choice" key={choice.id}>
          {content}
        </div>
      );
    }
    return (
      <label className={isPicked ? 'gv-choice gv-picked' : 'gv-choice'} key={choice.id}>
        <input
          type={item.several ? 'checkbox' : 'radio'}
          name={`choice-${item.id}`}
          checked={isPicked}
          disabled={fillIn.locked}
          onChange={() => toggle(choice.id)}
        />
        {content}
      </label>
    );
  });
  const style = { fontSize: letterSize(item) };
  if (!fillIn) {
    return (
      <div className="gv-question" style={style}>
        <p className="gv-prompt">{item.prompt}</p>
        {rows}
      </div>
    );
  }
  return (
    <fieldset className="gv-question" style={style}>
      <legend className="gv-prompt">
        {item.prompt} <small>{item.several ? words.pickSeveral : words.pickOne}</small>
      </legend>
      {rows}
    </fieldset>
  );
}
