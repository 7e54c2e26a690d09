/** The pages of a document, small: those in sight are drawn. */
import { useEffect, useRef, useState } from 'react';
import { messages } from '../../../shared/messages';
import type { PdfDocument } from '../../../shared/documents';

interface PageGridProps {
  readonly document: PdfDocument;
  readonly chosen: ReadonlySet<number>;
  readonly onChoose: (number: number, isChosen: boolean) => void;
}

/** Width of a small picture, in pixels. */
const WIDTH = 240;

export function PageGrid({ document, chosen, onChoose }: PageGridProps) {
  const numbers = Array.from({ length: document.pageCount }, (_, at) => at + 1);
  return (
    <ul
      aria-label={messages.documents.pages}
      className="grid max-h-[40vh] grid-cols-[repeat(auto-fill,minmax(7.5rem,1fr))] gap-2 overflow-y-auto rounded-lg border border-rule p-2"
    >
      {numbers.map((number) => (
        <Page
          key={number}
          document={document}
          number={number}
          isChosen={chosen.has(number)}
          onChoose={(isChosen) => onChoose(number, isChosen)}
        />
      ))}
    </ul>
  );
}

interface PageProps {
  readonly document: PdfDocument;
  readonly number: number;
  readonly isChosen: boolean;
  readonly onChoose: (isChosen: boolean) => void;
}

function Page({ document, number, isChosen, onChoose }: PageProps) {
  const [room, picture] = useThumbnail(document, number);
  return (
    <li ref={room} className="[content-visibility:auto]">
      <label className="flex cursor-pointer flex-col gap-1 rounded-md border-2 border-transparent p-1 hover:bg-rule/40 has-checked:border-tide has-checked:bg-tide/10 has-focus-visible:outline-3 has-focus-visible:outline-dusk">
        <span className="flex h-32 items-center justify-center bg-rule/30">
          {picture ? <img src={picture} alt="" className="max-h-full max-w-full border border-rule" /> : null}
        </span>
        <span className="flex items-center gap-1.5 text-sm font-semibold">
          <input
            type="checkbox"
            className="size-5 accent-tide"
            checked={isChosen}
            onChange={({ target }) => onChoose(target.checked)}
          />
          {messages.documents.page({ number })}
        </span>
      </label>
    </li>
  );
}

/** The address of a small picture, once the page is in sight; `null` before. */
function useThumbnail(document: PdfDocument, number: number) {
  const room = useRef<HTMLLIElement>(null);
  const [picture, setPicture] = useState<string | null>(null);
  useEffect(() => {
    let url: string | null = null;
    let isCurrent = true;
    const draw = async () => {
      const blob = await document.thumbnail(number, WIDTH).catch(() => null);
      if (!blob || !isCurrent) return;
      url = URL.createObjectURL(blob);
      setPicture(url);
    };
    // Only the browser knows what is in sight.
    const watch = new IntersectionObserver(([entry]) => {
      if (!entry?.isIntersecting) return;
      watch.disconnect();
      void draw();
    });
    if (room.current) watch.observe(room.current);
    return () => {
      isCurrent = false;
      watch.disconnect();
      if (url !== null) URL.revokeObjectURL(url);
    };
  }, [document, number]);
  return [room, picture] as const;
}
