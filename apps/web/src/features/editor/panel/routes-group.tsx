/** What is counted of the ways to and from a slide, beside it. */
import type { SlideId } from '@gobrel/core/deck';
import { Flag, TriangleAlert } from 'lucide-react';
import { useDeferredValue } from 'react';
import { messages, percent } from '../../../shared/messages';
import { useRouteFigures } from '../routes-worker/use-route-figures';
import type { Editing } from '../state/editing';
import { Group } from './parts';

export function RoutesGroup({ editing, slideId }: { editing: Editing; slideId: SlideId }) {
  const figures = useRouteFigures(useDeferredValue(editing.deck));
  const own = figures?.slides.get(slideId);
  if (!own) return null;
  const { ofSlide } = messages.routes;
  return (
    <Group title={ofSlide.title}>
      <ul className="text-sm">
        {own.troubles.map((trouble) => (
          <li key={trouble} className="flex items-center gap-1.5 font-semibold text-berry">
            <TriangleAlert size={15} aria-hidden className="flex-none" /> {messages.routes.troubles[trouble]}
          </li>
        ))}
        {own.ending ? (
          <li className="flex items-center gap-1.5">
            <Flag size={15} aria-hidden className="flex-none text-reed" />
            {ofSlide.ending({
              routes: own.ending.routes === 'endless' ? messages.routes.endless : own.ending.routes.toString(),
            })}
          </li>
        ) : null}
        {own.distance !== null ? <li>{ofSlide.distance({ slides: own.distance })}</li> : null}
        {own.distance !== null && !Number.isNaN(own.seen) ? (
          <li>{ofSlide.seen({ share: percent(own.seen) })}</li>
        ) : null}
      </ul>
    </Group>
  );
}
