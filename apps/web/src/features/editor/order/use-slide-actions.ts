/** What is done with the chosen slides as a whole: duplicate, remove, copy, paste, begin a section. */
import {
  addSection,
  applyChanges,
  duplicateSlides,
  leadAway,
  newId,
  pasteSlides,
  contentsIn,
  readSlideClip,
  removeSlides,
  type SlideId,
  slidesInOrder,
  slidesToClip,
  withoutPictures,
} from '@gobrel/core/deck';
import { type Link, linksTo } from '@gobrel/core/routes';
import { useMemo, useState } from 'react';
import { showToast } from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import { useDesk } from '../state/desk';
import type { Editing } from '../state/editing';
import { keepPastedPictures } from '../contents/use-pictures';
import { useStable } from '../state/use-stable';

export interface SlideActions {
  readonly duplicate: (ids: readonly SlideId[]) => void;
  readonly remove: (ids: readonly SlideId[]) => void;
  readonly copy: (ids: readonly SlideId[]) => void;
  readonly paste: (clip: string, after: SlideId) => void;
  readonly beginSection: (before: SlideId) => void;
}

/** Slides that are to be removed though links of others lead to them, and what the author says to it. */
interface Removal {
  readonly ids: readonly SlideId[];
  readonly links: readonly Link[];
  /** Removes them; the links then lead to the slide given, or stay open. */
  readonly answer: (instead: SlideId | null) => void;
  readonly cancel: () => void;
}

/** What can be done with slides, and the removal that is being asked about. */
export function useSlideActions(editing: Editing, onGo: (slideId: SlideId) => void): [SlideActions, Removal | null] {
  const duplicate = useStable((ids: readonly SlideId[]) => {
    const { changes, copies } = duplicateSlides(editing.deck, ids, {
      nameOf: (slide) => slide.name && messages.editor.copyOf({ name: slide.name }),
    });
    editing.run(changes);
    goAmong(copies, onGo);
  });
  const [asking, setAsking] = useState<Removal | null>(null);
  const removeNow = useStable((ids: readonly SlideId[], links: readonly Link[], instead: SlideId | null) => {
    const { deck, run, tellDone } = editing;
    const order = slidesInOrder(deck);
    const resting = order.filter((slide) => !ids.includes(slide.id));
    const last = order.findLastIndex((slide) => ids.includes(slide.id));
    const next = order.slice(last).find((slide) => !ids.includes(slide.id)) ?? resting.at(-1) ?? order[0];
    const led = instead === null ? [] : leadAway(deck, links, ids, instead);
    run([...led, ...removeSlides(applyChanges(deck, led), ids)]);
    if (next) goAmong([next.id], onGo);
    const open = instead === null ? links.length : 0;
    const said =
      ids.length === 1
        ? messages.editor.slideRemoved({
            name: deck.slides[ids[0] ?? '']?.name || messages.editor.theSlide,
            leading: open,
          })
        : messages.order.removed({ count: ids.length, leading: open });
    tellDone(said);
    setAsking(null);
  });
  const remove = useStable((ids: readonly SlideId[]) => {
    const links = ids
      .flatMap((id) => linksTo(editing.deck, id))
      .filter(({ from, destination }) => !ids.includes(from) && namesSlides.includes(destination.to));
    if (links.length === 0) removeNow(ids, links, null);
    else setAsking({ ids, links, answer: (instead) => removeNow(ids, links, instead), cancel: () => setAsking(null) });
  });
  const copy = useStable((ids: readonly SlideId[]) => {
    useDesk.setState({ slideClip: slidesToClip(editing.deck, ids) });
    showToast(messages.order.copied({ count: ids.length }));
  });
  const refuse = useStable((refused: readonly string[]) => editing.run(withoutPictures(editing.deck, refused)));
  const paste = useStable((clip: string, after: SlideId) => {
    const slides = readSlideClip(clip);
    if (!slides) return;
    const { changes, pasted, openLinks } = pasteSlides(editing.deck, slides, after);
    editing.run(changes);
    void keepPastedPictures(contentsIn(slides), refuse);
    goAmong(pasted, onGo);
    showToast(messages.editor.slidesPasted({ slides: pasted.length, open: openLinks }));
  });
  const beginSection = useStable((before: SlideId) => {
    const id = newId();
    editing.run(addSection(editing.deck, { id, title: messages.order.newSection, before }));
    useDesk.setState({ naming: id });
  });
  const actions = useMemo(
    () => ({ duplicate, remove, copy, paste, beginSection }),
    [duplicate, remove, copy, paste, beginSection],
  );
  return [actions, asking];
}

/** Destinations that name their slides, and are open when these go. */
const namesSlides: readonly string[] = ['slide', 'viewpoint', 'by-answer'];

/** Goes to the first of some slides, with all of them chosen. */
function goAmong(ids: readonly SlideId[], onGo: (slideId: SlideId) => void): void {
  const [first] = ids;
  if (first === undefined) return;
  onGo(first);
  useDesk.setState({ chosen: ids.length > 1 ? ids : [] });
}
