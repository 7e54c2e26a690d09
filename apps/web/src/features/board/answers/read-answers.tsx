/** Answers that a person reads or listens to, by student. */
import type { LongTextItem, SpokenItem } from '@gobrel/core/deck';
import { countWords, wordsGiven } from '@gobrel/core/questions';
import { soundUrl } from '../../../shared/api';
import { inOrder, messages } from '../../../shared/messages';
import { AnswersCard, type AnswersProps } from './answers-card';
import { useChartPlace } from './chart-place';

interface ReadAnswersProps extends AnswersProps<LongTextItem | SpokenItem> {
  readonly lessonId: string;
  /** The students, in the order of their work; none where the class sees it. */
  readonly people: readonly Person[];
}

/** A student in the lesson. */
export interface Person {
  readonly participantId: string;
  readonly name: string;
}

/** An answer and whose it is; a text, or something spoken. */
interface Given extends Person {
  readonly text: string | null;
}

/** Whose answer it is where nobody is told. */
const NAMELESS: Person = { participantId: '', name: '' };

export function ReadAnswers({ item, works, lessonId, people }: ReadAnswersProps) {
  const given = works.flatMap((work, at): Given[] => {
    const answer = work.answers[item.id];
    const person = people[at] ?? NAMELESS;
    if (answer?.kind === 'sound') return [{ ...person, text: null }];
    const text = wordsGiven(work, item.id);
    return text.trim() === '' ? [] : [{ ...person, text }];
  });
  const { isLarge } = useChartPlace();
  if (isLarge)
    return (
      <AnswersCard item={item} works={works} answered={given.length}>
        {/* What the class sees has no names; voices would be names. */}
        <ul>
          {given
            .flatMap(({ text }) => text ?? [])
            .sort(inOrder)
            .map((text) => (
              <li key={text} className="whitespace-pre-wrap border-b border-rule py-[0.4em]">
                {text}
              </li>
            ))}
        </ul>
      </AnswersCard>
    );
  return (
    <AnswersCard item={item} works={works} answered={given.length}>
      <ul className="max-h-80 overflow-y-auto" tabIndex={0} aria-label={messages.board.texts}>
        {given.map(({ participantId, name, text }) => (
          <li key={participantId} className="border-t border-rule py-1.5">
            <strong>{name}</strong>{' '}
            <span className="text-sm text-soft">
              {text === null ? '' : messages.asking.words({ count: countWords(text) })}
            </span>
            {text === null ? (
              <audio
                controls
                className="h-10 w-full"
                aria-label={messages.board.spokenBy({ name })}
                preload="none"
                src={soundUrl(lessonId, participantId, item.id)}
              />
            ) : (
              <p className="whitespace-pre-wrap">{text}</p>
            )}
          </li>
        ))}
      </ul>
    </AnswersCard>
  );
}
