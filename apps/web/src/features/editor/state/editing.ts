/** Editing a deck: commands' changes go into the shared document, undo takes one's own steps back. */
import { type Change, type Deck, gatherCredits, leadLines } from '@gobrel/core/deck';
import { deckScope, writeChanges } from '@gobrel/core/shared-doc';
import { ySyncPluginKey } from '@tiptap/y-tiptap';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import * as Y from 'yjs';
import { deckReading, type OpenDocument, useObserved } from '../../../shared/sync';
import { showToast } from '../../../shared/ui';
import { creditWords, messages } from '../../../shared/messages';

const MINE = 'this author';
/** Typing within this time is one step of undo, in milliseconds. */
const ONE_STEP = 500;

/** The deck being edited and what can be done to it. */
export interface Editing {
  readonly deck: Deck;
  readonly doc: Y.Doc;
  /** Writes changes as one step of undo; lines tied to what they move are led anew. */
  readonly run: (changes: readonly Change[]) => void;
  /** Writes changes that belong to what is being typed just now: one step of undo together with it. */
  readonly extend: (changes: readonly Change[]) => void;
  /** Says what was done just now, with a way to take it back for as long as it is the last thing done. */
  readonly tellDone: (text: string) => void;
  readonly undo: () => void;
  readonly redo: () => void;
  readonly canUndo: boolean;
  readonly canRedo: boolean;
}

/** Editing of an open deck document; `null` until it can be read. */
export function useEditing(document: OpenDocument | null): Editing | null {
  const deck = useObserved(document, deckReading);
  const doc = document?.doc ?? null;
  const history = useMemo(
    () =>
      doc &&
      new Y.UndoManager(deckScope(doc), { trackedOrigins: new Set([MINE, ySyncPluginKey]), captureTimeout: ONE_STEP }),
    [doc],
  );
  const present = useRef(deck);
  useEffect(() => {
    // Writing keeps its identity, and leads lines on the deck as it is by then.
    present.current = deck;
  });
  const [steps, setSteps] = useState({ back: 0, forth: 0 });
  useEffect(() => {
    if (!history) return;
    // The undo stack lives outside React.
    const look = () => setSteps({ back: history.undoStack.length, forth: history.redoStack.length });
    for (const event of ['stack-item-added', 'stack-item-popped', 'stack-cleared'] as const) history.on(event, look);
    return () => history.destroy();
  }, [history]);
  const extend = useCallback(
    (changes: readonly Change[]) => {
      if (doc) writeChanges(doc, changes, MINE);
    },
    [doc],
  );
  const run = useCallback(
    (changes: readonly Change[]) => {
      if (!doc || !history || changes.length === 0) return;
      history.stopCapturing();
      const led = present.current ? leadLines(present.current, changes) : [];
      const gathered = present.current ? gatherCredits(present.current, [...changes, ...led], creditWords) : [];
      writeChanges(doc, [...changes, ...led, ...gathered], MINE);
      history.stopCapturing();
    },
    [doc, history],
  );
  const tellDone = useCallback(
    (text: string) => {
      if (!history) return;
      const changes = ['stack-item-added', 'stack-item-popped'] as const;
      const forget = () => {
        for (const change of changes) history.off(change, forget);
        takeAway();
      };
      const takeAway = showToast(text, { action: { name: messages.editor.takeBack, run: () => void history.undo() } });
      for (const change of changes) history.on(change, forget);
    },
    [history],
  );
  return useMemo(() => {
    if (!deck || !doc || !history) return null;
    return {
      deck,
      doc,
      extend,
      run,
      tellDone,
      undo: () => void history.undo(),
      redo: () => void history.redo(),
      canUndo: steps.back > 0,
      canRedo: steps.forth > 0,
    };
  }, [deck, doc, extend, run, tellDone, history, steps]);
}
