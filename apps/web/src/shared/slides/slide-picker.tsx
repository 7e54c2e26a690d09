/** Picks a slide by its picture, found by a part of its name; Enter takes the first that fits. */
import { type Deck, type SlideId, slidesInOrder } from '@gobrel/core/deck';
import { folded } from '@gobrel/core/search';
import { type ReactNode, useState } from 'react';
import { Field } from '../ui';
import { messages, slideName } from '../messages';
import { Thumbnail } from './thumbnail';

interface SlidePickerProps {
  readonly deck: Deck;
  /** What is typed into the field. */
  readonly label: string;
  /** The slide that is picked already. */
  readonly present?: SlideId | null;
  readonly onPick: (slideId: SlideId) => void;
  /** The most height of the pictures, as a class. */
  readonly height?: string;
  /** What else is found by the same words, below the slides. */
  readonly alsoFound?: (fits: (name: string) => boolean) => ReactNode;
}

export function SlidePicker(props: SlidePickerProps) {
  const { deck, label, present, onPick, height = 'max-h-[50vh]', alsoFound } = props;
  const [sought, setSought] = useState('');
  const fits = (name: string) => folded(name).includes(folded(sought));
  const found = slidesInOrder(deck).filter((slide) => fits(slideName(deck, slide.id)));
  return (
    <>
      <Field
        label={label}
        value={sought}
        autoFocus
        onChange={(event) => setSought(event.target.value)}
        onKeyDown={(event) => {
          const [first] = found;
          if (event.key === 'Enter' && first) onPick(first.id);
        }}
      />
      {found.length === 0 ? <p className="text-soft">{messages.slides.noneFound}</p> : null}
      <ul className={`my-2 grid grid-cols-[repeat(auto-fill,minmax(124px,1fr))] gap-3 overflow-auto p-1 ${height}`}>
        {found.map((slide) => (
          <li key={slide.id}>
            <button
              type="button"
              aria-pressed={present === undefined ? undefined : present === slide.id}
              className="w-full text-start text-sm aria-pressed:text-clay"
              onClick={() => onPick(slide.id)}
            >
              <Thumbnail deck={deck} slideId={slide.id} width={120} />
              <span className="block truncate pt-1 font-semibold">{slideName(deck, slide.id)}</span>
            </button>
          </li>
        ))}
      </ul>
      {alsoFound?.(fits)}
    </>
  );
}
