/** A student's hands: turns what they do on a slide into changes of their work. */
import { type Deck, newId, type SlideId } from '@gobrel/core/deck';
import { restingPlace } from '@gobrel/core/geometry';
import { workScope, writeWorkChanges } from '@gobrel/core/shared-doc';
import { addedOn, dropPiece, putIntoZone, type Work, type WorkChange } from '@gobrel/core/work';
import type { FillIn } from '@gobrel/slide-view';
import { useEffect, useMemo, useState } from 'react';
import * as Y from 'yjs';
import type { OpenDocument } from '../../live';
import { tell } from '../../ui';

const MINE = 'this student';
/** Size of a text that a student adds, in slide units; a smaller area gives less. */
const ADDED = { width: 400, height: 110 };

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

  const fillIn = useMemo((): FillIn => {
    const write = (...changes: WorkChange[]) => {
      if (!locked) writeWorkChanges(document.doc, changes, MINE);
    };
    return {
      work,
      locked,
      say,
      warn: (words) => tell(words, { tone: 'trouble' }),
      setBlank: (id, value) => write({ part: 'blanks', id, value }),
      setAnswer: (id, value) => write({ part: 'answers', id, value }),
      addText: (areaId) => {
        const area = edition.items[areaId];
        if (!area) return;
        const size = {
          width: Math.min(ADDED.width, area.frame.width - 16),
          height: Math.min(ADDED.height, area.frame.height - 16),
        };
        const place = restingPlace(size, area.frame, addedOn(edition, work, area.slideId));
        write({ part: 'added', id: newId(), value: { areaId, ...place, ...size, text: '' } });
      },
      setAddedText: (id, text) => {
        const added = work.added[id];
        if (added) write({ part: 'added', id, value: { ...added, text } });
      },
      removeAddedText: (id) => write({ part: 'added', id, value: null }),
      dropPiece: (id, at) => {
        const value = dropPiece(edition, work, id, at);
        if (value) write({ part: 'pieces', id, value });
      },
      putIntoZone: (id, zoneId) => {
        const value = putIntoZone(edition, work, id, zoneId);
        if (value) write({ part: 'pieces', id, value });
      },
    };
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
