/** Draws slides. No editing, no fetching. */
export { bringDrawings } from './bring-drawings.js';
export { FieldBelow } from './field-below.js';
export { type FieldsBelow, type FillIn, type FollowLink, canAnswer, readingHands } from './hands.js';
export { boxStyle, frameStyle } from './item-frame.js';
export { inLanguage } from './language.js';
export {
  cellStyle,
  ItemContent,
  lookOfCell,
  lookStyle,
  overflows,
  roomStyle,
  textClasses,
  uprightStyle,
  withoutCell,
} from './items/index.js';
export { beginPointerDrag, breakOffDrags, type DraggedBy, type Dragging } from './dragging/pointer-drag.js';
export { isPressing } from './dragging/press-focus.js';
export { usePointerDrag } from './dragging/use-pointer-drag.js';
export { onceMore } from './items/once-more.js';
export { useRecorder } from './items/use-recorder.js';
export { inkOutline } from './items/ink-view.js';
export { paint } from './paint.js';
export { type ClipLead, ClipLeadProvider, type LedClip } from './playing.js';
export { PiecePicture } from './piece-picture.js';
export { outcomeInWords } from './piece-words.js';
export { alignStyle, RichTextView } from './rich-text-view.js';
export { cameraAt, fittedRoom, ShowStage } from './show-stage.js';
export { SlideStage, SlideView, type SlideViewProps } from './slide-view.js';
export {
  type AskingWords,
  type PieceWords,
  type SlideWords,
  type Surroundings,
  SurroundingsProvider,
  useSurroundings,
} from './surroundings.js';
export { FormulasOf, FormulaView, Words } from './words.js';
export { fittedWidth, useFittedWidth } from './use-fitted-width.js';
export { type Room, useRoom } from './use-room.js';
export { wantsNoMotion } from './use-camera.js';
