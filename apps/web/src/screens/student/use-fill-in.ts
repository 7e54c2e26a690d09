/** A student's hands, with an undo of their own: what they do goes into the document of their work. */
import type { Deck, SlideId } from '@gobrel/core/deck';
import { workScope, writeWorkChanges } from '@gobrel/core/shared-doc';
import type { Work, WorkChange } from '@gobrel/core/work';
import { useEffect, useMemo, useState } from 'react';
import * as Y from 'yjs';
import type { OpenDocument } from '../../live';
import { fillInBy } from '../../walking';

const MINE = 'this student';

/** Hands over the given work, with an undo of one's own. */
export function useFillIn(document: OpenDocument, edition: Deck, work: Work, locked: boolean) {
  const [spoken, say] = useState('');
  const [canUndo, setCanUndo] = useState(false);
  const history = useMemo(
    () => new Y.UndoManager(workScope(document.doc), { trackedOrigins: new Set([MINE]), captureTimeout: 600 }),
    [document],
  );
  useEffect(() => {
    // The undo stack lives outside React.
    const look = () => setCanUndo(history.undoStack.length > 0);
    history.on('stack-item-added', look);
    history.on('stack-item-popped', look);
    return () => history.destroy();
  }, [history]);

  const fillIn = useMemo(() => {
    const write = (changes: readonly WorkChange[]) => writeWorkChanges(document.doc, changes, MINE);
    return fillInBy({ edition, work, locked, say, write });
  }, [document, edition, work, locked]);

  const putPiecesBack = (slideId: SlideId) => {
    const placed = Object.keys(work.pieces).filter((id) => edition.items[id]?.slideId === slideId);
    writeWorkChanges(
      document.doc,
      placed.map((id): WorkChange => ({ part: 'pieces', id, value: null })),
      MINE,
    );
  };
  return { fillIn, spoken, canUndo, undo: () => void history.undo(), putPiecesBack };
}
