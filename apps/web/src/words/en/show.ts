/** Words of the show. */

export const show = {
  deck: 'the deck',
  noSlides: 'This deck has no slides yet.',
  back: 'Back',
  next: 'Next',
  restart: 'From the start',
  full: 'Full screen',
  leaveFull: 'Leave full screen',
  end: 'End the show',
} as const;

export const walking = {
  'links-only': 'This slide is left by its links: choose one.',
  'at-end': 'This is the last slide.',
  'at-start': 'This is where you began.',
  'at-first': 'There is no slide before this one.',
  ended: 'The walk ends here. Go back, or begin again from the start.',
  'destination-gone': 'The slide this led to is gone.',
} as const;
