/** Sounds and videos that browsers play, by the media types under which they are recognised. */

const played: Readonly<Record<string, string>> = {
  'audio/mpeg': 'audio/mpeg',
  'audio/wav': 'audio/wav',
  'audio/ogg': 'audio/ogg',
  'audio/opus': 'audio/ogg',
  'audio/ogg; codecs=opus': 'audio/ogg',
  'audio/flac': 'audio/flac',
  'audio/aac': 'audio/aac',
  'audio/mp4': 'audio/mp4',
  'audio/x-m4a': 'audio/mp4',
  'audio/webm': 'audio/webm',
  'video/mp4': 'video/mp4',
  'video/x-m4v': 'video/mp4',
  'video/quicktime': 'video/mp4',
  'video/webm': 'video/webm',
  'video/ogg': 'video/ogg',
};

/** The media type to send a file under that was recognised as `type`; `null` when no browser plays it. */
export function playedAs(type: string | undefined): string | null {
  return played[type ?? ''] ?? null;
}

/** Whether a media type is that of a sound or of a video. */
export function mediaOf(mediaType: string | null): 'sound' | 'video' | null {
  if (mediaType === null) return null;
  return mediaType.startsWith('audio/') ? 'sound' : 'video';
}
