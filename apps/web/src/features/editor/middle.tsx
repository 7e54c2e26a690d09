/** The slide that is worked on, in the middle of the cards that lead to it and from it. */
import type { LibraryPicture } from '@gobrel/contract';
import type { Point } from '@gobrel/core/geometry';
import { type SlideId, sizeOf } from '@gobrel/core/deck';
import { type DragEvent, useCallback, useDeferredValue, useRef } from 'react';
import { type CoAuthor } from '../../shared/sync';
import { useRoom } from '@gobrel/slide-view';
import { isCoarsePointer } from '../../shared/ui';
import { Canvas } from './canvas/canvas';
import { RouteCards } from './canvas/route-cards';
import { layOutRoutes } from './canvas/route-layout';
import { beginDrag } from './canvas/begin-drag';
import { useView } from './canvas/use-view';
import { ZoomBar } from './canvas/zoom-bar';
import { type Editing } from './state/editing';
import { InkBar } from './ink/ink-bar';
import { useInking } from './ink/inking';
import { themeAt } from './panel/theme-at';
import { carriedPicture, carriesPicture } from './pictures/carried-picture';
import { UploadsTray } from './media/uploads-tray';

interface MiddleProps {
  readonly others: readonly CoAuthor[];
  readonly editing: Editing;
  readonly slideId: SlideId;
  readonly onGo: (slideId: SlideId) => void;
  readonly onPickLink: () => void;
  readonly onFiles: (files: readonly File[]) => void;
  /** @param at the middle of it, in slide units */
  readonly onLibraryPicture: (picture: LibraryPicture, at: Point) => void;
  /** Tries the slide as a student. */
  readonly onTry: () => void;
}

export function Middle({ others, editing, slideId, onGo, onPickLink, onFiles, onLibraryPicture, onTry }: MiddleProps) {
  const { deck } = editing;
  const isInking = useInking(({ isOn }) => isOn);
  const deferredDeck = useDeferredValue(deck);
  const element = useRef<HTMLElement>(null);
  const [measured, area] = useRoom<HTMLElement>();
  const around = useCallback(
    (main: HTMLElement) => {
      element.current = main;
      return measured(main);
    },
    [measured],
  );
  const size = sizeOf(deck);
  const fitting = layOutRoutes(area, size, isCoarsePointer());
  const { view, zoom, fit } = useView(element, area, fitting.slide, editing, slideId);
  const slide = { x: view.x, y: view.y, width: size.width * view.scale, height: size.height * view.scale };
  const layout = { ...fitting, slide };
  const drop = (event: DragEvent) => {
    const picture = carriedPicture(event.dataTransfer);
    if (picture) {
      const around = element.current?.getBoundingClientRect();
      event.preventDefault();
      const x = (event.clientX - (around?.left ?? 0) - slide.x) / view.scale;
      const y = (event.clientY - (around?.top ?? 0) - slide.y) / view.scale;
      return onLibraryPicture(picture, { x, y });
    }
    if (event.dataTransfer.files.length === 0) return;
    event.preventDefault();
    onFiles([...event.dataTransfer.files]);
  };
  return (
    <main
      ref={around}
      className="dotted-ground relative min-w-0 flex-1 touch-none overflow-hidden"
      onDragOver={(event) => {
        event.preventDefault();
        if (carriesPicture(event.dataTransfer)) event.dataTransfer.dropEffect = 'copy';
      }}
      onDrop={drop}
      onPointerDown={(event) => {
        // A press beside the slide selects nothing; a drag draws a marquee from there.
        if (!(event.target instanceof Element) || event.target.closest('button, [data-canvas], [role=toolbar]')) return;
        beginDrag(event, { kind: 'canvas' }, { editing, slideId, scale: view.scale });
      }}
    >
      {area.width > 0 ? (
        <RouteCards deck={deferredDeck} slideId={slideId} area={area} layout={layout} onGo={onGo}>
          <div className="absolute" style={{ left: layout.slide.x, top: layout.slide.y }}>
            <Canvas
              editing={editing}
              others={others}
              slideId={slideId}
              width={layout.slide.width}
              onPickLink={onPickLink}
            />
          </div>
        </RouteCards>
      ) : null}
      <UploadsTray />
      {isInking ? <InkBar theme={themeAt(deck, slideId)} /> : null}
      <ZoomBar inRow={layout.inRows} scale={view.scale} onZoom={zoom} onFit={fit} onTry={onTry} />
    </main>
  );
}
