/** Short texts, similar ones together. */
import type { BlankItem, ShortTextItem } from '@gobrel/core/deck';
import { groupTexts, isAccepted, wordsGiven } from '@gobrel/core/questions';
import { useMemo } from 'react';
import { listed, messages } from '../../../shared/messages';
import { AnswersCard, type AnswersProps } from './answers-card';
import { CountRow, CountRows } from './count-rows';

/** Between texts. */
const BETWEEN = '\0';

export function TextAnswers({ item, works }: AnswersProps<BlankItem | ShortTextItem>) {
  const texts = works
    .map((work) => (item.kind === 'blank' ? (work.blanks[item.id] ?? '') : wordsGiven(work, item.id)))
    .filter((text) => text.trim() !== '');
  // NUL is the one letter that no answer can have.
  const key = texts.join(BETWEEN);
  // Grouping compares every text with every group: not for each letter that somebody types elsewhere.
  const groups = useMemo(() => groupTexts(key === '' ? [] : key.split(BETWEEN)), [key]);
  return (
    <AnswersCard item={item} works={works} answered={texts.length}>
      <CountRows>
        {groups.map(({ text, others, count }) => (
          <CountRow
            key={text}
            count={count}
            of={texts.length}
            isRight={isAccepted(text, item.accepted, item, 'options' in item ? item.options : [])}
          >
            {text}
            {others.length > 0 ? (
              <span className="block text-soft">
                {messages.board.alsoWritten({ texts: listed(others.map((other) => other.text).slice(0, 6)) })}
              </span>
            ) : null}
          </CountRow>
        ))}
      </CountRows>
    </AnswersCard>
  );
}
