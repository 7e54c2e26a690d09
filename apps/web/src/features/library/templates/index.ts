/** Beginning from templates: ready-made slides and decks, one's own and those of colleagues. */
export { KeepTemplateDialog } from './keep-template-dialog';
export { useShippedDecks } from './use-templates';
export { TemplateDialog } from './template-dialog';
