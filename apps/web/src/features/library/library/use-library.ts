/** What is done in a library: decks made, copied and put somewhere, each of it said and undone. */
import type { DeckSummary, UnitView } from '@gobrel/contract';
import type { Deck, SlideSizeName } from '@gobrel/core/deck';
import type { KeptBeside } from '@gobrel/core/formats';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { ask, classesQuery, messageOf, renewEverywhere, unitsQuery } from '../../../shared/api';
import { restoreBeside } from '../importing';
import { showToast } from '../../../shared/ui';
import { locale, messages } from '../../../shared/messages';

/** Where decks are put; what is not said stays as it is. */
export interface Shelved {
  readonly unitId?: string | null;
  readonly archived?: boolean;
}

/** How a deck is begun: empty, with slides of its own, or as a copy of the one to look around in. */
type Begun =
  { readonly size: SlideSizeName; readonly see?: 'plan' } | { readonly title: string; readonly deck: Deck } | 'sample';

/** Everything that is done in a library. */
export type Library = ReturnType<typeof useLibrary>;

export function useLibrary() {
  const says = messages.library;
  const queries = useQueryClient();
  const navigate = useNavigate();
  const renew = () => queries.invalidateQueries({ queryKey: ['decks'] });
  const settled = {
    onSettled: renew,
    onError: (error: unknown) => showToast(messageOf(error), { tone: 'trouble' }),
  };
  const create = useMutation({
    ...settled,
    mutationFn: (begun: Begun) => {
      if (begun === 'sample') return ask<DeckSummary>('POST', '/decks/sample');
      const usual = { title: says.untitled, opening: messages.slides.opening, language: locale };
      return ask<DeckSummary>(
        'POST',
        '/decks',
        'deck' in begun ? { ...usual, ...begun } : { ...usual, size: begun.size },
      );
    },
    onSuccess: ({ id }, begun) =>
      navigate(begun !== 'sample' && 'see' in begun ? `/decks/${id}?see=${begun.see}` : `/decks/${id}`),
  });
  const createSeveral = useMutation({
    ...settled,
    mutationFn: async (decks: readonly { readonly title: string; readonly deck: Deck }[]) => {
      // One after the other: each may be large.
      for (const { title, deck } of decks)
        await ask<DeckSummary>('POST', '/decks', { title: title || says.untitled, language: locale, deck });
      return decks.length;
    },
    onSuccess: (count) => showToast(says.import.restored({ count })),
  });
  const beside = useMutation({
    mutationFn: async (kept: KeptBeside) => restoreBeside(kept, await queries.fetchQuery(classesQuery)),
    onSuccess: ({ restored, refused }) =>
      showToast(says.import.besideRestored({ restored, refused }), refused > 0 ? { tone: 'trouble' } : {}),
    onSettled: () => renewEverywhere(queries, ['classes', 'lessons', 'themes', 'templates']),
    onError: settled.onError,
  });
  const copy = useMutation({
    ...settled,
    mutationFn: ({ id, title }: DeckSummary) => ask('POST', `/decks/${id}/copy`, { title: says.copyOf({ title }) }),
  });
  const put = (deckIds: readonly string[], where: Shelved) => ask('POST', '/decks/shelve', { deckIds, ...where });
  const putBack = useMutation({
    ...settled,
    mutationFn: (decks: readonly DeckSummary[]) =>
      Promise.all(decks.map(({ id, unitId, archivedAt }) => put([id], { unitId, archived: archivedAt !== null }))),
  });
  const shelve = useMutation({
    ...settled,
    mutationFn: ({ decks, ...where }: { readonly decks: readonly DeckSummary[] } & Shelved) =>
      put(
        decks.map(({ id }) => id),
        where,
      ),
    onSuccess: (_answer, { decks, ...where }) =>
      showToast(whereNow(decks.length, where, queries.getQueryData(unitsQuery.queryKey) ?? []), {
        action: { name: messages.common.undo, run: () => putBack.mutate(decks) },
      }),
  });
  const units = {
    onSettled: () => Promise.all([renew(), queries.invalidateQueries({ queryKey: unitsQuery.queryKey })]),
    onError: settled.onError,
  };
  const makeUnit = useMutation({ ...units, mutationFn: (name: string) => ask<UnitView>('POST', '/units', { name }) });
  const removeUnit = useMutation({
    ...units,
    mutationFn: ({ id }: UnitView) => ask('DELETE', `/units/${id}`),
    onSuccess: (_answer, { name }) => showToast(says.unitDeleted({ name })),
  });
  return { create, createSeveral, restoreBeside: beside, copy, shelve, makeUnit, removeUnit };
}

/** What is said of decks that were put somewhere. */
function whereNow(count: number, { unitId, archived }: Shelved, units: readonly UnitView[]): string {
  const says = messages.library;
  if (archived !== undefined) return archived ? says.archived({ count }) : says.unarchived({ count });
  const unit = units.find(({ id }) => id === unitId);
  return unit ? says.moved({ count, unit: unit.name }) : says.movedOut({ count });
}
