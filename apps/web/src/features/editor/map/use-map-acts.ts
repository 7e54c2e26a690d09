/** What is done on the map: slides added, moved and removed, ways drawn, led elsewhere and taken away. */
import {
  addSlideFrom,
  addWay,
  applyChanges,
  type Change,
  forgetWalk,
  leadLink,
  leadTo,
  newId,
  type SlideId,
} from '@gobrel/core/deck';
import type { Point } from '@gobrel/core/geometry';
import { CARD, type MapWay } from '@gobrel/core/route-map';
import { type Plan, placePassages } from '@gobrel/core/story-plan';
import { showToast } from '../../../shared/ui';
import { messages, slideName } from '../../../shared/messages';
import type { Editing } from '../state/editing';
import { useStable } from '../state/use-stable';

export function useMapActs({ deck, run, tellDone }: Editing, current: SlideId, onGo: (slideId: SlideId) => void) {
  const toSlide = (slideId: SlideId) => ({ to: 'slide' as const, slideId });
  /** Adds a slide, with its card's middle at a point of the map, and a way to it if it is drawn from somewhere. */
  const addSlide = useStable((at: Point | null, from: SlideId | null = null) => {
    const id = newId();
    const name = messages.routes.newSlide;
    const added = addSlideFrom(deck, 'story', { id, name, after: from ?? current });
    const onMap = at && { x: Math.round(at.x - CARD.width / 2), y: Math.round(at.y - CARD.height / 2) };
    const changes: Change[] = [...added, { type: 'set-slide', id, fields: { onMap } }];
    const way =
      from === null
        ? []
        : addWay(applyChanges(deck, changes), from, { id: newId(), words: name, destination: toSlide(id) });
    run([...changes, ...way]);
    onGo(id);
  });
  const drawWay = useStable((from: SlideId, to: SlideId) => {
    run(addWay(deck, from, { id: newId(), words: slideName(deck, to), destination: toSlide(to) }));
  });
  const leadWay = useStable(({ link, answer }: MapWay, to: SlideId) => {
    if (!link) return;
    run(leadTo(deck, link, toSlide(to), answer));
    tellDone(messages.routes.linkLed({ carrier: link.carrier, to: slideName(deck, to) }));
  });
  const removeWay = useStable(({ link }: MapWay) => {
    if (!link) return void showToast(messages.routes.orderStays);
    run(leadLink(deck, link, null));
    tellDone(messages.routes.linkGone({ carrier: link.carrier }));
  });
  const place = useStable((places: Readonly<Record<SlideId, Point>>) =>
    run(
      Object.entries(places).map(([id, { x, y }]): Change => {
        const onMap = { x: Math.round(x), y: Math.round(y) };
        return { type: 'set-slide', id, fields: { onMap } };
      }),
    ),
  );
  const layOut = useStable(() => {
    const placed = Object.values(deck.slides).filter((slide) => slide.onMap);
    run(placed.map(({ id }): Change => ({ type: 'set-slide', id, fields: { onMap: null } })));
    tellDone(messages.routes.laidOut);
  });
  const forget = useStable((id: string) => {
    run(forgetWalk(deck, id));
    tellDone(messages.routes.walkForgotten);
  });
  const bringIn = useStable((plan: Plan) => {
    const { changes, slides } = placePassages(deck, plan, current);
    run(changes);
    tellDone(messages.routes.broughtIn({ slides: slides.length }));
    if (slides[0] !== undefined) onGo(slides[0]);
  });
  return { bringIn, forget, addSlide, drawWay, leadWay, removeWay, place, layOut };
}
