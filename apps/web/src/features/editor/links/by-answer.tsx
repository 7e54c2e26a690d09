/** Leads a link by an answer: right here, wrong there, or a slide for each choice. */
import { type ByAnswer, type Deck, type Item, itemsOf, nameOf, type SlideId, slidesInOrder } from '@gobrel/core/deck';
import { canBeRight, choiceLetter } from '@gobrel/core/questions';
import { useState } from 'react';
import { Button } from '../../../shared/ui';
import { messages, slideName } from '../../../shared/messages';
import { SelectField, SlideOptions } from './select-field';

interface ByAnswerFieldsProps {
  readonly deck: Deck;
  readonly slideId: SlideId;
  readonly present: ByAnswer | null;
  readonly onPick: (place: ByAnswer) => void;
}

export function ByAnswerFields({ deck, slideId, present, onPick }: ByAnswerFieldsProps) {
  const near = questionsNear(deck, slideId);
  const known = present && deck.items[present.questionId];
  // The question it goes by stays to be seen, though it may have lost its key.
  const questions = known && !near.includes(known) ? [known, ...near] : near;
  const [draft, setDraft] = useState<ByAnswer>(
    present ?? { to: 'by-answer', questionId: questions[0]?.id ?? '', right: null, wrong: null, choices: {} },
  );
  const question = deck.items[draft.questionId];
  const names = slidesInOrder(deck).map(({ id }) => [id, slideName(deck, id)] as const);
  if (questions.length === 0) return <p className="text-soft">{messages.links.noQuestion}</p>;
  const setChoice = (choice: string, to: string) => {
    const { [choice]: _before, ...others } = draft.choices;
    setDraft({ ...draft, choices: to === '' ? others : { ...others, [choice]: to } });
  };
  return (
    <div className="flex flex-col gap-3">
      <SelectField
        label={messages.links.question}
        value={draft.questionId}
        onChange={(questionId) => setDraft({ ...draft, questionId, choices: {} })}
      >
        <SlideOptions
          names={questions.map((item) => [
            item.id,
            messages.links.onSlide({
              name: nameOf(item) || messages.kinds[item.kind],
              slide: slideName(deck, item.slideId),
            }),
          ])}
        />
      </SelectField>
      <div className="flex flex-wrap gap-3">
        {(['right', 'wrong'] as const).map((verdict) => (
          <SelectField
            key={verdict}
            label={verdict === 'right' ? messages.links.ifRight : messages.links.ifWrong}
            value={draft[verdict] ?? ''}
            onChange={(to) => setDraft({ ...draft, [verdict]: to === '' ? null : to })}
          >
            <option value="">{messages.links.nowhere}</option>
            <SlideOptions names={names} />
          </SelectField>
        ))}
      </div>
      {question?.kind === 'choice' ? (
        <fieldset className="flex flex-wrap gap-3">
          <legend className="mb-1 text-sm text-soft">{messages.links.ownWays}</legend>
          {question.choices.map((choice, place) => (
            <SelectField
              key={choice.id}
              label={`${choiceLetter(place)} ${choice.text}`.trim()}
              value={draft.choices[choice.id] ?? ''}
              onChange={(to) => setChoice(choice.id, to)}
            >
              <option value="">{messages.links.asOthers}</option>
              <SlideOptions names={names} />
            </SelectField>
          ))}
        </fieldset>
      ) : null}
      <Button
        look="main"
        className="self-end"
        disabled={draft.right === null && draft.wrong === null && Object.keys(draft.choices).length === 0}
        onClick={() => onPick(draft)}
      >
        {messages.links.useAnswer}
      </Button>
    </div>
  );
}

/**
 * The questions whose answer can lead somewhere, those on the link's own slide first: those with a key, and choices,
 * which can lead each to a slide of their own.
 */
function questionsNear(deck: Deck, slideId: SlideId): readonly Item[] {
  const others = slidesInOrder(deck).flatMap(({ id }) => (id === slideId ? [] : id));
  return [slideId, ...others]
    .flatMap((id) => itemsOf(deck, id))
    .filter((item) => !item.hidden && (item.kind === 'choice' || canBeRight(deck, item)));
}
