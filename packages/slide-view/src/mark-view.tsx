/** A mark beside what it is for: a sign, a word for screen readers, and points. */
import type { AnswerFeedback, Mark } from '@gobrel/core/questions';
import { useSurroundings } from './surroundings.js';

export function MarkView({ mark }: { mark: Mark | AnswerFeedback }) {
  const { words } = useSurroundings();
  const signs = { right: '✓', partly: '½', wrong: '✕', empty: '–', unmarked: '✎' } as const;
  return (
    <span className={`gv-mark gv-${mark.verdict}`} title={mark.why ? words.reason(mark.why) : undefined}>
      <span aria-hidden="true">{signs[mark.verdict]} </span>
      <span className="gv-spoken">{words.verdicts[mark.verdict]}: </span>
      {mark.verdict === 'unmarked' ? null : words.points(mark.points, mark.outOf)}
    </span>
  );
}
