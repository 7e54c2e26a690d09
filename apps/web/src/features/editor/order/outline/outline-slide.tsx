/** A slide in the outline: its texts, typed where they stand, and its links beside what carries them. */
import { type Language, lettersOf, type Slide, type SlideId } from '@gobrel/core/deck';
import { FormulasOf, inLanguage, RichTextView } from '@gobrel/slide-view';
import { Presentation } from 'lucide-react';
import { memo, useRef } from 'react';
import type * as Y from 'yjs';
import { IconButton } from '../../../../shared/ui';
import { messages } from '../../../../shared/messages';
import { useDesk } from '../../state/desk';
import { TextEditor } from '../../text/text-editor';
import { OutlineLinks, TieLink } from './outline-links';
import type { LinkRead, Read, Worded } from './outline-parts';

/** A point of the screen, in CSS pixels. */
export interface PointOnScreen {
  readonly left: number;
  readonly top: number;
}

interface OutlineSlideProps {
  readonly doc: Y.Doc;
  readonly slide: Slide;
  readonly language: Language | null;
  readonly name: string;
  readonly texts: readonly Read[];
  readonly links: readonly LinkRead[];
  readonly place: number;
  readonly isCurrent: boolean;
  /** Begins typing in a text, where it was pressed. */
  readonly onWrite: (slideId: SlideId, itemId: string, at: PointOnScreen | null) => void;
  readonly onNext: (slideId: SlideId, itemId: string) => void;
  readonly onAddText: (slideId: SlideId) => void;
  readonly onAddSlide: (after: SlideId) => void;
  readonly onChangeLink: (link: LinkRead) => void;
  readonly onTie: (item: Worded) => void;
  /** Goes to another slide of the outline. */
  readonly onGo: (slideId: SlideId) => void;
  readonly onOpen: (slideId: SlideId) => void;
}

export const OutlineSlide = memo(
  function OutlineSlide(props: OutlineSlideProps) {
    const { doc, slide, name, texts, links, place, isCurrent, onWrite, onNext, onAddText, onAddSlide, onOpen } = props;
    const keysIn =
      ({ item, isTitle }: Read) =>
      (event: KeyboardEvent) => {
        if (event.key !== 'Enter' || event.shiftKey) return false;
        if (event.ctrlKey || event.metaKey) onAddSlide(slide.id);
        else if (isTitle) onNext(slide.id, item.id);
        else return false;
        return true;
      };
    const linksOn = (itemId: string) => links.filter(({ link }) => link.itemId === itemId);
    const others = links.filter(({ link }) => !texts.some(({ item }) => item.id === link.itemId));
    return (
      <li
        data-outline={slide.id}
        {...inLanguage(props.language)}
        className={`flex gap-3 border-s-4 py-1.5 ps-3 ${isCurrent ? 'border-dusk' : 'border-transparent'}`}
        aria-current={isCurrent ? 'true' : undefined}
      >
        <span className="w-8 flex-none pt-2 text-end font-semibold tabular-nums text-soft">{place}</span>
        <div className="flex min-w-0 flex-1 flex-col">
          {texts[0]?.isTitle ? null : (
            <p className="px-2 pt-1.5 font-display text-lg font-bold text-soft">
              {slide.name || messages.order.noTitle}
            </p>
          )}
          {texts.map(({ item, isTitle }) => (
            <div key={item.id} className="group flex flex-wrap items-start gap-x-3">
              <div className="min-w-56 flex-[3]">
                <OutlineText
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
                  onWrite={(at) => onWrite(slide.id, item.id, at)}
                  onKey={keysIn({ item, isTitle })}
                />
              </div>
              <div className="flex min-w-44 flex-[2] flex-wrap items-start pt-0.5">
                <OutlineLinks links={linksOn(item.id)} onChange={props.onChangeLink} onGo={props.onGo} />
                {isTitle || item.link ? null : (
                  // In the way of nobody who reads; there for whoever comes to it by keys or touch.
                  <div className="opacity-0 group-focus-within:opacity-100 group-hover:opacity-100 pointer-coarse:opacity-100">
                    <TieLink
                      label={lettersOf(item.text) || messages.kinds[item.kind]}
                      onTie={() => props.onTie(item)}
                    />
                  </div>
                )}
              </div>
            </div>
          ))}
          {others.length === 0 ? null : (
            <div className="flex flex-wrap items-start gap-x-3">
              <p className="min-w-56 flex-[3] px-2 pt-1.5 text-soft">{messages.order.otherLinks}</p>
              <div className="min-w-44 flex-[2]">
                <OutlineLinks links={others} onChange={props.onChangeLink} onGo={props.onGo} />
              </div>
            </div>
          )}
          {texts.some(({ isTitle }) => !isTitle) ? null : (
            <button
              type="button"
              onClick={() => onAddText(slide.id)}
              className="min-h-control self-start rounded-md px-2 text-soft underline decoration-dotted hover:text-ink"
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
  // The lists are made anew on each edit; what counts is whether anything in them is another one.
  (a, b) =>
    a.slide === b.slide &&
    a.place === b.place &&
    a.isCurrent === b.isCurrent &&
    a.name === b.name &&
    a.language === b.language &&
    a.texts.length === b.texts.length &&
    a.texts.every(({ item, isTitle }, at) => item === b.texts[at]?.item && isTitle === b.texts[at].isTitle) &&
    a.links.length === b.links.length &&
    a.links.every(({ link, leadsTo }, at) => link === b.links[at]?.link && leadsTo === b.links[at].leadsTo),
);

interface OutlineTextProps {
  readonly doc: Y.Doc;
  readonly item: Worded;
  readonly isTitle: boolean;
  readonly label: string;
  readonly onWrite: (at: PointOnScreen | null) => void;
  readonly onKey: (event: KeyboardEvent) => boolean;
}

function OutlineText({ doc, item, isTitle, label, onWrite, onKey }: OutlineTextProps) {
  const pressed = useRef<PointOnScreen | null>(null);
  const isTypedIn = useDesk((desk) => desk.typingIn === item.id);
  const look = isTitle ? 'font-display text-lg font-bold' : '';
  if (isTypedIn) {
    return (
      <div
        {...inLanguage(item.language)}
        className={`gv-words rounded-md border border-dusk bg-card px-2 py-1.5 ${look}`}
      >
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
      {...inLanguage(item.language)}
      onPointerDown={({ clientX, clientY }) => {
        pressed.current = { left: clientX, top: clientY };
      }}
      onFocus={() => onWrite(pressed.current)}
      className={`gv-words min-h-control cursor-text rounded-md border border-transparent px-2 py-1.5 hover:border-rule ${look}`}
    >
      {isEmpty ? (
        <span className="text-soft">{item.role ? messages.roles[item.role] : messages.kinds[item.kind]}</span>
      ) : (
        <FormulasOf item={item}>
          <RichTextView text={item.text} follow={undefined} />
        </FormulasOf>
      )}
    </div>
  );
}
