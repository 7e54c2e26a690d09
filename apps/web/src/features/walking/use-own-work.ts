/** Work of an author who tries a deck as a student: filled in, checked by the deck's own keys, and kept nowhere. */
import { type Deck, withoutHidden, withoutKeysAndNotes } from '@gobrel/core/deck';
import { applyWorkChanges, emptyWork, type Work } from '@gobrel/core/work';
import { useMemo, useState } from 'react';
import { fillInBy } from './fill-in-by';
import { useOwnKeys } from './use-own-keys';

/**
 * @param whole the deck with its keys
 * @param who tells students apart; '' to see choices as they are written
 * @param begun what was filled in before
 */
export function useOwnWork(whole: Deck, who: string, begun: Work = emptyWork) {
  const edition = useMemo(() => withoutKeysAndNotes(withoutHidden(whole)), [whole]);
  const [work, setWork] = useState(begun);
  const [spoken, say] = useState('');
  const { feedback, check, forget } = useOwnKeys(whole, work);
  const fillIn = useMemo(
    () =>
      fillInBy({
        edition,
        work,
        locked: false,
        who,
        feedback,
        say,
        write: (changes) => setWork((before) => applyWorkChanges(before, changes)),
      }),
    [edition, work, who, feedback],
  );
  const beginAnew = () => {
    setWork(emptyWork);
    forget();
  };
  return { edition, work, fillIn, feedback, check, spoken, beginAnew };
}
