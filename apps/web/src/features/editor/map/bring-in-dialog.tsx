/** Brings in a graph from a DOT or Mermaid file, or pasted: says what was understood, and what was not, before it does. */
import { isDot, planOf, readDot, readMermaid, type ReadSketch } from '@gobrel/core/formats';
import type { Plan } from '@gobrel/core/story-plan';
import { useDeferredValue, useMemo, useState } from 'react';
import { Button, Dialog, DialogActions, FileButton, LongField } from '../../../shared/ui';
import { messages, unreadInWords } from '../../../shared/messages';

interface BringInDialogProps {
  readonly onBringIn: (plan: Plan) => void;
  readonly onClose: () => void;
}

/** More rows than this are not listed. */
const MOST = 40;

export function BringInDialog({ onBringIn, onClose }: BringInDialogProps) {
  const [text, setText] = useState('');
  const lately = useDeferredValue(text);
  const read = useMemo(() => readEither(lately), [lately]);
  return (
    <Dialog title={messages.routes.bringInTitle} open onClose={onClose} wide>
      <LongField
        label={messages.routes.bringInText}
        hint={messages.routes.bringInHint}
        rows={8}
        spellCheck={false}
        value={text}
        onChange={(event) => setText(event.target.value)}
      />
      <FileButton
        className="mt-2"
        name={messages.common.chooseFile}
        accept=".dot,.gv,.mmd,.mermaid,.txt,text/*"
        onFile={(file) => void file.text().then(setText)}
      />
      {read ? (
        <div role="status" className="mt-3">
          <p className="font-semibold">
            {messages.routes.understood({ slides: read.sketch.slides.length, links: read.sketch.links.length })}
          </p>
          {read.unread.length > 0 ? (
            <>
              <p className="mt-2 font-semibold text-amber">{messages.routes.notUnderstood}</p>
              <ul className="max-h-40 list-disc overflow-auto ps-5 text-sm">
                {read.unread.slice(0, MOST).map((row, index) => (
                  <li key={index}>{unreadInWords(row)}</li>
                ))}
              </ul>
            </>
          ) : null}
        </div>
      ) : null}
      <DialogActions>
        <Button onClick={onClose}>{messages.common.cancel}</Button>
        <Button
          look="main"
          disabled={!read || read.sketch.slides.length === 0}
          onClick={() => read && onBringIn(planOf(read.sketch))}
        >
          {messages.routes.bringItIn}
        </Button>
      </DialogActions>
    </Dialog>
  );
}

/** What a text says in whichever of the two languages it is; `null` for no text. */
function readEither(text: string): ReadSketch | null {
  if (text.trim() === '') return null;
  return isDot(text) ? readDot(text) : readMermaid(text);
}
