/** How often each choice of a question was picked: its whole text over a bar. */
import type { ChoiceItem } from '@gobrel/core/deck';
import { tallyChoice } from '@gobrel/core/questions';
import { Words } from '@gobrel/slide-view';
import { pictureUrl } from '../../../shared/api';
import { AnswersCard, type AnswersProps } from './answers-card';
import { useChartPlace } from './chart-place';
import { CountRow, CountRows } from './count-rows';

export function ChoiceAnswers({ item, works }: AnswersProps<ChoiceItem>) {
  const { isLarge } = useChartPlace();
  const tally = tallyChoice(item, works);
  const pictures = new Map(item.choices.flatMap(({ id, picture }) => (picture ? [[id, picture] as const] : [])));
  return (
    <AnswersCard item={item} works={works} answered={tally.answered}>
      <CountRows>
        {tally.choices.map(({ id, letter, text, right, count }) => {
          const picture = pictures.get(id);
          return (
            <CountRow key={id} letter={letter} count={count} of={tally.answered} isRight={right}>
              {picture ? (
                <img
                  src={pictureUrl(picture)}
                  alt={isLarge ? text : ''}
                  className="me-[0.6em] inline-block h-[2.6em] rounded border border-rule object-cover"
                />
              ) : null}
              {/* What a picture is called is its answer: the class is to look. */}
              {picture && isLarge ? null : <Words text={text} />}
            </CountRow>
          );
        })}
      </CountRows>
    </AnswersCard>
  );
}
