/** Pieces out of words: a list that is typed or pasted, one piece a line. */
import { piecesFromWords, type SlideId } from '@gobrel/core/deck';
import { useState } from 'react';
import { Button, Dialog, DialogActions, LongField } from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import { select } from '../state/desk';
import type { Editing } from '../state/editing';

interface PiecesDialogProps {
  readonly editing: Editing;
  readonly slideId: SlideId;
  readonly onClose: () => void;
}

export function PiecesDialog({ editing, slideId, onClose }: PiecesDialogProps) {
  const says = messages.questions;
  const [text, setText] = useState('');
  const lines = text.split('\n').filter((line) => line.trim() !== '');
  const make = () => {
    onClose();
    const { changes, made } = piecesFromWords(editing.deck, slideId, lines);
    editing.run(changes);
    select(...made);
  };
  return (
    <Dialog title={says.fromWordsTitle} open onClose={onClose}>
      <LongField
        label={says.fromWordsLabel}
        hint={says.fromWordsHint}
        rows={6}
        autoFocus
        value={text}
        onChange={(event) => setText(event.target.value)}
        onKeyDown={(event) => {
          if (event.key === 'Enter' && (event.ctrlKey || event.metaKey) && lines.length > 0) make();
        }}
      />
      <DialogActions>
        <Button onClick={onClose}>{messages.common.cancel}</Button>
        <Button look="main" disabled={lines.length === 0} onClick={make}>
          {says.makePieces({ count: lines.length })}
        </Button>
      </DialogActions>
    </Dialog>
  );
}
