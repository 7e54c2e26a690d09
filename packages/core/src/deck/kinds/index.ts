/** Item kinds: one file a kind, entered in one table. */
export { MOST_CHOICES } from './choice.js';
export {
  asksSomething,
  canCarryLink,
  contentsOf,
  isItemKind,
  itemKinds,
  nameOf,
  takesGate,
  withoutKey,
  wordsOf,
} from './item-kinds.js';
export { PLAIN_LOOK } from './kind.js';
export { MOST_DOTS } from './point.js';
export { readSignStrokes } from './sign.js';
