/** Draws a choice question; its choices carry letters, also those that are pictures. */
import { type Choice, type ChoiceItem, formulaParts, wordsInLine } from '@gobrel/core/deck';
import { choiceLetter, choiceLetters, choicesFor, pickedIn } from '@gobrel/core/questions';
import { useId } from 'react';
import { canAnswer } from '../hands.js';
import { useSurroundings } from '../surroundings.js';
import { Words } from '../words.js';
import type { ItemProps } from './item-props.js';
import { lettersStyle } from './letters-style.js';
import { CardGround } from './question-card.js';

function hasFormulas(text: string): boolean {
  return formulaParts(text).some(({ is }) => is === 'formula');
}

function hasPictures(choices: readonly Choice[]): boolean {
  return choices.some(({ picture }) => picture !== undefined);
}

export function ChoiceView({ item, fillIn }: ItemProps<ChoiceItem>) {
  const { words, pictureUrl } = useSurroundings();
  const picked = fillIn ? pickedIn(fillIn.work, item.id) : [];
  const open = canAnswer(fillIn, item.id);
  // A slide may be drawn several times on a page; radio buttons of one name leave each other no dot.
  const group = useId();
  const toggle = (id: string) => {
    const others = picked.filter((other) => other !== id);
    const next = !item.several ? [id] : picked.includes(id) ? others : [...others, id];
    fillIn?.setAnswer(item.id, { kind: 'choice', picked: next });
  };
  const rows = choicesFor(item, fillIn?.who ?? '').map((choice, index) => {
    const isPicked = picked.includes(choice.id);
    const content = (
      <>
        {/* A choice that nobody has written yet is known by its letter. */}
        <span className="gv-letter" aria-hidden={choice.text === '' ? undefined : 'true'}>
          {choiceLetter(index)}
        </span>
        {choice.picture ? (
          <img
            className="gv-choice-picture"
            src={pictureUrl(choice.picture)}
            alt={wordsInLine(choice.text, item.formulas)}
            draggable={false}
          />
        ) : (
          <span>
            <Words text={choice.text} />
          </span>
        )}
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
          name={group}
          checked={isPicked}
          disabled={!open}
          // What a formula says is no part of a name: the name says it in a line.
          aria-label={hasFormulas(choice.text) ? wordsInLine(choice.text, item.formulas) : undefined}
          onChange={() => toggle(choice.id)}
        />
        {content}
      </label>
    );
  });
  const style = lettersStyle(choiceLetters(item));
  const lay = hasPictures(item.choices) ? 'gv-in-tiles' : item.form === 'scale' ? 'gv-in-steps' : 'gv-in-rows';
  const choices = <div className={lay}>{rows}</div>;
  if (!fillIn) {
    return (
      <div className="gv-question" style={style}>
        <CardGround frame={item.frame} />
        <p className="gv-prompt">
          <Words text={item.prompt} />
        </p>
        {choices}
      </div>
    );
  }
  return (
    <fieldset className="gv-question" style={style}>
      <CardGround frame={item.frame} />
      <legend className="gv-prompt">
        <Words text={item.prompt} /> <small>{item.several ? words.asking.pickSeveral : words.asking.pickOne}</small>
      </legend>
      {choices}
    </fieldset>
  );
}
