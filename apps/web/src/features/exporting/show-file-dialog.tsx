/** Exports a deck as one HTML file: how large it will be, whether it checks answers, and making it. */
import type { Deck } from '@gobrel/core/deck';
import { useQuery } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { messageOf } from '../../shared/api';
import { saveBlob } from '../../shared/downloads';
import { fileSize, messages } from '../../shared/messages';
import { Button, Dialog, DialogActions, Failing, Loading, showToast } from '../../shared/ui';
import { makeShow, type Part, slideWith, weighShow } from './gather-show';

/** A content that takes more than this is named, in bytes. */
const LARGE = 200_000;
const MOST_NAMED = 5;

export function ShowFileDialog({ deck, onClose }: { deck: Deck; onClose: () => void }) {
  const says = messages.exporting;
  const [hasKeys, setHasKeys] = useState(true);
  const [made, setMade] = useState<{ readonly done: number; readonly all: number } | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const stop = useRef<AbortController | null>(null);
  const weighed = useQuery({
    queryKey: ['weighed', deck],
    queryFn: ({ signal }) => weighShow(deck, signal),
    gcTime: 0,
    retry: false,
  });
  // Whoever closes the dialog wants no file.
  useEffect(() => () => stop.current?.abort(), []);
  const make = async () => {
    if (!weighed.data) return;
    const ending = new AbortController();
    stop.current = ending;
    setTrouble(null);
    setMade({ done: 0, all: 1 });
    const onDone = (done: number, all: number) => setMade({ done, all });
    try {
      const file = await makeShow({ deck, weighed: weighed.data, hasKeys, signal: ending.signal, onDone });
      const name = `${fileName(deck.title)}.html`;
      saveBlob(file, name);
      showToast(says.saved({ name }));
      onClose();
    } catch (error) {
      if (!ending.signal.aborted) setTrouble(messageOf(error));
      setMade(null);
    }
  };
  return (
    <Dialog title={says.title} open onClose={onClose}>
      <p className="mb-3">{says.text}</p>
      <label className="flex min-h-control items-center gap-2 font-semibold">
        <input
          type="checkbox"
          className="size-4.5 accent-dusk"
          checked={hasKeys}
          disabled={made !== null}
          aria-describedby="show-file-keys"
          onChange={({ target }) => setHasKeys(target.checked)}
        />
        {says.keys}
      </label>
      <p id="show-file-keys" className="mb-3 ms-6.5 text-sm text-soft">
        {says.keysHint}
      </p>
      {weighed.isPending ? <Loading what={says.weighing} /> : null}
      {weighed.isError ? <Failing message={messageOf(weighed.error)} onRetry={() => void weighed.refetch()} /> : null}
      {weighed.data ? (
        <>
          <p className="font-semibold">{says.size({ size: fileSize(weighed.data.bytes) })}</p>
          <Heaviest deck={deck} parts={weighed.data.contents} />
        </>
      ) : null}
      {made ? (
        <p role="status" className="mt-3">
          {says.making(made)}
          <progress
            className="mt-1 block w-full accent-tide"
            value={made.done}
            max={made.all}
            aria-label={says.title}
          />
        </p>
      ) : null}
      {trouble ? (
        <p role="alert" className="mt-3 text-berry">
          {trouble}
        </p>
      ) : null}
      <DialogActions>
        <Button onClick={onClose}>{messages.common.cancel}</Button>
        <Button look="main" disabled={!weighed.data || made !== null} onClick={() => void make()}>
          {says.save}
        </Button>
      </DialogActions>
    </Dialog>
  );
}

/** What makes the file large, where it is. */
function Heaviest({ deck, parts }: { deck: Deck; parts: readonly Part[] }) {
  const large = parts
    .filter(({ bytes, kind }) => bytes > LARGE && kind !== 'other')
    .sort((a, b) => b.bytes - a.bytes)
    .slice(0, MOST_NAMED);
  if (large.length === 0) return null;
  return (
    <>
      <h3 className="mt-2 text-base">{messages.exporting.heaviest}</h3>
      <ul>
        {large.map((part) => (
          <li key={part.name} className="flex justify-between gap-3">
            <span className="truncate">
              {messages.exporting.content({ what: part.kind, slide: slideWith(deck, part) })}
            </span>
            <span className="flex-none tabular-nums">{fileSize(part.bytes)}</span>
          </li>
        ))}
      </ul>
    </>
  );
}

/** A title as a file's name: without what no system takes. */
function fileName(title: string): string {
  return (
    title
      .replaceAll(/[\\/:*?"<>|\p{Cc}]/gu, ' ')
      .trim()
      .slice(0, 80) || 'show'
  );
}
