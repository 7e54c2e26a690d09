/** What a deck is: its types, readers for untrusted input, changes, and the commands that make them. */
export * from './asking.js';
export * from './change.js';
export * from './colour-names.js';
export * from './colour.js';
export * from './commands/arrange.js';
export * from './commands/clipboard.js';
export * from './commands/difference.js';
export * from './commands/groups.js';
export * from './commands/items.js';
export * from './commands/layouts.js';
export { type ChoiceBlock, choiceBlock } from './commands/choice-places.js';
export * from './commands/links.js';
export * from './commands/pieces.js';
export * from './commands/placement-starts.js';
export * from './question-ground.js';
export * from './commands/running-order.js';
export * from './commands/slide-size.js';
export * from './commands/slide-clipboard.js';
export * from './commands/slides.js';
export * from './commands/table-zones.js';
export * from './commands/tables.js';
export * from './commands/viewpoints.js';
export * from './commands/walks.js';
export * from './deck.js';
export * from './destination.js';
export * from './dressing.js';
export * from './field-text.js';
export * from './fonts.js';
export * from './frame-reading.js';
export * from './gate.js';
export * from './identifiers.js';
export * from './item.js';
export * from './item-base.js';
export * from './question-items.js';
export {
  asksSomething,
  canCarryLink,
  contentsOf,
  isItemKind,
  itemKinds,
  nameOf,
  takesGate,
  withoutKey,
} from './item-kinds/index.js';
export { MOST_CHOICES } from './item-kinds/choice.js';
export { PLAIN_LOOK } from './item-kinds/kind.js';
export { readSignStrokes } from './item-kinds/sign.js';
export { MOST_DOTS } from './item-kinds/point.js';
export { MOST_PIECES } from './item-kinds/zone.js';
export * from './kept-walk.js';
export * from './layouts.js';
export * from './lines.js';
export * from './picture-look.js';
export * from './pieces.js';
export * from './playing.js';
export * from './rank.js';
export * from './references/index.js';
export * from './reading.js';
export * from './rich-text.js';
export * from './running-order.js';
export * from './section.js';
export * from './shape-hit.js';
export * from './shapes.js';
export * from './shuffled.js';
export * from './slide-ground.js';
export * from './slide.js';
export * from './svg-strokes.js';
export * from './table-fields.js';
export * from './table.js';
export * from './text-style-names.js';
export * from './texts.js';
export * from './text-style.js';
export * from './theme.js';
export * from './viewpoints.js';
