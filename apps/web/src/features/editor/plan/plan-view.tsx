/** The story plan: the deck as passages and choices in plain text, typed or pasted, and followed by the slides in one press. */
import { newId } from '@gobrel/core/deck';
import { followPlan, type PlanWishes, readPlan, writePlan } from '@gobrel/core/story-plan';
import { RotateCcw, Wand } from 'lucide-react';
import { useDeferredValue, useMemo, useRef, useState } from 'react';
import { useParams } from 'react-router';
import { Button } from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import type { Editing } from '../state/editing';
import { askRoutes } from '../routes-worker/ask-worker';
import { useAnswer } from '../routes-worker/use-answer';
import { PlanFindings } from './plan-findings';
import { usePlanDraft } from './use-plan-draft';

export function PlanView({ editing }: { editing: Editing }) {
  const { deckId = '' } = useParams();
  const deck = useDeferredValue(editing.deck);
  const written = useMemo(() => writePlan(deck), [deck]);
  const [draft, setDraft] = usePlanDraft(deckId);
  const text = draft ?? written;
  const lately = useDeferredValue(text);
  const planned = useAnswer(lately === written ? '' : `${lately}\u0000${written}`, () =>
    askRoutes('plan', { deck, text: lately }),
  );
  const [wishes, setWishes] = useState<PlanWishes>({ keepLinks: false, keepSlides: false });
  const field = useRef<HTMLTextAreaElement>(null);
  const isChanged = draft !== null && draft !== written;
  const follow = () => {
    const effect = followPlan(editing.deck, readPlan(text), newId, wishes);
    editing.run(effect.changes);
    setDraft(null);
    const removed = wishes.keepSlides ? 0 : effect.removed.length;
    editing.tellDone(messages.plan.followed({ added: effect.added.length, changed: effect.changed.length, removed }));
  };
  const goToLine = (line: number) => {
    const area = field.current;
    if (!area) return;
    const start =
      text
        .split('\n')
        .slice(0, line - 1)
        .join('\n').length + (line > 1 ? 1 : 0);
    const end = text.indexOf('\n', start);
    area.focus();
    area.setSelectionRange(start, end < 0 ? text.length : end);
  };
  return (
    <main aria-label={messages.plan.title} className="flex min-w-0 flex-1 flex-col gap-3 p-3 lg:flex-row">
      <label className="flex min-h-72 min-w-0 flex-[3] flex-col gap-1 font-semibold">
        {messages.plan.title}
        <textarea
          ref={field}
          value={text}
          spellCheck
          aria-describedby="plan-how"
          placeholder={messages.plan.placeholder}
          className="min-h-0 w-full flex-1 resize-none rounded-md border border-edge bg-card p-4 text-[17px] leading-relaxed font-normal"
          onChange={(event) => setDraft(event.target.value)}
        />
      </label>
      <section aria-label={messages.plan.findings} className="flex min-w-64 flex-[2] flex-col gap-3 overflow-auto">
        <div className="flex flex-wrap gap-2">
          <Button look="main" disabled={!isChanged} onClick={follow}>
            <Wand size={18} aria-hidden /> {messages.plan.follow}
          </Button>
          <Button disabled={draft === null} onClick={() => setDraft(null)}>
            <RotateCcw size={18} aria-hidden /> {messages.plan.asItIs}
          </Button>
        </div>
        <PlanFindings
          text={text}
          isChanged={isChanged}
          planned={isChanged ? planned : null}
          wishes={wishes}
          onWishes={setWishes}
          onLine={goToLine}
        />
        <p id="plan-how" className="mt-auto whitespace-pre-line text-sm text-soft">
          {messages.plan.how}
        </p>
      </section>
    </main>
  );
}
