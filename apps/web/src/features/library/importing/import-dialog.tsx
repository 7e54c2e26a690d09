/** Importing files as a deck: it is made at once when all of them was understood, else what was not is said before. */
import { slidesInOrder } from '@gobrel/core/deck';
import { useEffect, useRef, useState } from 'react';
import { Button, Dialog, DialogActions, FileButton } from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import { ACCEPTED, importKind } from './import-kind';
import { type Imported, NotReadable, readImport } from './read-import';

interface ImportDialogProps {
  /** Files that were dropped before it opened. */
  readonly dropped: readonly File[];
  readonly onImport: (imported: Imported) => void;
  readonly onClose: () => void;
}

/** More rows than this are not listed. */
const MOST = 60;

export function ImportDialog({ dropped, onImport, onClose }: ImportDialogProps) {
  const says = messages.library.import;
  const [step, setStep] = useState('');
  const [trouble, setTrouble] = useState('');
  const [read, setRead] = useState<Imported | null>(null);
  const underWay = useRef<AbortController | null>(null);
  useEffect(() => () => underWay.current?.abort(), []);
  const take = async (files: readonly File[]) => {
    setRead(null);
    const found = importKind(files);
    if ('why' in found) {
      setTrouble(found.why === 'mixed' ? says.mixed : says.unknown({ name: found.name }));
      return;
    }
    setTrouble('');
    const own = new AbortController();
    underWay.current?.abort();
    underWay.current = own;
    const name = files[0]?.name ?? '';
    try {
      const imported = await readImport(found.kind, files, setStep, own.signal);
      if (Object.keys(imported.deck.slides).length === 0) setTrouble(says.nothing({ name }));
      else if (imported.left.length === 0) onImport(imported);
      if (imported.left.length > 0) setRead(imported);
    } catch (error) {
      if (!own.signal.aborted) setTrouble(error instanceof NotReadable ? error.message : says.notRead({ name }));
    }
    if (underWay.current === own) setStep('');
  };
  const stop = () => {
    underWay.current?.abort();
    setStep('');
  };
  useTakenOnce(dropped, take);
  const slides = read ? slidesInOrder(read.deck).length : 0;
  return (
    <Dialog title={says.title} open onClose={onClose}>
      <div
        onDragOver={(event) => event.preventDefault()}
        onDrop={(event) => {
          event.preventDefault();
          void take([...event.dataTransfer.files]);
        }}
      >
        <p className="mb-3 text-soft">{says.hint}</p>
        <FileButton
          name={says.choose}
          accept={ACCEPTED}
          several
          disabled={step !== ''}
          onFile={(_, all) => void take(all)}
        />
        <div role="status" className="mt-3 min-h-6">
          {step ? (
            <p className="flex items-center gap-3">
              {step} <Button onClick={stop}>{messages.common.cancel}</Button>
            </p>
          ) : null}
          {trouble ? <p className="font-semibold text-clay">{trouble}</p> : null}
          {read ? (
            <p className="font-semibold">
              {read.others.length > 0
                ? says.foundDecks({ count: read.others.length + 1, name: read.title })
                : says.found({ slides, name: read.title })}
            </p>
          ) : null}
        </div>
        {read ? (
          <>
            <p className="mt-2 font-semibold text-amber">{says.left}</p>
            <ul className="max-h-48 list-disc overflow-auto ps-5 text-sm" tabIndex={0} aria-label={says.left}>
              {read.left.slice(0, MOST).map((line, at) => (
                <li key={at}>{line}</li>
              ))}
            </ul>
          </>
        ) : null}
      </div>
      {read && slides > 0 ? (
        <DialogActions>
          <Button onClick={onClose}>{messages.common.cancel}</Button>
          <Button look="main" onClick={() => onImport(read)}>
            {says.createDecks({ count: read.others.length + 1 })}
          </Button>
        </DialogActions>
      ) : null}
    </Dialog>
  );
}

/** Takes files that are there from the start, once. */
function useTakenOnce(files: readonly File[], take: (files: readonly File[]) => Promise<void>): void {
  const latest = useRef(take);
  useEffect(() => {
    latest.current = take;
  });
  useEffect(() => {
    if (files.length > 0) void latest.current(files);
  }, [files]);
}
