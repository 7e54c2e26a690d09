/** Submitting: says what is still empty, waits until everything is on the server, and tells that it arrived. */
import type { MyLessonView } from '@gobrel/contract';
import { type Deck, newId, type SlideId } from '@gobrel/core/deck';
import { fixedIn } from '@gobrel/core/lesson';
import { type OverviewSlide, progressOver, type Work } from '@gobrel/core/work';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { ChevronRight } from 'lucide-react';
import { useState } from 'react';
import type { OpenDocument } from '../../../shared/sync';
import { ask, messageOf, myLessonQuery } from '../../../shared/api';
import { Button, Dialog, DialogActions, showToast } from '../../../shared/ui';
import { messages, slideName } from '../../../shared/messages';

interface SubmitProps {
  readonly lesson: MyLessonView;
  readonly edition: Deck;
  readonly work: Work;
  readonly document: OpenDocument;
  readonly locked: boolean;
  /** The slides they may go to, with what is missing on each. */
  readonly slides: readonly OverviewSlide[];
  readonly onGo: (slideId: SlideId) => void;
}

/** How long submitting waits for the last changes to reach the server, in milliseconds. */
const PATIENCE = 6000;

export function SubmitButton({ lesson, edition, work, document, locked, slides, onGo }: SubmitProps) {
  const queries = useQueryClient();
  const [asking, setAsking] = useState(false);
  // One key for each attempt to submit, kept while it is repeated, so that repeating it is harmless.
  const [key, setKey] = useState(() => newId());
  const take = (next: MyLessonView) => queries.setQueryData(myLessonQuery.queryKey, next);
  const submit = useMutation({
    mutationFn: async () => {
      if (!(await document.reachedServer(PATIENCE))) throw new NotYetThere();
      return ask<MyLessonView>('POST', '/my-lesson/submission', { key });
    },
    onSuccess: (next) => {
      take(next);
      setAsking(false);
      setKey(newId());
      showToast(messages.student.arrived);
    },
  });
  const reopen = useMutation({
    mutationFn: () => ask<MyLessonView>('DELETE', '/my-lesson/submission'),
    onSuccess: take,
    onError: (error) => showToast(messageOf(error), { tone: 'trouble' }),
  });
  if (lesson.closedAt) return null;
  if (lesson.submission && !lesson.mayTakeBack) return null;
  if (lesson.submission) {
    return (
      <Button onClick={() => reopen.mutate()} disabled={reopen.isPending}>
        {messages.student.takeBack}
      </Button>
    );
  }
  const { asked, filled } = progressOver(edition, work, fixedIn(edition, lesson.workMode));
  const fault =
    submit.error instanceof NotYetThere ? messages.student.notYetThere : submit.error ? messageOf(submit.error) : null;
  return (
    <>
      <Button look="main" disabled={locked} onClick={() => setAsking(true)}>
        {messages.student.submit}
      </Button>
      <Dialog title={messages.student.submitTitle} open={asking} onClose={() => setAsking(false)}>
        <p>{asked > filled ? messages.student.stillEmpty({ count: asked - filled }) : messages.student.allFilled}</p>
        <StillEmpty
          edition={edition}
          slides={slides}
          onGo={(slideId) => {
            setAsking(false);
            onGo(slideId);
          }}
        />
        <p className="mt-2 text-soft">{attemptsLeft(lesson)}</p>
        {fault ? (
          <p role="alert" className="mt-3 text-berry">
            {fault}
          </p>
        ) : null}
        <DialogActions>
          <Button onClick={() => setAsking(false)}>{messages.student.notYet}</Button>
          <Button look="main" disabled={submit.isPending} onClick={() => submit.mutate()}>
            {submit.isPending ? messages.student.sending : messages.student.submit}
          </Button>
        </DialogActions>
      </Dialog>
    </>
  );
}

/** The last changes have not reached the server yet. */
class NotYetThere extends Error {}

/** The slides on which something is still empty, with how much; each a press away. */
function StillEmpty({ edition, slides, onGo }: Pick<SubmitProps, 'edition' | 'slides' | 'onGo'>) {
  const empty = slides.filter(({ asked, filled }) => asked > filled);
  if (empty.length === 0) return null;
  return (
    <ul className="mt-2 max-h-52 overflow-auto">
      {empty.map(({ slideId, asked, filled }) => (
        <li key={slideId} className="border-t border-rule">
          <button
            type="button"
            className="flex min-h-11 w-full items-center gap-2 rounded-md px-1 text-start hover:bg-rule/50"
            onClick={() => onGo(slideId)}
          >
            <span className="flex-1">
              {messages.student.emptyOn({ slide: slideName(edition, slideId), count: asked - filled })}
            </span>
            <ChevronRight size={18} aria-hidden />
          </button>
        </li>
      ))}
    </ul>
  );
}

/** Whether it can be taken back afterwards, in words. */
function attemptsLeft({ terms: { attempts }, tries }: MyLessonView): string {
  if (attempts === 0) return messages.student.canTakeBack;
  return tries + 1 >= attempts ? messages.student.lastTry : messages.student.triesLeft({ count: attempts - tries - 1 });
}
