/** The deck as an outline: titles and texts, typed straight down. */
import {
  addItem,
  addSlideFrom,
  type Deck,
  entriesInSight,
  isSection,
  type Item,
  itemsOf,
  lettersOf,
  newId,
  plainText,
  type Slide,
  type SlideId,
  slidesInOrder,
} from '@gobrel/core/deck';
import { RichTextView } from '@gobrel/slide-view';
import { Presentation } from 'lucide-react';
import { memo } from 'react';
import type * as Y from 'yjs';
import { IconButton } from '../../../shared/ui';
import { messages, slideName } from '../../../shared/messages';
import { typeIn, useDesk } from '../state/desk';
import type { Editing } from '../state/editing';
import { TextEditor } from '../text/text-editor';
import { useStable } from '../state/use-stable';
import { SectionTile } from './section-tile';
import { SortableOrder } from './sortable-order';

type Worded = Extract<Item, { text: unknown }>;

interface OutlineProps {
  readonly editing: Editing;
  readonly current: SlideId;
  readonly onGo: (slideId: SlideId) => void;
  /** Opens a slide to work on it. */
  readonly onOpen: (slideId: SlideId) => void;
}

/** A text of a slide, and whether it is the slide's title. */
interface Read {
  readonly item: Worded;
  readonly isTitle: boolean;
}

/**
 * The texts of a slide as they are read: the title first (by its part in the layout, else the topmost in heading
 * letters), then from top to bottom. Shapes without words are not among them.
 */
function textsOf(deck: Deck, slideId: SlideId): readonly Read[] {
  const texts = itemsOf(deck, slideId)
    .filter((item): item is Worded => item.kind === 'text' || (item.kind === 'shape' && lettersOf(item.text) !== ''))
    .sort((a, b) => a.frame.y - b.frame.y || a.frame.x - b.frame.x);
  const title = texts.find((item) => item.role === 'title') ?? texts.find((item) => item.look.heading);
  const others = texts.filter((item) => item !== title);
  return [...(title ? [{ item: title, isTitle: true }] : []), ...others.map((item) => ({ item, isTitle: false }))];
}

export function Outline({ editing, current, onGo, onOpen }: OutlineProps) {
  const { deck, doc, run, tellDone } = editing;
  const folded = useDesk((desk) => desk.folded);
  const entries = entriesInSight(deck, folded);
  const write = useStable((slideId: SlideId, itemId: string) => {
    if (slideId !== current) onGo(slideId);
    typeIn(itemId);
  });
  const next = useStable((slideId: SlideId, itemId: string) => {
    const texts = textsOf(deck, slideId);
    const following = texts[texts.findIndex((text) => text.item.id === itemId) + 1];
    if (following) write(slideId, following.item.id);
    else addText(slideId);
  });
  const addText = useStable((slideId: SlideId) => {
    const id = newId();
    run(addItem(deck, { id, slideId, kind: 'text', fields: { text: plainText('') } }));
    write(slideId, id);
  });
  const addSlide = useStable((after: SlideId) => {
    const id = newId();
    let made = 0;
    run(addSlideFrom(deck, 'title-and-text', { id, name: '', after, createId: () => `${id}${(made += 1)}` }));
    // The title is the first part of the layout.
    write(id, `${id}1`);
  });
  return (
    <main aria-label={messages.order.outline} className="min-w-0 flex-1 overflow-y-auto px-6 py-4">
      <p className="mb-3 text-sm text-soft">{messages.order.outlineHint}</p>
      <SortableOrder deck={deck} run={run} entries={entries} chosen={[]}>
        <ol className="max-w-3xl">
          {entries.map((entry) =>
            isSection(entry) ? (
              <SectionTile
                key={entry.id}
                deck={deck}
                run={run}
                tellDone={tellDone}
                section={entry}
                isFolded={folded.has(entry.id)}
              />
            ) : (
              <OutlineSlide
                key={entry.id}
                doc={doc}
                slide={entry}
                name={slideName(deck, entry.id)}
                texts={textsOf(deck, entry.id)}
                place={slidesInOrder(deck).indexOf(entry) + 1}
                isCurrent={entry.id === current}
                onWrite={write}
                onNext={next}
                onAddText={addText}
                onAddSlide={addSlide}
                onOpen={onOpen}
              />
            ),
          )}
        </ol>
      </SortableOrder>
    </main>
  );
}

interface OutlineSlideProps {
  readonly doc: Y.Doc;
  readonly slide: Slide;
  readonly name: string;
  readonly texts: readonly Read[];
  readonly place: number;
  readonly isCurrent: boolean;
  readonly onWrite: (slideId: SlideId, itemId: string) => void;
  readonly onNext: (slideId: SlideId, itemId: string) => void;
  readonly onAddText: (slideId: SlideId) => void;
  readonly onAddSlide: (after: SlideId) => void;
  readonly onOpen: (slideId: SlideId) => void;
}

const OutlineSlide = memo(
  function OutlineSlide(props: OutlineSlideProps) {
    const { doc, slide, name, texts, place, isCurrent, onWrite, onNext, onAddText, onAddSlide, onOpen } = props;
    const keysIn =
      ({ item, isTitle }: Read) =>
      (event: KeyboardEvent) => {
        if (event.key !== 'Enter' || event.shiftKey) return false;
        if (event.ctrlKey || event.metaKey) onAddSlide(slide.id);
        else if (isTitle) onNext(slide.id, item.id);
        else return false;
        return true;
      };
    return (
      <li
        className={`flex gap-3 border-l-4 py-1.5 pl-3 ${isCurrent ? 'border-dusk' : 'border-transparent'}`}
        aria-current={isCurrent ? 'true' : undefined}
      >
        <span className="w-8 flex-none pt-2 text-right font-semibold tabular-nums text-soft">{place}</span>
        <div className="min-w-0 flex-1">
          {texts[0]?.isTitle ? null : (
            <p className="px-2 pt-1.5 font-display text-lg font-bold text-soft">
              {slide.name || messages.order.noTitle}
            </p>
          )}
          {texts.map(({ item, isTitle }) => (
            <OutlineText
              key={item.id}
              doc={doc}
              item={item}
              isTitle={isTitle}
              label={
                isTitle
                  ? messages.order.titleOf({ place })
                  : messages.order.textOf({
                      place,
                      label: item.role ? messages.roles[item.role] : messages.kinds[item.kind],
                    })
              }
              onWrite={() => onWrite(slide.id, item.id)}
              onKey={keysIn({ item, isTitle })}
            />
          ))}
          {texts.some(({ isTitle }) => !isTitle) ? null : (
            <button
              type="button"
              onClick={() => onAddText(slide.id)}
              className="min-h-11 rounded-md px-2 text-soft underline decoration-dotted hover:text-ink"
            >
              {messages.order.addText}
            </button>
          )}
        </div>
        <IconButton name={messages.order.openSlide({ name: `${place} ${name}` })} onClick={() => onOpen(slide.id)}>
          <Presentation size={18} aria-hidden />
        </IconButton>
      </li>
    );
  },
  // The list of texts is made anew on each edit; what counts is whether any of them is another one.
  (a, b) =>
    a.slide === b.slide &&
    a.place === b.place &&
    a.isCurrent === b.isCurrent &&
    a.name === b.name &&
    a.texts.length === b.texts.length &&
    a.texts.every(({ item, isTitle }, at) => item === b.texts[at]?.item && isTitle === b.texts[at].isTitle),
);

interface OutlineTextProps {
  readonly doc: Y.Doc;
  readonly item: Worded;
  readonly isTitle: boolean;
  readonly label: string;
  readonly onWrite: () => void;
  readonly onKey: (event: KeyboardEvent) => boolean;
}

function OutlineText({ doc, item, isTitle, label, onWrite, onKey }: OutlineTextProps) {
  const isTypedIn = useDesk((desk) => desk.typingIn === item.id);
  const look = isTitle ? 'font-display text-lg font-bold' : '';
  if (isTypedIn) {
    return (
      <div className={`gv-words rounded-md border border-dusk bg-card px-2 py-1.5 ${look}`}>
        <TextEditor doc={doc} itemId={item.id} label={label} onKey={onKey} />
      </div>
    );
  }
  const isEmpty = lettersOf(item.text) === '';
  return (
    <div
      role="textbox"
      aria-label={label}
      aria-multiline={!isTitle}
      tabIndex={0}
      onFocus={onWrite}
      className={`gv-words min-h-11 cursor-text rounded-md border border-transparent px-2 py-1.5 hover:border-rule ${look}`}
    >
      {isEmpty ? (
        <span className="text-soft">{item.role ? messages.roles[item.role] : messages.kinds[item.kind]}</span>
      ) : (
        <RichTextView text={item.text} follow={undefined} />
      )}
    </div>
  );
}
