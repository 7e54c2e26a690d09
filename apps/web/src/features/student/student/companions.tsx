/** The others of a group on the same slide: where they point, with their names. */
import { type Deck, type SlideId, sizeOf } from '@gobrel/core/deck';
import { readStop } from '@gobrel/core/show';
import { useReducer, useEffect } from 'react';
import { type OpenDocument, othersIn } from '../../../shared/sync';

interface CompanionsProps {
  readonly document: OpenDocument;
  readonly edition: Deck;
  readonly slideId: SlideId;
}

export function Companions({ document, edition, slideId }: CompanionsProps) {
  const [, look] = useReducer((count: number) => count + 1, 0);
  useEffect(() => {
    // What others announce comes from their devices.
    document.awareness.on('change', look);
    return () => document.awareness.off('change', look);
  }, [document]);
  const size = sizeOf(edition);
  const here = othersIn(document).filter(({ stop }) => readStop(edition, stop)?.slideId === slideId);
  return (
    <span aria-hidden className="pointer-events-none absolute inset-0">
      {here.map(({ client, name, pointer }) =>
        pointer ? (
          <span
            key={client}
            className="absolute flex items-start gap-1"
            style={{ left: `${(pointer.x / size.width) * 100}%`, top: `${(pointer.y / size.height) * 100}%` }}
          >
            <span className="size-3 -translate-x-1/2 -translate-y-1/2 rounded-full border-2 border-[#fffcf5] bg-[#3d4e8a]" />
            <span className="rounded bg-[#3d4e8a] px-1.5 text-sm text-[#fffcf5]">{name}</span>
          </span>
        ) : null,
      )}
    </span>
  );
}
