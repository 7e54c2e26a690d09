/** The deck as an outline: titles and texts, typed straight down, with the links that lead on from them. */
import {
  addItem,
  addSlideFrom,
  entriesInSight,
  isSection,
  leadLink,
  lettersOf,
  newId,
  plainText,
  setLink,
  type SlideId,
  slidesInOrder,
} from '@gobrel/core/deck';
import { useEffect, useRef } from 'react';
import { messages, slideName } from '../../../../shared/messages';
import type { Linking } from '../../links/use-linking';
import { typeIn, useDesk } from '../../state/desk';
import type { Editing } from '../../state/editing';
import { useStable } from '../../state/use-stable';
import { SectionTile } from '../section-tile';
import { SortableOrder } from '../sortable-order';
import { type LinkRead, linksRead, textsOf, type Worded } from './outline-parts';
import { OutlineSlide, type PointOnScreen } from './outline-slide';

interface OutlineProps {
  readonly editing: Editing;
  readonly current: SlideId;
  readonly onGo: (slideId: SlideId) => void;
  /** Opens a slide to work on it. */
  readonly onOpen: (slideId: SlideId) => void;
  /** Ties a link to what is typed in. */
  readonly onPickLink: () => void;
  /** Asks where a link is to lead. */
  readonly onLinking: (linking: Linking) => void;
}

export function Outline({ editing, current, onGo, onOpen, onPickLink, onLinking }: OutlineProps) {
  const { deck, doc, run, tellDone } = editing;
  const folded = useDesk((desk) => desk.folded);
  const entries = entriesInSight(deck, folded);
  const main = useRef<HTMLElement>(null);
  const sought = useRef<SlideId | null>(null);
  useEffect(() => {
    // Whoever follows a link sees where it led to.
    if (sought.current !== current) return;
    sought.current = null;
    void main.current?.querySelector(`[data-outline="${current}"]`)?.scrollIntoView({ block: 'start' });
  }, [current]);
  const write = useStable((slideId: SlideId, itemId: string, at: PointOnScreen | null) => {
    if (slideId !== current) onGo(slideId);
    typeIn(itemId, (editor) => {
      const there = at && editor.view.posAtCoords(at);
      if (there) editor.commands.setTextSelection(there.pos);
    });
  });
  const next = useStable((slideId: SlideId, itemId: string) => {
    const texts = textsOf(deck, slideId);
    const following = texts[texts.findIndex((text) => text.item.id === itemId) + 1];
    if (following) write(slideId, following.item.id, null);
    else addText(slideId);
  });
  const addText = useStable((slideId: SlideId) => {
    const id = newId();
    run(addItem(deck, { id, slideId, kind: 'text', fields: { text: plainText('') } }));
    write(slideId, id, null);
  });
  const addSlide = useStable((after: SlideId) => {
    const id = newId();
    let made = 0;
    run(addSlideFrom(deck, 'title-and-text', { id, name: '', after, createId: () => `${id}${(made += 1)}` }));
    // The title is the first part of the layout.
    write(id, `${id}1`, null);
  });
  const changeLink = useStable(({ link, carrier }: LinkRead) => {
    onLinking({
      slideId: link.from,
      carrier,
      present: link.destination,
      tie: (destination) => editing.run(leadLink(editing.deck, link, destination)),
    });
  });
  const tie = useStable((item: Worded) => {
    // Marked words of the text that is typed in carry the link themselves.
    if (useDesk.getState().typingIn === item.id) return onPickLink();
    onLinking({
      slideId: item.slideId,
      carrier: lettersOf(item.text) || messages.kinds[item.kind],
      present: null,
      tie: (destination) => editing.run(setLink(editing.deck, item.id, destination)),
    });
  });
  const goTo = useStable((slideId: SlideId) => {
    sought.current = slideId;
    onGo(slideId);
  });
  return (
    <main ref={main} aria-label={messages.order.outline} className="min-w-0 flex-1 overflow-y-auto px-6 py-4">
      <p className="mb-3 text-sm text-soft">{messages.order.outlineHint}</p>
      <SortableOrder deck={deck} run={run} entries={entries} chosen={[]}>
        <ol className="max-w-5xl">
          {entries.map((entry) => {
            if (isSection(entry))
              return (
                <SectionTile
                  key={entry.id}
                  deck={deck}
                  run={run}
                  tellDone={tellDone}
                  section={entry}
                  isFolded={folded.has(entry.id)}
                />
              );
            const texts = textsOf(deck, entry.id);
            return (
              <OutlineSlide
                key={entry.id}
                doc={doc}
                slide={entry}
                language={deck.language}
                name={slideName(deck, entry.id)}
                texts={texts}
                links={linksRead(deck, entry.id, texts)}
                place={slidesInOrder(deck).indexOf(entry) + 1}
                isCurrent={entry.id === current}
                onWrite={write}
                onNext={next}
                onAddText={addText}
                onAddSlide={addSlide}
                onChangeLink={changeLink}
                onTie={tie}
                onGo={goTo}
                onOpen={onOpen}
              />
            );
          })}
        </ol>
      </SortableOrder>
    </main>
  );
}
