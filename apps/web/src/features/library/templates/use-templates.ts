/** All templates: those that come along, one's own, and those of colleagues. */
import type { KeptTemplateView, SceneViews } from '@gobrel/contract';
import {
  ages,
  deckTemplate,
  isDeckTemplate,
  routeTemplate,
  slideTemplate,
  type Template,
} from '@gobrel/core/templates';
import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { scenesQuery, templatesQuery } from '../../../shared/api';
import { shippedRoutes } from './shipped-routes';
import { shippedDecks, shippedSlides } from './shipped-templates';

/** A template, with what is known of one that somebody keeps. */
export interface FoundTemplate extends Template {
  readonly kept: KeptTemplateView | null;
}

/** What comes along, by the pictures that are stored. */
function shippedTemplates(scenes: SceneViews): readonly FoundTemplate[] {
  const slides = shippedSlides(scenes);
  const decks = [
    ...shippedDecks.map((deck) => deckTemplate(deck, slides)),
    ...shippedRoutes(scenes).map(routeTemplate),
  ];
  return [...decks, ...slides.map(slideTemplate)].map((template) => ({
    ...template,
    kept: null,
  }));
}

const NO_SCENES: SceneViews = {};

function useShippedTemplates(): readonly FoundTemplate[] {
  const { data } = useQuery(scenesQuery);
  return useMemo(() => shippedTemplates(data ?? NO_SCENES), [data]);
}

/** The short decks that come along. */
export function useShippedDecks(): readonly FoundTemplate[] {
  const shipped = useShippedTemplates();
  return useMemo(() => shipped.filter(isDeckTemplate), [shipped]);
}

/** All templates: a teacher's own and their colleagues' first. */
export function useTemplates(): readonly FoundTemplate[] {
  const { data } = useQuery(templatesQuery);
  return [...(data ?? []).map((kept) => ({ ...kept, subject: null, ages, kept })), ...useShippedTemplates()];
}
