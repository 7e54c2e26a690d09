/** Takes a file up again that breaks off while it plays. */

/**
 * Loads a file once more when it breaks off, and goes on where it was; says when that was in vain. A network that drops does it,
 * and a device that begins to keep the file meanwhile: browsers refuse parts that come from elsewhere than the first
 * (Chromium, _ResourceMultiBufferDataProvider_). Gives what takes this back.
 */
export function onceMore(media: HTMLMediaElement, onVain: () => void): () => void {
  let isLast = false;
  const again = () => {
    if (isLast) return onVain();
    isLast = true;
    const { currentTime, paused } = media;
    const goOn = () => {
      if (currentTime > 0) media.currentTime = currentTime;
      if (!paused) void media.play().catch(() => undefined);
    };
    media.addEventListener('loadedmetadata', goOn, { once: true });
    // Under another address, as browsers remember what they had of the first.
    if (/^https?:/.test(media.src)) media.src = `${media.src}${media.src.includes('?') ? '&' : '?'}again`;
    else media.load();
  };
  media.addEventListener('error', again);
  // It may have broken off before anybody listened.
  if (media.error) again();
  return () => media.removeEventListener('error', again);
}
