/** A diagram out of a typed list, seen while it is typed. */
import {
  addDiagram,
  applyChanges,
  type DiagramKind,
  diagramKinds,
  onlySlide,
  readTypedList,
  type SlideId,
  sizeOf,
} from '@gobrel/core/deck';
import { SlideView } from '@gobrel/slide-view';
import { useMemo, useRef, useState } from 'react';
import { messages } from '../../../shared/messages';
import { Button, Dialog, DialogActions, LongField, useCaret } from '../../../shared/ui';
import { select } from '../state/desk';
import type { Editing } from '../state/editing';
import { listKey } from './list-keys';

interface DiagramDialogProps {
  readonly editing: Editing;
  readonly slideId: SlideId;
  readonly onClose: () => void;
}

/** Width of the preview, in CSS pixels. */
const WIDTH = 470;

export function DiagramDialog({ editing, slideId, onClose }: DiagramDialogProps) {
  const says = messages.diagrams;
  const { deck, run } = editing;
  const [kind, setKind] = useState<DiagramKind>('steps');
  // What nobody has typed yet is an example of its kind.
  const [typed, setTyped] = useState<string | null>(null);
  const list = useRef<HTMLTextAreaElement>(null);
  const putCaret = useCaret(list);
  const text = typed ?? says.starts[kind];
  const parts = useMemo(() => readTypedList(text), [text]);
  const preview = useMemo(() => {
    const alone = onlySlide(deck, slideId);
    const empty = { ...alone, items: {} };
    return applyChanges(empty, addDiagram(empty, slideId, { kind, parts }).changes);
  }, [deck, slideId, kind, parts]);
  const make = () => {
    const { changes, made } = addDiagram(deck, slideId, { kind, parts });
    run(changes);
    select(...made);
    onClose();
  };
  const size = sizeOf(deck);
  return (
    <Dialog title={says.title} open wide="widest" onClose={onClose}>
      <fieldset className="mb-4">
        <legend className="spoken">{says.kind}</legend>
        <div className="flex flex-wrap gap-1.5">
          {diagramKinds.map((each) => (
            <label
              key={each}
              className="flex min-h-control cursor-pointer items-center rounded-md border border-edge px-3 font-semibold has-checked:border-tide has-checked:bg-tide has-checked:text-on-tide has-focus-visible:outline-3 has-focus-visible:outline-dusk"
            >
              <input
                type="radio"
                name="kind"
                className="sr-only"
                checked={kind === each}
                onChange={() => setKind(each)}
              />
              {says.kinds[each]}
            </label>
          ))}
        </div>
      </fieldset>
      <div className="grid gap-6 md:grid-cols-[minmax(0,1fr)_auto]">
        <LongField
          ref={list}
          label={says.list}
          hint={kind === 'two-sets' || kind === 'three-sets' ? `${says.hint} ${says.common}` : says.hint}
          rows={9}
          className="[tab-size:3]"
          value={text}
          onChange={({ target }) => setTyped(target.value)}
          onKeyDown={(event) => {
            if (event.key === 'Enter' && (event.ctrlKey || event.metaKey)) return make();
            const { selectionStart: from, selectionEnd: to } = event.currentTarget;
            const next = listKey(event, { text, from, to });
            if (!next) return;
            event.preventDefault();
            setTyped(next.text);
            putCaret(next);
          }}
        />
        <div className="max-w-full overflow-hidden">
          <h3 className="mb-1 font-semibold">{says.preview}</h3>
          <div
            className="border border-rule"
            style={{ width: WIDTH, maxWidth: '100%', aspectRatio: size.width / size.height }}
          >
            <SlideView deck={preview} slideId={slideId} width={WIDTH} label={says.preview} />
          </div>
        </div>
      </div>
      <DialogActions>
        <Button onClick={onClose}>{messages.common.cancel}</Button>
        <Button look="main" disabled={parts.length === 0} onClick={make}>
          {says.make}
        </Button>
      </DialogActions>
    </Dialog>
  );
}
