/** Walking through slides and filling them in: what student, show and trial share. */
export { fillInBy } from './fill-in-by';
export { keyJudge } from './key-judge';
export { SoundPlayer } from './sound-player';
export { type Judge, type Walk, useWalk } from './use-walk';
