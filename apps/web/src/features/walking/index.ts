/** Walking through slides and filling them in: what student, show and trial share. */
export { loadSlideFields } from './fields/load';
export { type AskedToAdd, fillInBy } from './fill-in-by';
export { FilledInStage } from './filled-in-stage';
export { keyJudge } from './key-judge';
export { LedSounds } from './led-sounds';
export { PutBack } from './put-back';
export { SlideSounds } from './slide-sounds';
export type { SoundLead, SoundOrder } from './sound-lead';
export { SoundPlayer } from './sound-player';
export { FeedbackStrip } from './feedback-strip';
export { useGoingOn } from './use-going-on';
export { useOwnWork } from './use-own-work';
export { WalkFooter } from './walk-footer';
export { WalkStatus } from './walk-status';
export { type Ahead, type Judge, type Walk, useWalk } from './use-walk';
export { useWalkKeys } from './use-walk-keys';
export { WalkTools } from './walk-tools';
