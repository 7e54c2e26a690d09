/** Something that was said to a slide: words, a sticker, something spoken. */
import type { ReviewComment } from '@gobrel/core/review';
import { messages } from '../messages';
import { PraiseSign } from './praise-sign';

export function Said({ comment: { text, praise, spoken } }: { comment: ReviewComment }) {
  return (
    <span className="flex min-w-0 flex-1 items-center gap-2">
      {praise ? <PraiseSign praise={praise} size={20} /> : null}
      <span className="min-w-0 flex-1">
        {text ? <span className="block whitespace-pre-wrap">{text}</span> : null}
        {spoken ? (
          <audio
            controls
            className="h-10 w-full max-w-xs"
            aria-label={messages.reviewing.spoken}
            src={`data:${spoken.type};base64,${spoken.bytes}`}
          />
        ) : null}
      </span>
    </span>
  );
}
