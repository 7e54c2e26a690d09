/** All templates: those that come along, one's own, and those of colleagues. */
import type { KeptTemplateView } from '@gobrel/contract';
import { deckTemplate, isDeckTemplate, slideTemplate, type Template } from '@gobrel/core/templates';
import { useQuery } from '@tanstack/react-query';
import { templatesQuery } from '../../../shared/api';
import { shippedDecks, shippedSlides } from './shipped-templates';

/** A template, with what is known of one that somebody keeps. */
export interface FoundTemplate extends Template {
  readonly kept: KeptTemplateView | null;
}

let shipped: readonly FoundTemplate[] | null = null;

/** Made when somebody looks for the first time. */
function shippedTemplates(): readonly FoundTemplate[] {
  shipped ??= [
    ...shippedDecks.map((deck) => deckTemplate(deck, shippedSlides)),
    ...shippedSlides.map(slideTemplate),
  ].map((template) => ({
    ...template,
    kept: null,
  }));
  return shipped;
}

/** The short decks that come along. */
export function shippedDeckTemplates(): readonly FoundTemplate[] {
  return shippedTemplates().filter(isDeckTemplate);
}

export function useTemplates(): readonly FoundTemplate[] {
  const { data } = useQuery(templatesQuery);
  return [...(data ?? []).map((kept) => ({ ...kept, kept })), ...shippedTemplates()];
}
