/** Keeps what this lesson needs on the device, so that a reload without a network finds it all. */
import { type Deck, filesIn, mediaIn, picturesIn } from '@gobrel/core/deck';
import { bringDrawings } from '@gobrel/slide-view';
import { useEffect } from 'react';
import { FILES_CACHE } from '../../../app/offline/offline-caches';
import { bringFonts } from './bring-fonts';
import { bringLaterParts } from './later-parts';
import { fileUrl, pictureUrl, stickerUrl, stillUrl } from '../../../shared/api';

/** Videos and sounds of a lesson that come by themselves, in bytes all together. */
const SMALL = 1_000_000;

export function useKeptOffline(edition: Deck): void {
  useEffect(() => {
    // The service worker was not there yet when the first files were loaded, so they are put beside its own.
    if (!('caches' in window)) return;
    const loaded = performance
      .getEntriesByType('resource')
      .map((entry) => new URL(entry.name))
      .filter((url) => url.origin === window.location.origin && url.pathname.startsWith('/assets/'))
      .map((url) => url.href);
    const others = Object.values(edition.items).flatMap((item) => {
      if (item.kind === 'sign' && item.sticker !== '') return [stickerUrl(item.sticker)];
      return item.kind === 'picture' && item.moving ? [stillUrl(item.picture)] : [];
    });
    // Large videos and sounds come when somebody asks for them, as not everybody has the network for it.
    const media = mediaIn(edition);
    const isSmall = media.reduce((sum, { bytes }) => sum + bytes, 0) <= SMALL;
    const large = new Set(isSmall ? [] : media.map(({ file }) => file));
    const files = filesIn(edition).filter((file) => !large.has(file));
    const contents = [...picturesIn(edition).map(pictureUrl), ...files.map(fileUrl), ...others].map(
      (address) => new URL(address, window.location.origin).href,
    );
    bringLaterParts();
    // Without a network there is nothing to bring; the next visit tries again.
    bringDrawings(edition).catch(() => undefined);
    bringFonts(edition);
    void keep([...new Set([...loaded, ...contents])]);
  }, [edition]);
}

async function keep(addresses: readonly string[]): Promise<void> {
  const cache = await caches.open(FILES_CACHE);
  for (const address of addresses) {
    if (await cache.match(address)) continue;
    // Without a network there is nothing to add; the next visit tries again.
    await cache.add(address).catch(() => undefined);
  }
}
