/** Brings slides that were withheld from this device, once they can be come to. */
import type { Deck, SlideId } from '@gobrel/core/deck';
import { useQueryClient } from '@tanstack/react-query';
import { useMemo } from 'react';
import { type EditionHere, myEditionQuery } from '../../../shared/api';
import type { OpenDocument } from '../../../shared/sync';
import type { Ahead } from '../../walking';

/** How long what was done may take to reach the server before it is asked what follows from it, in milliseconds. */
const PATIENCE = 4000;

/** @param hash of the edition that this device has a part of */
export function useAhead(document: OpenDocument, hash: string, beyond: EditionHere['beyond']): Ahead {
  const queries = useQueryClient();
  return useMemo(() => {
    const ask = async (slideId: SlideId): Promise<Deck | null> => {
      if (!(await document.reachedServer(PATIENCE))) return null;
      const query = { ...myEditionQuery(hash), staleTime: 0 };
      const here = await queries.fetchQuery(query).catch(() => null);
      return here && !here.beyond.has(slideId) ? here.deck : null;
    };
    return { isHere: (slideId) => !beyond.has(slideId), bring: ask };
  }, [document, queries, hash, beyond]);
}
