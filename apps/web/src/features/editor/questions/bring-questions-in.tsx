/** Bringing questions in from a file: what was found and what was not, before anything is added. */
import type { SlideId } from '@gobrel/core/deck';
import { addQuestionSlides, type QuestionDraft } from '@gobrel/core/formats';
import { useEffect, useState } from 'react';
import { Button, FileButton, showToast } from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import type { Editing } from '../state/editing';
import { NotCarriedList, type ReadQuestions, startReading, withPicture } from '../../../shared/deck-files';

interface BringQuestionsInProps {
  readonly editing: Editing;
  readonly slideId: SlideId;
  readonly onGo: (slideId: SlideId) => void;
  readonly onClose: () => void;
}

export function BringQuestionsIn({ editing, slideId, onGo, onClose }: BringQuestionsInProps) {
  const says = messages.exchange;
  const [read, setRead] = useState<ReadQuestions | null>(null);
  const [stop, setStop] = useState<(() => void) | null>(null);
  const [adding, setAdding] = useState(false);
  useEffect(() => () => stop?.(), [stop]);
  const take = async (chosen: File) => {
    setRead(null);
    const underWay = await startReading(chosen);
    setStop(() => underWay.stop);
    try {
      setRead(await underWay.result);
    } catch {
      showToast(says.notRead, { tone: 'trouble' });
    } finally {
      setStop(null);
    }
  };
  const add = async () => {
    if (!read) return;
    setAdding(true);
    const drafts: QuestionDraft[] = [];
    for (const { draft, picture } of read.questions) drafts.push(await withPicture(draft, picture));
    const { changes, added } = addQuestionSlides(editing.deck, drafts, slideId === '' ? null : slideId);
    editing.run(changes);
    editing.tellDone(says.added({ count: added.length }));
    onClose();
    if (added[0]) onGo(added[0]);
  };
  return (
    <div className="py-3">
      <p className="mb-2 text-soft">{says.bringHint}</p>
      <FileButton
        name={messages.common.chooseFile}
        accept=".zip,.xml,.csv,.tsv,.txt"
        disabled={stop !== null || adding}
        onFile={(file) => void take(file)}
      />
      {stop ? (
        <p role="status" className="mt-3 flex items-center gap-3">
          {says.reading}
          <Button
            onClick={() => {
              stop();
              setStop(null);
            }}
          >
            {messages.common.cancel}
          </Button>
        </p>
      ) : null}
      {read ? (
        <>
          <p role="status" className="mt-3 font-semibold">
            {says.found({ count: read.questions.length })}
          </p>
          <ul
            className="max-h-48 list-disc overflow-auto ps-5"
            tabIndex={0}
            aria-label={says.found({ count: read.questions.length })}
          >
            {read.questions.slice(0, 60).map(({ draft }, at) => (
              <li key={at}>
                {titleOf(draft)} <span className="text-soft">({kindName(draft)})</span>
              </li>
            ))}
          </ul>
          <NotCarriedList title={says.leftIn} left={read.left} />
          <Button
            className="mt-3"
            look="main"
            disabled={read.questions.length === 0 || adding}
            onClick={() => void add()}
          >
            {adding ? says.addingThem : says.add({ count: read.questions.length })}
          </Button>
        </>
      ) : null}
    </div>
  );
}

function titleOf(draft: QuestionDraft): string {
  if (draft.kind === 'placement') return draft.prompt || draft.name;
  const prompt = 'prompt' in draft.fields ? (draft.fields.prompt ?? '') : '';
  return prompt || draft.name;
}

function kindName({ kind }: QuestionDraft): string {
  return kind === 'placement' ? messages.questions.groups.place : messages.kinds[kind];
}
