/** Exports a deck as one HTML file: how large it will be, whether it checks answers, and making it. */
import type { Deck } from '@gobrel/core/deck';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { messageOf } from '../../shared/api';
import { fileName, saveBlob } from '../../shared/downloads';
import { fileSize, messages } from '../../shared/messages';
import { Dialog, Failing, Loading, showToast } from '../../shared/ui';
import { makeShow, type Part, slideWith, weighShow } from './gather-show';
import { MakingFoot } from './making-foot';
import { useMaking } from './use-making';

/** A content that takes more than this is named, in bytes. */
const LARGE = 200_000;
const MOST_NAMED = 5;

export function ShowFileDialog({ deck, onClose }: { deck: Deck; onClose: () => void }) {
  const says = messages.exporting;
  const [hasKeys, setHasKeys] = useState(true);
  const making = useMaking<{ readonly done: number; readonly all: number }>();
  const weighed = useQuery({
    queryKey: ['weighed', deck],
    queryFn: ({ signal }) => weighShow(deck, signal),
    gcTime: 0,
    retry: false,
  });
  const make = () =>
    making.run(async (signal, onProgress) => {
      if (!weighed.data) return;
      onProgress({ done: 0, all: 1 });
      const onDone = (done: number, all: number) => onProgress({ done, all });
      const file = await makeShow({ deck, weighed: weighed.data, hasKeys, signal, onDone });
      const name = `${fileName(deck.title)}.html`;
      saveBlob(file, name);
      showToast(says.saved({ name }));
      onClose();
    });
  return (
    <Dialog title={says.title} open onClose={onClose}>
      <p className="mb-3">{says.text}</p>
      <label className="flex min-h-control items-center gap-2 font-semibold">
        <input
          type="checkbox"
          className="size-4.5 accent-dusk"
          checked={hasKeys}
          disabled={making.progress !== null}
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
      <MakingFoot
        label={says.title}
        making={making}
        inWords={says.making}
        action={says.save}
        isReady={weighed.data !== undefined}
        onMake={make}
        onClose={onClose}
      />
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
