/** A slide in the running order: its picture, its name, who else is there; to go to, choose and drag. */
import { type Deck, type Slide, type SlideId } from '@gobrel/core/deck';
import { linksFrom } from '@gobrel/core/routes';
import { ArrowRight, Check, CircleAlert, EyeOff } from 'lucide-react';
import { type CSSProperties, type KeyboardEvent, memo, type MouseEvent, useEffect, useRef } from 'react';
import { Thumbnail } from '../../../shared/slides';
import { listed, messages } from '../../../shared/messages';
import { useToFix } from '../check/use-deck-check';
import { cellStyle, type GridPlace } from './grid-places';
import { DropMarker, useDragged } from './sortable-order';

interface SlideTileProps {
  /** The part of the deck that draws the slide: it changes only when the slide does. */
  readonly drawing: Deck;
  readonly name: string;
  readonly slide: Slide;
  readonly number: number | null;
  readonly place: number;
  /** How many slides there are. */
  readonly count: number;
  /** The names of other authors on this slide. */
  readonly here: string;
  readonly isCurrent: boolean;
  readonly isChosen: boolean;
  /** Width of the picture, in CSS pixels. */
  readonly width: number;
  /** Whether its picture is drawn; else it is only named. */
  readonly withPicture?: boolean;
  /** Where it stands, in a list that places its entries by itself; in CSS pixels. */
  readonly at?: { readonly start: number; readonly top: number };
  /** Where it stands in a grid. */
  readonly cell?: GridPlace | undefined;
  /** Whether it can be chosen by a box of its own, as on a touch screen. */
  readonly withBox?: boolean;
  readonly onPress: (
    id: SlideId,
    how: { readonly ctrlKey: boolean; readonly metaKey: boolean; readonly shiftKey: boolean },
  ) => void;
  readonly onPick: (id: SlideId) => void;
  readonly onKey: (event: KeyboardEvent, id: SlideId) => void;
  readonly onOpen?: (id: SlideId) => void;
}

export const SlideTile = memo(function SlideTile(props: SlideTileProps) {
  const { drawing, name, slide, place, count, here, isCurrent, isChosen, width, at, withPicture = true } = props;
  const { attributes, listeners, setNodeRef, style, isDragging, marker } = useDragged(slide.id);
  const button = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    // Who goes from tile to tile by keys takes the focus along.
    const focused = document.activeElement;
    if (isCurrent && focused !== button.current && focused?.closest('[data-slide]')) button.current?.focus();
  }, [isCurrent]);
  const exits = linksFrom(drawing, slide.id).length;
  const toFix = useToFix(slide.id);
  const placed: CSSProperties = at
    ? { position: 'absolute', insetInlineStart: at.start, top: at.top }
    : props.cell
      ? cellStyle(props.cell)
      : {};
  const frame = isCurrent
    ? 'outline-3 outline-offset-1 outline-dusk'
    : isChosen
      ? 'outline-3 outline-dashed outline-dusk'
      : '';
  const keys = (event: KeyboardEvent) => {
    listeners?.['onKeyDown']?.(event);
    if (!event.defaultPrevented && !isDragging) props.onKey(event, slide.id);
  };
  return (
    <li
      ref={setNodeRef}
      aria-setsize={count}
      aria-posinset={place}
      style={{ ...placed, ...style, width: width + 2 }}
      className="group relative flex-none"
    >
      <DropMarker side={marker} />
      <button
        ref={button}
        type="button"
        {...attributes}
        {...listeners}
        aria-label={listed([
          `${place} ${name}`,
          slide.leftOut ? messages.editor.leftOut : '',
          exits > 0 ? messages.editor.exitCount({ count: exits }) : '',
          toFix > 0 ? messages.checks.toFix({ count: toFix }) : '',
          here ? messages.editor.isHere({ names: here }) : '',
        ])}
        aria-pressed={isChosen}
        data-slide={slide.id}
        aria-current={isCurrent ? 'true' : undefined}
        onClick={(event: MouseEvent) => props.onPress(slide.id, event)}
        onDoubleClick={() => props.onOpen?.(slide.id)}
        onKeyDown={keys}
        className="block w-full text-start"
      >
        {withPicture ? <Picture {...props} exits={exits} frame={frame} /> : null}
        <span
          className={`block truncate text-xs ${withPicture ? 'pt-1.5' : `rounded ${frame}`} ${isCurrent ? 'font-bold' : ''}`}
        >
          {place} {name}
        </span>
      </button>
      {props.withBox ? (
        <button
          type="button"
          role="checkbox"
          aria-checked={isChosen}
          aria-label={messages.order.pick({ name: `${place} ${name}` })}
          onClick={() => props.onPick(slide.id)}
          className={`absolute start-0 top-0 flex size-11 items-start justify-start p-1 group-focus-within:opacity-100 group-hover:opacity-100 focus-visible:opacity-100 pointer-coarse:opacity-100 ${isChosen ? '' : 'opacity-0'}`}
        >
          <span
            className={`flex size-6 items-center justify-center rounded border-2 ${isChosen ? 'border-dusk bg-dusk text-card' : 'border-ink/70 bg-card/85'}`}
          >
            {isChosen ? <Check size={16} aria-hidden /> : null}
          </span>
        </button>
      ) : null}
    </li>
  );
});

interface PictureProps extends SlideTileProps {
  /** How many links leave the slide. */
  readonly exits: number;
  /** How it is outlined. */
  readonly frame: string;
}

/** The slide's picture, with what is so of it at its edges. */
function Picture({ drawing, slide, number, here, width, exits, frame }: PictureProps) {
  const toFix = useToFix(slide.id);
  return (
    <span className={`relative block rounded ${frame}`}>
      <span className={`block ${slide.leftOut ? 'opacity-50' : ''}`}>
        <Thumbnail deck={drawing} slideId={slide.id} width={width} number={number} />
      </span>
      {here ? (
        <span
          aria-hidden
          className="absolute bottom-1 start-1 max-w-[96px] truncate rounded bg-[#3d4e8a] px-1 text-[11px] font-bold leading-4 text-[#fffcf5]"
        >
          {here}
        </span>
      ) : null}
      {toFix > 0 ? (
        <span
          aria-hidden
          title={messages.checks.toFix({ count: toFix })}
          className="absolute end-1 bottom-1 rounded bg-[#9b2242] p-0.5 text-[#fffcf5]"
        >
          <CircleAlert size={12} />
        </span>
      ) : null}
      {slide.leftOut ? (
        <span
          aria-hidden
          title={messages.editor.leftOut}
          className="absolute start-1 top-1 rounded bg-[#fffcf5] px-0.5 text-[#1d2b2a]"
        >
          <EyeOff size={14} />
        </span>
      ) : null}
      {exits > 0 ? (
        <span
          aria-hidden
          className="absolute end-1 top-1 flex items-center rounded bg-[#a84226] px-1 text-[11px] font-bold leading-4 text-[#fffcf5]"
        >
          {exits}
          <ArrowRight size={11} strokeWidth={3} />
        </span>
      ) : null}
    </span>
  );
}
