/** Answers that a person reads or listens to, by student. */
import type { LongTextItem, SpokenItem } from '@gobrel/core/deck';
import { countWords, wordsGiven } from '@gobrel/core/questions';
import type { Recording } from '@gobrel/core/work';
import { words } from '../../../words';
import { AnswersCard, type AnswersProps } from './answers-card';

interface ReadAnswersProps extends AnswersProps<LongTextItem | SpokenItem> {
  /** The students' names, in the order of their work. */
  readonly names: readonly string[];
}

/** An answer and whose it is. */
interface Given {
  readonly name: string;
  readonly text: string;
  readonly sound: Recording | null;
}

export function ReadAnswers({ item, works, names }: ReadAnswersProps) {
  const given = works.flatMap((work, at): Given[] => {
    const answer = work.answers[item.id];
    const name = names[at] ?? '';
    if (answer?.kind === 'sound') return [{ name, text: '', sound: answer }];
    const text = wordsGiven(work, item.id);
    return text.trim() === '' ? [] : [{ name, text, sound: null }];
  });
  return (
    <AnswersCard item={item} works={works} answered={given.length}>
      <ul className="max-h-80 overflow-y-auto" tabIndex={0} aria-label={words.board.texts}>
        {given.map(({ name, text, sound }) => (
          <li key={name} className="border-t border-rule py-1.5">
            <strong>{name}</strong>{' '}
            <span className="text-sm text-soft">{sound ? '' : words.onSlides.asking.words(countWords(text))}</span>
            {sound ? (
              <audio
                controls
                className="h-10 w-full"
                aria-label={words.board.spokenBy(name)}
                src={`data:${sound.type};base64,${sound.bytes}`}
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
