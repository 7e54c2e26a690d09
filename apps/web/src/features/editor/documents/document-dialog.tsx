/** Pages of a document into the deck: chosen from small pictures, drawn and stored one after the other. */
import { addPages, pageRange, type PageUse, pageUses, readPageRange, type SlideId } from '@gobrel/core/deck';
import { useEffect, useRef, useState } from 'react';
import { type PdfDocument, PdfPassword, storePages, useOpenPdf } from '../../../shared/documents';
import { messages } from '../../../shared/messages';
import { Button, Dialog, DialogActions, Field } from '../../../shared/ui';
import { select } from '../state/desk';
import type { Editing } from '../state/editing';
import { PageGrid } from './page-grid';

interface DocumentDialogProps {
  readonly editing: Editing;
  readonly slideId: SlideId;
  readonly file: File;
  readonly onGo: (slideId: SlideId) => void;
  readonly onClose: () => void;
}

export function DocumentDialog({ file, onClose, ...rest }: DocumentDialogProps) {
  const says = messages.documents;
  const [opening, unlock] = useOpenPdf(file);
  return (
    <Dialog title={says.title({ name: file.name })} open wide="widest" onClose={onClose}>
      {opening.is === 'opening' ? <p role="status">{says.opening}</p> : null}
      {opening.is === 'broken' ? (
        <>
          <p role="alert" className="mb-3">
            {says.broken}
          </p>
          <DialogActions>
            <Button look="main" onClick={onClose}>
              {messages.common.close}
            </Button>
          </DialogActions>
        </>
      ) : null}
      {opening.is === 'locked' ? (
        <PdfPassword
          fileName={file.name}
          wasWrong={opening.wasWrong}
          giveUp={messages.common.cancel}
          onGive={unlock}
          onGiveUp={onClose}
        />
      ) : null}
      {opening.is === 'open' ? (
        <ChoosePages {...rest} file={file} document={opening.document} onClose={onClose} />
      ) : null}
    </Dialog>
  );
}

/** How far the pages are. */
interface Progress {
  readonly done: number;
  readonly of: number;
}

function ChoosePages({
  editing,
  slideId,
  file,
  document,
  onGo,
  onClose,
}: DocumentDialogProps & { document: PdfDocument }) {
  const says = messages.documents;
  const [chosen, setChosen] = useState<ReadonlySet<number>>(() => new Set([1]));
  const [typed, setTyped] = useState<string | null>(null);
  const [use, setUse] = useState<PageUse>('slides');
  const [progress, setProgress] = useState<Progress | null>(null);
  const placing = useRef(new AbortController());
  useEffect(() => {
    const own = new AbortController();
    placing.current = own;
    return () => own.abort();
  }, []);
  const numbers = [...chosen].sort((a, b) => a - b);
  const isRead = typed === null || readPageRange(typed, document.pageCount) !== null;
  const choose = (number: number, isChosen: boolean) => {
    const next = new Set(chosen);
    if (isChosen) next.add(number);
    else next.delete(number);
    setTyped(null);
    setChosen(next);
  };
  const type = (text: string) => {
    setTyped(text);
    const pages = readPageRange(text, document.pageCount);
    if (pages) setChosen(new Set(pages));
  };
  const place = async () => {
    const { signal } = placing.current;
    const stored = await storePages(document, numbers, file.name, {
      tell: (done, of) => setProgress({ done, of }),
      signal,
    }).catch(() => null);
    // Whoever left the dialog wants none of them.
    if (!stored || signal.aborted) return;
    const { pages, isWhole } = stored;
    if (pages.length > 0) {
      const { changes, slideIds, itemIds, linksLost } = addPages(editing.deck, slideId, pages, use);
      editing.run(changes);
      if (slideIds[0] !== undefined) onGo(slideIds[0]);
      else select(...itemIds);
      editing.tellDone(
        [
          says.placed({ count: pages.length }),
          isWhole ? '' : says.onlyFirst({ count: pages.length }),
          linksLost > 0 ? says.linksLost({ count: linksLost }) : '',
        ]
          .filter(Boolean)
          .join(' '),
      );
    }
    onClose();
  };
  return (
    <>
      <div className="mb-3 grid gap-3 sm:grid-cols-[1fr_auto]">
        <Field
          label={says.which}
          hint={says.whichHint({ count: document.pageCount })}
          {...(isRead ? {} : { fault: says.whichWrong({ count: document.pageCount }) })}
          value={typed ?? pageRange(numbers)}
          disabled={progress !== null}
          onChange={({ target }) => type(target.value)}
          onBlur={() => isRead && setTyped(null)}
        />
        <div className="flex items-start gap-2 sm:pt-7">
          <Button
            disabled={progress !== null}
            onClick={() => type(pageRange(Array.from({ length: document.pageCount }, (_, at) => at + 1)))}
          >
            {says.all}
          </Button>
          <Button disabled={progress !== null} onClick={() => type('')}>
            {says.none}
          </Button>
        </div>
      </div>
      <fieldset disabled={progress !== null}>
        <legend className="spoken">{says.pages}</legend>
        <PageGrid document={document} chosen={chosen} onChoose={choose} />
      </fieldset>
      <fieldset className="mt-3" disabled={progress !== null}>
        <legend className="mb-1 font-semibold">{says.use}</legend>
        {pageUses.map((each) => (
          <label key={each} className="flex min-h-control items-center gap-2">
            <input
              type="radio"
              name="page-use"
              className="size-5 accent-tide"
              checked={use === each}
              onChange={() => setUse(each)}
            />
            <span>
              <strong>{says.uses[each]}</strong> <span className="text-soft">{says.useHints[each]}</span>
            </span>
          </label>
        ))}
      </fieldset>
      {progress ? (
        <div role="status" className="mt-3">
          <span>{says.progress(progress)}</span>
          <progress
            className="block h-3 w-full accent-tide"
            aria-label={says.progress(progress)}
            max={progress.of}
            value={progress.done}
          />
        </div>
      ) : null}
      <DialogActions>
        <Button onClick={onClose}>{messages.common.cancel}</Button>
        <Button look="main" disabled={numbers.length === 0 || progress !== null} onClick={() => void place()}>
          {says.place({ count: numbers.length })}
        </Button>
      </DialogActions>
    </>
  );
}
