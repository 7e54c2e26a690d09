/** The head of a slide's column on the board: the slide, what the class did on it, and how many are on it. */
import type { Deck } from '@gobrel/core/deck';
import { Thumbnail } from '../../../shared/slides';
import { messages, slideName } from '../../../shared/messages';
import type { ClassOnSlide, TrailSlide } from './class-trail';

interface TrailHeadProps {
  readonly edition: Deck;
  readonly on: TrailSlide;
  readonly done: ClassOnSlide;
  /** How many students there are. */
  readonly students: number;
  /** Whether there is room for the slide's picture. */
  readonly pictured: boolean;
}

/** Width of a slide's picture, in CSS pixels. */
const PICTURE = 62;

const parts = [
  ['right', 'bg-reed'],
  ['partly', 'bg-amber'],
  ['wrong', 'bg-berry'],
  ['answered', 'bg-dusk'],
] as const;

export function TrailHead({ edition, on: { slide, asks }, done, students, pictured }: TrailHeadProps) {
  const name = slideName(edition, slide.id);
  return (
    <th scope="col" className="px-1 pb-1 align-bottom text-xs font-semibold">
      <span className="mx-auto flex w-[66px] flex-col items-center gap-0.5">
        {pictured ? (
          <span className="low:hidden">
            <Thumbnail deck={edition} slideId={slide.id} width={PICTURE} />
          </span>
        ) : null}
        <span
          aria-hidden
          className={`flex h-[5px] w-[62px] overflow-hidden rounded-full ${asks ? 'bg-rule' : ''}`}
          title={messages.board.classDid(done)}
        >
          {parts.map(([part, look]) => (
            <span
              key={part}
              className={`says-by-colour ${look}`}
              style={{ width: `${(100 * done[part]) / Math.max(1, students)}%` }}
            />
          ))}
        </span>
        <span className="block w-full truncate text-center text-ink" title={name}>
          {name}
        </span>
        {asks ? <span className="spoken">{messages.board.classDid(done)}</span> : null}
        <span className={`block min-h-4 ${done.here > 0 ? 'text-clay' : ''}`}>
          {done.here > 0 ? messages.board.here({ count: done.here }) : ''}
        </span>
      </span>
    </th>
  );
}
