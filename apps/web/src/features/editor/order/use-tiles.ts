/** What strip and grid share: the entries in sight, and what pressing and keys do to a slide's tile. */
import { slideName } from '../../../shared/messages';
import {
  type Deck,
  drawingOf,
  entriesInSight,
  numberOf,
  type Slide,
  type SlideId,
  slidesInOrder,
} from '@gobrel/core/deck';
import { type KeyboardEvent, useMemo } from 'react';
import type { CoAuthor } from '../../../shared/sync';
import { useDesk } from '../state/desk';
import type { Editing } from '../state/editing';
import { useStable } from '../state/use-stable';
import { chosenSlides, inSight, range, toggled } from './choosing';
import type { SlideActions } from './use-slide-actions';

/** What strip and grid are given. */
export interface OrderProps {
  readonly deck: Deck;
  readonly run: Editing['run'];
  readonly tellDone: Editing['tellDone'];
  readonly others: readonly CoAuthor[];
  readonly current: SlideId;
  readonly actions: SlideActions;
  readonly onGo: (slideId: SlideId) => void;
}

interface Tiles extends Pick<OrderProps, 'deck' | 'others' | 'current' | 'actions' | 'onGo'> {
  /** Opens a slide to work on it. */
  readonly onOpen?: (slideId: SlideId) => void;
}

export function useTiles({ deck, others, current, onGo, actions, onOpen }: Tiles) {
  const folded = useDesk((desk) => desk.folded);
  const chosen = useDesk((desk) => desk.chosen);
  // They stay the same while somebody types, and with them everything that goes by them.
  const { slides, sections } = deck;
  const entries = useMemo(() => entriesInSight({ slides, sections }, folded), [slides, sections, folded]);
  const pick = useStable((id: SlideId) => useDesk.setState({ chosen: toggled(current, chosen, id) }));
  const reach = (id: SlideId) => useDesk.setState({ chosen: range(deck, current, id) });
  const press = useStable((id: SlideId, how: { ctrlKey: boolean; metaKey: boolean; shiftKey: boolean }) => {
    if (how.shiftKey) reach(id);
    else if (how.ctrlKey || how.metaKey) pick(id);
    else onGo(id);
  });
  const key = useStable((event: KeyboardEvent, id: SlideId) => {
    const order = inSight(deck);
    const step = { ArrowLeft: -1, ArrowRight: 1, ArrowUp: -1, ArrowDown: 1 }[event.key];
    const isCommand = event.ctrlKey || event.metaKey;
    if (step !== undefined && !isCommand) {
      // With Shift the choice grows or shrinks at the end that is not the slide worked on.
      const end = event.shiftKey && chosen.length > 1 ? otherEnd(order, chosen, current) : id;
      const next = order[order.indexOf(end) + step];
      if (next === undefined) return;
      if (event.shiftKey) reach(next);
      else onGo(next);
    } else if (event.key === 'Delete') actions.remove(chosenSlides(deck, id, chosen));
    else if (isCommand && event.key === 'd') actions.duplicate(chosenSlides(deck, id, chosen));
    else if (isCommand && event.key === 'a') useDesk.setState({ chosen: order });
    else if (event.key === 'Enter' && onOpen && !isCommand) onOpen(id);
    else if (event.key === 'Escape' && chosen.length > 0) useDesk.setState({ chosen: [] });
    else return;
    event.preventDefault();
    event.stopPropagation();
  });
  const places = useMemo(
    () => new Map(slidesInOrder({ slides }).map((slide, place) => [slide.id, place + 1])),
    [slides],
  );
  /** What the tile of a slide shows and does, wherever it stands. */
  const tileOf = (slide: Slide) => ({
    drawing: drawingOf(deck, slide.id),
    name: slideName(deck, slide.id),
    slide,
    number: numberOf(deck, slide.id),
    place: places.get(slide.id) ?? 0,
    count: places.size,
    here: others.flatMap((other) => (other.at === slide.id ? [other.name] : [])).join(', '),
    isCurrent: slide.id === current,
    isChosen: chosen.length > 1 && chosen.includes(slide.id),
    onPress: press,
    onPick: pick,
    onKey: key,
  });
  return { entries, folded, chosen, tileOf };
}

function otherEnd(order: readonly SlideId[], chosen: readonly SlideId[], current: SlideId): SlideId {
  const among = order.filter((id) => chosen.includes(id));
  return (among[0] === current ? among.at(-1) : among[0]) ?? current;
}
