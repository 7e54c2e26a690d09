/** A student's hands, with an undo of their own: what they do goes into the document of their work. */
import type { Deck } from '@gobrel/core/deck';
import { workScope, writeWorkChanges } from '@gobrel/core/shared-doc';
import type { Work, WorkChange } from '@gobrel/core/work';
import type { FillIn } from '@gobrel/slide-view';
import { useEffect, useMemo, useState } from 'react';
import * as Y from 'yjs';
import type { OpenDocument } from '../../../shared/sync';
import { fillInBy } from '../../walking';

const MINE = 'this student';

interface StudentsDesk {
  readonly document: OpenDocument;
  readonly edition: Deck;
  readonly work: Work;
  readonly locked: boolean;
  /** Tells students apart. */
  readonly who: string;
  readonly feedback: FillIn['feedback'];
  /** Asks for a picture or a sticker to add. */
  readonly onAsk: Parameters<typeof fillInBy>[0]['onAsk'];
}

/** Hands over the given work, with an undo of one's own. */
export function useFillIn({ document, edition, work, locked, who, feedback, onAsk }: StudentsDesk) {
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

  const usedUp = Object.values(feedback).filter(({ left }) => left === 0).length;
  useEffect(() => {
    // What was checked for the last time stays, so no step back may lead before it; the stack lives outside React.
    if (usedUp > 0) history.clear();
    setCanUndo(history.undoStack.length > 0);
  }, [history, usedUp]);

  const fillIn = useMemo(() => {
    const write = (changes: readonly WorkChange[]) => writeWorkChanges(document.doc, changes, MINE, work);
    return fillInBy({ edition, work, locked, who, feedback, say, onAsk, write });
  }, [document, edition, work, locked, who, feedback, onAsk]);

  return { fillIn, spoken, canUndo, undo: () => void history.undo() };
}
