/** What is done with the chosen slides as a whole: duplicate, remove, copy, paste, begin a section. */
import {
  addSection,
  duplicateSlides,
  newId,
  pasteSlides,
  picturesIn,
  readSlideClip,
  removeSlides,
  type SlideId,
  slidesInOrder,
  slidesToClip,
  withoutPictures,
} from '@gobrel/core/deck';
import { linksTo } from '@gobrel/core/routes';
import { tell } from '../../../ui';
import { words } from '../../../words';
import { useDesk } from '../desk';
import type { Editing } from '../editing';
import { keepPastedPictures } from '../use-pictures';
import { useStable } from '../use-stable';

export interface SlideActions {
  readonly duplicate: (ids: readonly SlideId[]) => void;
  readonly remove: (ids: readonly SlideId[]) => void;
  readonly copy: (ids: readonly SlideId[]) => void;
  readonly paste: (clip: string, after: SlideId) => void;
  readonly beginSection: (before: SlideId) => void;
}

export function useSlideActions(editing: Editing, onGo: (slideId: SlideId) => void): SlideActions {
  const duplicate = useStable((ids: readonly SlideId[]) => {
    const { changes, copies } = duplicateSlides(editing.deck, ids, {
      nameOf: (slide) => slide.name && words.editor.copyOf(slide.name),
    });
    editing.run(changes);
    goAmong(copies, onGo);
  });
  const remove = useStable((ids: readonly SlideId[]) => {
    const { deck, run, tellDone } = editing;
    const leading = ids.flatMap((id) => linksTo(deck, id)).filter((link) => !ids.includes(link.from)).length;
    const order = slidesInOrder(deck);
    const resting = order.filter((slide) => !ids.includes(slide.id));
    const last = order.findLastIndex((slide) => ids.includes(slide.id));
    const next = order.slice(last).find((slide) => !ids.includes(slide.id)) ?? resting.at(-1) ?? order[0];
    run(removeSlides(deck, ids));
    if (next) goAmong([next.id], onGo);
    const said =
      ids.length === 1
        ? words.editor.slideRemoved(deck.slides[ids[0] ?? '']?.name ?? '', leading)
        : words.order.removed(ids.length, leading);
    tellDone(said);
  });
  const copy = useStable((ids: readonly SlideId[]) => {
    useDesk.setState({ slideClip: slidesToClip(editing.deck, ids) });
    tell(words.order.copied(ids.length));
  });
  const refuse = useStable((refused: readonly string[]) => editing.run(withoutPictures(editing.deck, refused)));
  const paste = useStable((clip: string, after: SlideId) => {
    const slides = readSlideClip(clip);
    if (!slides) return;
    const { changes, pasted, openLinks } = pasteSlides(editing.deck, slides, after);
    editing.run(changes);
    void keepPastedPictures(picturesIn(slides), refuse);
    goAmong(pasted, onGo);
    tell(words.editor.slidesPasted(pasted.length, openLinks));
  });
  const beginSection = useStable((before: SlideId) => {
    const id = newId();
    editing.run(addSection(editing.deck, { id, title: words.order.newSection, before }));
    useDesk.setState({ naming: id });
  });
  return { duplicate, remove, copy, paste, beginSection };
}

/** Goes to the first of some slides, with all of them chosen. */
function goAmong(ids: readonly SlideId[], onGo: (slideId: SlideId) => void): void {
  const [first] = ids;
  if (first === undefined) return;
  onGo(first);
  useDesk.setState({ chosen: ids.length > 1 ? ids : [] });
}
