/** Draws a slide: the one drawing behind editor, thumbnails, show, student view and board. */
import {
  type Deck,
  isMedia,
  type Item,
  itemsToDraw,
  nameOf,
  numberOf,
  type Piece,
  piecesOn,
  type SlideId,
  sizeOf,
  zonesOn,
} from '@gobrel/core/deck';
import type { AnswerFeedback, Mark, Marks } from '@gobrel/core/questions';
import type { Frame } from '@gobrel/core/geometry';
import { addedOn, applyWork, type Work } from '@gobrel/core/work';
import { memo, type ReactNode, useMemo } from 'react';
import { AddedView } from './added-view.js';
import { type FillIn, type FollowLink, readingHands } from './hands.js';
import { GroundPictureView, groundOf, hasOwnGround } from './ground.js';
import { frameStyle } from './item-frame.js';
import { ItemContent } from './items/index.js';
import { inLanguage } from './language.js';
import { MarkView } from './mark-view.js';
import { paint } from './paint.js';
import { type Playing, PlayingProvider, STILL } from './playing.js';
import { PieceHands } from './piece-hands.js';
import { linkBehaviour } from './rich-text-view.js';
import { SureView } from './sure-view.js';
import { useSurroundings } from './surroundings.js';
import { SlideTheme } from './slide-theme.js';
import { ThemeBackdrop } from './theme-backdrop.js';
import { themeClasses, themeStyle } from './theme-style.js';

/** What a slide is drawn from. */
export interface SlideViewProps {
  readonly deck: Deck;
  readonly slideId: SlideId;
  /** Width on the screen, in CSS pixels; the height follows. */
  readonly width: number;
  /** Lets links be followed. */
  readonly follow?: FollowLink | undefined;
  /** Lets a student fill in. */
  readonly fillIn?: FillIn | undefined;
  /** Work to lay over the slide when nobody fills in. */
  readonly work?: Work | undefined;
  /** Marks to draw beside what they are for. */
  readonly marks?: Marks | undefined;
  /** The number shown on the slide, for a deck that is the drawing of one slide; else the deck tells. */
  readonly number?: number | null | undefined;
  /** The step up to which items have appeared; all of them when it is not given. */
  readonly appeared?: number | undefined;
  /** Whether media play by themselves here, as they do where a show is shown. */
  readonly plays?: boolean | undefined;
  /** What the slide is called for a screen reader; '' for a slide that is only decoration. */
  readonly label: string;
}

/** A slide at a given width. */
export const SlideView = memo(function SlideView(props: SlideViewProps) {
  const {
    deck,
    slideId,
    width,
    follow,
    fillIn,
    marks,
    appeared = Infinity,
    plays = false,
    number = numberOf(deck, slideId),
  } = props;
  const work = fillIn?.work ?? props.work;
  const laid = useMemo(() => (work ? applyWork(deck, work) : deck), [deck, work]);
  const items = useMemo(
    () => itemsToDraw(laid, slideId).filter((item) => !item.hidden && item.appears <= appeared),
    [laid, slideId, appeared],
  );
  const canMove = fillIn !== undefined && !fillIn.locked;
  const pieces = useMemo(() => (canMove ? piecesOn(laid, slideId) : []), [canMove, laid, slideId]);
  const zones = useMemo(() => zonesOn(deck, slideId), [deck, slideId]);
  const shown = fillIn ?? (work ? readingHands(work) : undefined);
  const scale = width / sizeOf(deck).width;
  const byPress = follow !== undefined || fillIn !== undefined;
  const playing = useMemo(() => ({ byPress, upTo: plays ? appeared : null }), [byPress, plays, appeared]);
  return (
    <SlideStage
      deck={deck}
      slideId={slideId}
      width={width}
      number={number}
      label={props.label}
      // Where nothing can be pressed but what plays, a slide without it is a picture.
      still={!byPress && !(plays && items.some(isMedia))}
      playing={playing}
    >
      {inLayers(items, pieces).map((layer) => {
        const drawn = layer.items.map((item) => (
          <DrawnItem
            key={item.id}
            item={item}
            mark={marks?.items[item.id] ?? fillIn?.feedback[item.id]}
            follow={follow}
            fillIn={shown}
            around={layer.piece?.frame ?? null}
          />
        ));
        return layer.piece && fillIn ? (
          <PieceHands key={layer.piece.id} zones={zones} piece={layer.piece} fillIn={fillIn} scale={scale}>
            {drawn}
          </PieceHands>
        ) : (
          drawn
        );
      })}
      {work
        ? addedOn(deck, work, slideId).map((added) => (
            <AddedView
              key={added.id}
              added={added}
              deck={deck}
              scale={scale}
              fillIn={fillIn?.below?.ids.has(added.areaId) ? undefined : fillIn}
            />
          ))
        : null}
    </SlideStage>
  );
});

interface SlideStageProps {
  readonly deck: Deck;
  readonly slideId: SlideId;
  readonly width: number;
  readonly label: string;
  /** The number shown on the slide. */
  readonly number: number | null;
  /** Whether it is a picture of a slide, with nothing in it to press. */
  readonly still: boolean;
  /** What media on it may do; they stand still when it is not given. */
  readonly playing?: Playing;
  readonly children: ReactNode;
}

/** The ground of a slide, scaled so that what is inside can be placed in slide units. */
export function SlideStage({ deck, slideId, width, label, number, still, playing = STILL, children }: SlideStageProps) {
  const size = sizeOf(deck);
  const slide = deck.slides[slideId];
  const layout = slide?.layout ?? 'blank';
  const scale = width / size.width;
  const role = label === '' ? { 'aria-hidden': true } : { role: still ? 'img' : 'group', 'aria-label': label };
  return (
    <div
      className="gv-slide"
      style={{ width, height: size.height * scale }}
      {...role}
      {...inLanguage(deck.language)}
      inert={still}
      tabIndex={still ? undefined : -1}
    >
      <div
        className={themeClasses(deck.theme, layout)}
        style={{
          width: size.width,
          height: size.height,
          ...themeStyle(deck.theme, layout),
          background: slide ? groundOf(slide) : paint('ground'),
          transform: `scale(${scale})`,
          ['--gv-scale' as string]: scale,
        }}
      >
        {slide && !hasOwnGround(slide) ? (
          <ThemeBackdrop backdrop={deck.theme.backdrop} layout={layout} {...size} />
        ) : null}
        {slide?.groundPicture ? <GroundPictureView ground={slide.groundPicture} /> : null}
        <SlideTheme.Provider value={deck.theme}>
          <PlayingProvider value={playing}>{children}</PlayingProvider>
        </SlideTheme.Provider>
        {number === null ? null : <span className="gv-number">{number}</span>}
      </div>
    </div>
  );
}

/** What is drawn one over the other: an item by itself, or all items of a piece, which move as one. */
interface DrawnLayer {
  readonly piece: Piece | null;
  readonly items: readonly Item[];
}

/** Items from back to front, those of a piece together where the backmost of them stands. */
function inLayers(items: readonly Item[], pieces: readonly Piece[]): readonly DrawnLayer[] {
  const owners = new Map(pieces.flatMap((piece) => piece.items.map((item) => [item.id, piece] as const)));
  const begun = new Map<Piece, Item[]>();
  return items.flatMap((item): DrawnLayer[] => {
    const piece = owners.get(item.id);
    if (!piece) return [{ piece: null, items: [item] }];
    const members = begun.get(piece);
    members?.push(item);
    if (members) return [];
    const first = [item];
    begun.set(piece, first);
    return [{ piece, items: first }];
  });
}

interface DrawnItemProps {
  readonly item: Item;
  /** How the answer stands, or what is told of that. */
  readonly mark: Mark | AnswerFeedback | undefined;
  readonly follow: FollowLink | undefined;
  readonly fillIn: FillIn | undefined;
  /** The frame of the piece that it is drawn in; `null` when it stands by itself. */
  readonly around: Frame | null;
}

function DrawnItem({ item, mark, follow, fillIn, around }: DrawnItemProps) {
  const { words } = useSurroundings();
  const linked = item.link && follow && !item.loose;
  const { frame } = item;
  const within = around && {
    ...frame,
    x: frame.x - around.x,
    y: frame.y - around.y,
    rotation: frame.rotation - around.rotation,
  };
  return (
    <div
      className={[
        linked ? 'gv-item gv-linked' : 'gv-item',
        item.loose ? 'gv-loose' : '',
        item.kind === 'line' || item.kind === 'hotspot' || item.kind === 'viewpoint' ? 'gv-through' : '',
        item.appears > 0 ? 'gv-appears' : '',
      ]
        .filter(Boolean)
        .join(' ')}
      style={frameStyle(within ?? frame)}
      data-draws={item.id}
      {...inLanguage(item.language)}
      {...(item.link && linked
        ? { ...linkBehaviour(item.link, follow), 'aria-label': nameOf(item) || words.hotspot }
        : {})}
    >
      {fillIn?.below?.ids.has(item.id) ? (
        <SeenBelow item={item} fillIn={fillIn} show={fillIn.below.show} />
      ) : (
        <>
          <ItemContent item={item} follow={follow} fillIn={fillIn} />
          {'asksSure' in item && item.asksSure && fillIn ? <SureView item={item} fillIn={fillIn} /> : null}
        </>
      )}
      {mark ? <MarkView mark={mark} /> : null}
    </div>
  );
}

/** What is filled in below its slide: a picture of it as it stands, and a press on it leads to its field. */
function SeenBelow({ item, fillIn, show }: { item: Item; fillIn: FillIn; show: (id: string) => void }) {
  return (
    <div className="gv-seen-below" aria-hidden="true" onClick={() => show(item.id)}>
      <div className="gv-fills" inert>
        <ItemContent item={item} fillIn={readingHands(fillIn.work, fillIn.feedback, fillIn.who)} />
      </div>
    </div>
  );
}
