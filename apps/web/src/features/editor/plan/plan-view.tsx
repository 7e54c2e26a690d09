/**
 * The story plan: the deck as passages and choices in plain text, typed or pasted, with the map it comes to beside it,
 * and followed by the slides in one press.
 */
import { newId, type SlideId } from '@gobrel/core/deck';
import { followPlan, type PlanWishes, readPlan, writePlan } from '@gobrel/core/story-plan';
import { RotateCcw, Wand } from 'lucide-react';
import { useDeferredValue, useMemo, useState } from 'react';
import { useParams } from 'react-router';
import { Button } from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import type { Editing } from '../state/editing';
import { PlanFindings } from './plan-findings';
import { passageAt } from './plan-lines';
import { PlanMap } from './plan-map';
import { PlanText, type SoughtLine } from './plan-text';
import { faultsByLine } from './problem-words';
import { usePlanDraft } from './use-plan-draft';
import { usePlanned } from './use-planned';

interface PlanViewProps {
  readonly editing: Editing;
  readonly current: SlideId;
  readonly onGo: (slideId: SlideId) => void;
}

export function PlanView({ editing, current, onGo }: PlanViewProps) {
  const { deckId = '' } = useParams();
  const deck = useDeferredValue(editing.deck);
  const written = useMemo(() => writePlan(deck), [deck]);
  const [draft, setDraft] = usePlanDraft(deckId);
  const text = draft ?? written;
  const [wishes, setWishes] = useState<PlanWishes>({ keepLinks: false, keepSlides: false });
  const outcome = usePlanned({ deck, text, written, wishes });
  const faults = useMemo(() => faultsByLine(outcome.problems), [outcome.problems]);
  // The slide in hand may be one that the plan is only about to make.
  const [inHand, setInHand] = useState<SlideId>(current);
  const shown = inHand in outcome.deck.slides ? inHand : (outcome.slides[0] ?? current);
  const [sought, setSought] = useState<SoughtLine | null>(null);
  const isChanged = draft !== null && draft !== written;
  const follow = () => {
    const effect = followPlan(editing.deck, readPlan(text), newId, wishes);
    editing.run(effect.changes);
    setDraft(null);
    const removed = wishes.keepSlides ? 0 : effect.removed.length;
    editing.tellDone(messages.plan.followed({ added: effect.added.length, changed: effect.changed.length, removed }));
  };
  /** The passage that somebody is in is the slide they find everywhere else. */
  const hold = (slideId: SlideId | undefined) => {
    if (slideId === undefined || slideId === inHand) return;
    setInHand(slideId);
    if (slideId in editing.deck.slides) onGo(slideId);
  };
  const goToLine = (line: number) => setSought({ line });
  const goToSlide = (slideId: SlideId) => {
    hold(slideId);
    const line = outcome.lines[outcome.slides.indexOf(slideId)];
    if (line !== undefined) goToLine(line);
  };
  return (
    <main
      aria-label={messages.plan.title}
      className="flex min-w-0 flex-1 flex-col gap-3 overflow-y-auto p-3 lg:flex-row lg:overflow-hidden"
    >
      <div className="flex min-h-96 min-w-0 flex-1 flex-col gap-2">
        <PlanText
          text={text}
          language={deck.language}
          faults={faults}
          sought={sought}
          onType={setDraft}
          onLine={(line) => hold(outcome.slides[passageAt(outcome.lines, line)])}
        />
        <p id="plan-how" className="whitespace-pre-line text-sm text-soft">
          {messages.plan.how}
        </p>
      </div>
      <div className="flex min-h-96 min-w-0 flex-1 flex-col gap-3">
        <section aria-label={messages.plan.findings} className="flex max-h-[45%] flex-none flex-col gap-2">
          <div className="flex flex-wrap items-center gap-2">
            <Button look="main" disabled={!isChanged} onClick={follow}>
              <Wand size={18} aria-hidden /> {messages.plan.follow}
            </Button>
            <Button disabled={draft === null} onClick={() => setDraft(null)}>
              <RotateCcw size={18} aria-hidden /> {messages.plan.asItIs}
            </Button>
          </div>
          <div className="min-h-0 overflow-y-auto">
            <PlanFindings
              isChanged={isChanged}
              outcome={outcome}
              wishes={wishes}
              onWishes={setWishes}
              onLine={goToLine}
            />
          </div>
        </section>
        <PlanMap deck={outcome.deck} current={shown} onGo={goToSlide} />
      </div>
    </main>
  );
}
