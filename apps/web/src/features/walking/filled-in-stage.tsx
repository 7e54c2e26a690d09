/**
 * Somebody's slide to walk and fill in, as large as there is room; a student's, or an author's who tries it. Where it is
 * too small for fingers, what is filled in has fields below or beside it, and it can be shown large.
 */
import { type Deck, sizeOf } from '@gobrel/core/deck';
import type { Point } from '@gobrel/core/geometry';
import { type IsFixed, progressOn } from '@gobrel/core/work';
import { type FillIn, fittedRoom, fittedWidth, ShowStage, useRoom } from '@gobrel/slide-view';
import { ZoomIn, ZoomOut } from 'lucide-react';
import { lazy, type MouseEvent, type PointerEvent, type ReactNode, Suspense, useMemo, useState } from 'react';
import { Button } from '../../shared/ui';
import { messages, slideName } from '../../shared/messages';
import { loadSlideFields } from './fields/load';
import { placeInZone } from './fields/place-in-zone';
import { PutBack } from './put-back';
import { SlideSounds } from './slide-sounds';
import { SoundPlayer } from './sound-player';
import { useFieldsBelow } from './use-fields-below';
import type { Walk } from './use-walk';

/** Comes only where it is needed: a student's first page is to be small. */
const SlideFields = lazy(loadSlideFields);

/** A slide narrower than this is too small for fingers, in CSS pixels. */
const NARROW = 600;
const LARGER = 2.4;
/** Room kept free around the slide, in CSS pixels. */
const RIM = 24;
/** How much of the height a slide may take above its fields, and of the width beside them. */
const ABOVE_FIELDS = 0.46;
const BESIDE_FIELDS = 0.52;

interface FilledInStageProps {
  readonly edition: Deck;
  readonly walk: Walk;
  readonly fillIn: FillIn;
  /** What is not theirs to fill in. */
  readonly isFixed?: IsFixed;
  /** What lies over the slide. */
  readonly over?: ReactNode;
  /** Told where the pointer is, in slide units, and `null` when it leaves. */
  readonly onPoint?: ((point: Point | null) => void) | undefined;
}

const nothingFixed: IsFixed = () => false;

export function FilledInStage({ edition, walk, fillIn, isFixed = nothingFixed, over, onPoint }: FilledInStageProps) {
  const [around, space] = useRoom<HTMLElement>();
  const [isLarge, setIsLarge] = useState(false);
  const { stop } = walk;
  const whole = useMemo(() => ({ width: space.width - RIM, height: space.height - RIM }), [space]);
  const isNarrow = whole.width > 0 && whole.height > 0 && fittedWidth(sizeOf(edition), whole) < NARROW - RIM;
  const isLying = space.width > space.height;
  const below = useFieldsBelow({ edition, stop, fillIn, isFixed, wanted: isNarrow && !isLarge });
  const hasFields = below.fields.length > 0;
  const room = useMemo(() => {
    if (hasFields && isLying) return { width: space.width * BESIDE_FIELDS, height: space.height };
    if (hasFields) return { width: space.width, height: space.height * ABOVE_FIELDS };
    const times = isNarrow && isLarge ? LARGER : 1;
    return { width: whole.width * times, height: whole.height * times };
  }, [space, whole, hasFields, isLying, isNarrow, isLarge]);
  const here = progressOn(edition, fillIn.work, walk.at, isFixed);
  const fitted = useMemo(() => fittedRoom(edition, stop, room), [edition, stop, room]);
  /** While a piece is being placed, a press on a zone of the slide places it there. */
  const onClick = (event: MouseEvent) => {
    if (!below.held) return;
    const under = document.elementsFromPoint(event.clientX, event.clientY);
    const zone = under.map((each) => each.closest('[data-zone]')?.getAttribute('data-zone')).find(Boolean);
    if (!zone) return;
    placeInZone(fillIn, below.zones, below.held, zone);
    below.setPlacing(null);
  };
  const sounds = <SlideSounds deck={edition} slideId={stop.slideId} place={isNarrow ? 'in-row' : 'over'} />;
  const slide =
    room.width > 0 && room.height > 0 ? (
      <div
        className={`relative ${hasFields ? 'mx-auto w-fit border-b border-rule' : 'm-auto border border-ink/70'}`}
        {...pointing(edition, onPoint)}
        onClick={onClick}
      >
        <ShowStage
          deck={edition}
          stop={stop}
          room={fitted}
          follow={walk.follow}
          fillIn={below.hands}
          plays
          label={slideName(edition, walk.at)}
        />
        {over}
        <SoundPlayer walk={walk} />
        {isNarrow ? null : sounds}
      </div>
    ) : null;
  const tools = isNarrow ? (
    <div className="flex min-h-control items-center gap-2 ps-4 pe-1">
      {here.asked > 0 ? <span className="whitespace-nowrap text-soft">{messages.student.progress(here)}</span> : null}
      <PutBack edition={edition} slideId={walk.at} fillIn={fillIn} isShort={hasFields} />
      {sounds}
      <Button look="quiet" className="ms-auto" aria-pressed={isLarge} onClick={() => setIsLarge(!isLarge)}>
        {isLarge ? <ZoomOut size={18} aria-hidden /> : <ZoomIn size={18} aria-hidden />}
        {isLarge ? messages.student.wholeSlide : messages.student.larger}
      </Button>
    </div>
  ) : null;
  return (
    <div className="flex min-h-0 flex-1 flex-col">
      {hasFields ? null : tools}
      <main ref={around} className={`min-h-0 flex-1 ${layOf(hasFields, isLying, isNarrow && isLarge)}`}>
        {hasFields ? (
          <>
            {/* It stays in sight where there is room, so that a piece can be placed by pressing on the slide. */}
            <div
              className={
                isLying
                  ? 'flex-none'
                  : 'z-10 bg-paper [@media(min-height:600px)]:sticky [@media(min-height:600px)]:top-0'
              }
            >
              {slide}
            </div>
            <div className={isLying ? 'min-w-0 flex-1 overflow-y-auto overscroll-contain' : ''}>
              {tools}
              <Suspense fallback={null}>
                <SlideFields
                  edition={edition}
                  fields={below.fields}
                  fillIn={fillIn}
                  placing={below.placing}
                  onPlacing={below.setPlacing}
                  onLarger={() => setIsLarge(true)}
                />
              </Suspense>
            </div>
          </>
        ) : (
          slide
        )}
      </main>
    </div>
  );
}

function layOf(hasFields: boolean, isLying: boolean, isLarge: boolean): string {
  if (hasFields && isLying) return 'flex items-start [&>*]:max-h-full';
  if (hasFields) return 'overflow-y-auto overscroll-contain';
  return `flex p-2 ${isLarge ? 'overflow-auto' : 'items-center justify-center overflow-hidden'}`;
}

/** Listens to where the pointer is over a slide that is seen as a whole. */
function pointing(edition: Deck, onPoint: FilledInStageProps['onPoint']) {
  if (!onPoint) return {};
  const size = sizeOf(edition);
  return {
    onPointerMove: (event: PointerEvent<HTMLElement>) => {
      const box = event.currentTarget.getBoundingClientRect();
      onPoint({
        x: Math.round(((event.clientX - box.left) / box.width) * size.width),
        y: Math.round(((event.clientY - box.top) / box.height) * size.height),
      });
    },
    onPointerLeave: () => onPoint(null),
  };
}
