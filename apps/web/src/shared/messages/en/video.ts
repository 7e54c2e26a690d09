/** Words about videos on slides. */
export const video = {
  file: 'Choose a video',
  now: (name: string) => `Plays “${name}”.`,
  none: 'No video yet. Choose an MP4 or WebM file of up to 20 MB.',
  underWay: 'The video is on its way …',
  poster: 'Picture before it plays',
  noPoster: 'Begin with its own first picture',
  alt: 'What it shows',
  altHint: 'Read aloud by screen readers.',
  controls: 'Show controls',
} as const;
