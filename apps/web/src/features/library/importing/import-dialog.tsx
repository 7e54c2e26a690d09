/** Importing files as a deck: it is made at once when all of them was understood, else what was not is said before. */
import { slidesInOrder } from '@gobrel/core/deck';
import type { KeptBeside } from '@gobrel/core/formats';
import { useEffect, useRef, useState } from 'react';
import { Button, Dialog, DialogActions, FileButton } from '../../../shared/ui';
import { NotReadable } from '../../../shared/deck-files';
import { PdfPassword } from '../../../shared/documents';
import { listed, messages } from '../../../shared/messages';
import { ACCEPTED, importGroups } from './import-kind';
import { useLockedFile } from './use-locked-file';
import { type Imported, readImport } from './read-import';

interface ImportDialogProps {
  /** Files that were dropped before it opened. */
  readonly dropped: readonly File[];
  /** What they are for: decks of their own, or slides of the deck that is worked on. */
  readonly makes?: 'decks' | 'slides';
  readonly onImport: (imported: Imported) => void;
  readonly onClose: () => void;
}

/** More rows than this are not listed. */
const MOST = 60;

export function ImportDialog({ dropped, makes = 'decks', onImport, onClose }: ImportDialogProps) {
  const says = messages.library.import;
  const [step, setStep] = useState('');
  const [trouble, setTrouble] = useState('');
  const [read, setRead] = useState<Imported | null>(null);
  const [fileName, setFileName] = useState('');
  const [fileCount, setFileCount] = useState(1);
  const [withBeside, setWithBeside] = useState(true);
  const [locked, ask] = useLockedFile();
  const underWay = useRef<AbortController | null>(null);
  useEffect(() => () => underWay.current?.abort(), []);
  const take = async (files: readonly File[]) => {
    setRead(null);
    const found = importGroups(files);
    setTrouble('');
    const own = new AbortController();
    underWay.current?.abort();
    underWay.current = own;
    const name = files[0]?.name ?? '';
    setFileName(name);
    setFileCount(found.groups.length + found.unknown.length);
    try {
      const imported = await readImport(found, { tell: setStep, askPassword: ask, signal: own.signal });
      const hasDeck = Object.keys(imported.deck.slides).length > 0;
      const isMore = imported.beside !== null;
      if (!hasDeck && !isMore) setTrouble(says.nothing({ name }));
      else if (imported.left.length === 0 && !isMore) onImport(imported);
      if (imported.left.length > 0 || isMore) setRead(imported);
    } catch (error) {
      if (!own.signal.aborted) setTrouble(error instanceof NotReadable ? error.message : says.notRead({ name }));
    }
    if (underWay.current === own) setStep('');
  };
  const stop = () => {
    underWay.current?.abort();
    setStep('');
  };
  const isReading = step !== '' && locked === null;
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
          {isReading ? (
            <p className="flex items-center gap-3">
              {step} <Button onClick={stop}>{messages.common.cancel}</Button>
            </p>
          ) : null}
          {trouble ? <p className="font-semibold text-clay">{trouble}</p> : null}
          {read && slides > 0 ? (
            <p className="font-semibold">
              {fileCount > 1
                ? says.foundInFiles({ count: read.others.length + 1, files: fileCount })
                : read.others.length > 0
                  ? says.foundDecks({ count: read.others.length + 1, name: fileName })
                  : says.found({ slides, name: read.title })}
            </p>
          ) : null}
        </div>
        {locked ? (
          <PdfPassword
            fileName={locked.fileName}
            wasWrong={locked.wasWrong}
            giveUp={fileCount > 1 ? says.leaveOut : messages.common.cancel}
            onGive={locked.give}
            onGiveUp={() => locked.give(null)}
          />
        ) : null}
        {read && read.left.length > 0 && slides > 0 ? <p className="mt-2 text-soft">{says.check}</p> : null}
        {read?.beside ? <Beside beside={read.beside} isWanted={withBeside} onChange={setWithBeside} /> : null}
        {read && read.left.length > 0 ? (
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
      {read && (slides > 0 || (withBeside && read.beside !== null)) ? (
        <DialogActions>
          <Button onClick={onClose}>{messages.common.cancel}</Button>
          <Button look="main" onClick={() => onImport(withBeside ? read : { ...read, beside: null })}>
            {makes === 'slides'
              ? says.addSlides({ count: slides })
              : read.beside && withBeside
                ? says.restore
                : says.createDecks({ count: read.others.length + 1 })}
          </Button>
        </DialogActions>
      ) : null}
    </Dialog>
  );
}

interface BesideProps {
  readonly beside: KeptBeside;
  readonly isWanted: boolean;
  readonly onChange: (isWanted: boolean) => void;
}

/** What else of somebody a backup has, and whether it is wanted. */
function Beside({ beside: { classes, lessons, themes, templates }, isWanted, onChange }: BesideProps) {
  const says = messages.library.import;
  const parts = [
    classes.length > 0 ? says.besideClasses({ count: classes.length }) : '',
    lessons.length > 0 ? says.besideLessons({ count: lessons.length }) : '',
    themes.length > 0 ? says.besideThemes({ count: themes.length }) : '',
    templates.length > 0 ? says.besideTemplates({ count: templates.length }) : '',
  ];
  return (
    <label className="mt-1 flex min-h-control items-start gap-2.5 py-1">
      <input
        type="checkbox"
        className="mt-0.5 size-4.5 flex-none accent-dusk"
        checked={isWanted}
        onChange={({ target }) => onChange(target.checked)}
      />
      <span>
        <span className="block font-semibold">
          {says.beside({ what: listed(parts.filter((part) => part !== '')) })}
        </span>
        <span className="block text-sm text-soft">{says.besideHint}</span>
      </span>
    </label>
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
