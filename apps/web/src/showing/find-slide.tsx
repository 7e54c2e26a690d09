/** Goes to any slide at once: by its name, its picture, or back along the way walked. */
import { type SlideId, slidesInOrder } from '@gobrel/core/deck';
import { useState } from 'react';
import { slideName, Thumbnail } from '../slides';
import { Field } from '../ui';
import { words } from '../words';
import type { Show } from './use-show';

interface FindSlideProps {
  readonly show: Show;
  /** Called when somebody has gone somewhere. */
  readonly onGone: () => void;
}

export function FindSlide({ show: { deck, walk }, onGone }: FindSlideProps) {
  const [sought, setSought] = useState('');
  const found = slidesInOrder(deck).filter((slide) =>
    slideName(deck, slide.id).toLowerCase().includes(sought.trim().toLowerCase()),
  );
  const go = (slideId: SlideId) => {
    walk.step({ type: 'go', slideId });
    onGone();
  };
  return (
    <>
      <Field
        label={words.show.goToName}
        value={sought}
        autoFocus
        onChange={(event) => setSought(event.target.value)}
        onKeyDown={(event) => {
          const [first] = found;
          if (event.key === 'Enter' && first) go(first.id);
        }}
      />
      {found.length === 0 ? <p className="text-soft">{words.show.noneFound}</p> : null}
      <ul className="grid max-h-[52vh] grid-cols-[repeat(auto-fill,minmax(124px,1fr))] gap-3 overflow-auto p-1">
        {found.map((slide) => (
          <li key={slide.id}>
            <button type="button" className="w-full text-left text-sm" onClick={() => go(slide.id)}>
              <Thumbnail deck={deck} slideId={slide.id} width={120} />
              <span className="block truncate pt-1 font-semibold">{slideName(deck, slide.id)}</span>
            </button>
          </li>
        ))}
      </ul>
    </>
  );
}
