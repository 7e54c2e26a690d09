/** Videos and sounds of a lesson, for when there is no network: how large they are, and a press that fetches them. */
import { type Deck, mediaIn } from '@gobrel/core/deck';
import { CircleCheck, Download } from 'lucide-react';
import { useEffect, useState } from 'react';
import { FILES_CACHE } from '../../../app/offline/offline-caches';
import { fileUrl } from '../../../shared/api';
import { fileSize, messages } from '../../../shared/messages';
import { Button } from '../../../shared/ui';

export function MediaOffline({ edition }: { edition: Deck }) {
  const says = messages.student.media;
  const [here, setHere] = useState<ReadonlySet<string> | null>(null);
  const [goes, setGoes] = useState<'no' | 'goes' | 'failed'>('no');
  useEffect(() => {
    let isLeft = false;
    void filesHere().then((files) => {
      if (!isLeft) setHere(files);
    });
    return () => {
      isLeft = true;
    };
  }, []);
  const media = mediaIn(edition);
  if (media.length === 0 || here === null) return null;
  const missing = media.filter(({ file }) => !here.has(file));
  const bytes = missing.reduce((sum, each) => sum + each.bytes, 0);
  const fetchAll = async () => {
    setGoes('goes');
    const cache = await caches.open(FILES_CACHE);
    try {
      for (const { file } of missing) {
        await cache.add(new URL(fileUrl(file), window.location.origin).href);
        setHere((files) => new Set([...(files ?? []), file]));
      }
      setGoes('no');
    } catch {
      setGoes('failed');
    }
  };
  if (missing.length === 0)
    return (
      <p className="flex items-center gap-1.5 text-sm text-reed">
        <CircleCheck size={16} aria-hidden className="flex-none" /> {says.here}
      </p>
    );
  return (
    <div className="flex flex-wrap items-center gap-2">
      <Button disabled={goes === 'goes'} onClick={() => void fetchAll()}>
        <Download size={18} aria-hidden /> {says.fetch({ size: fileSize(bytes) })}
      </Button>
      <p role="status" className="min-w-40 flex-1 text-sm text-soft">
        {goes === 'goes'
          ? says.under({ done: media.length - missing.length, of: media.length })
          : goes === 'failed'
            ? says.failed
            : says.hint}
      </p>
    </div>
  );
}

/** The files that this device has; none where it keeps nothing. */
async function filesHere(): Promise<ReadonlySet<string> | null> {
  if (!('caches' in window)) return null;
  const cache = await caches.open(FILES_CACHE);
  return new Set((await cache.keys()).flatMap(({ url }) => /\/api\/files\/([0-9a-f]{64})$/.exec(url)?.[1] ?? []));
}
