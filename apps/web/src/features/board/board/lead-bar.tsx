/** What the teacher steers whatever they look at: pace, hold, dark screens, time, calling all to a slide, asking now. */
import type { LessonView } from '@gobrel/contract';
import type { Deck } from '@gobrel/core/deck';
import { endTurn, gather, leadIn, setPace } from '@gobrel/core/lesson';
import { shownSlide } from '@gobrel/core/show';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Hand, Megaphone, MessageCircleQuestion, Moon, Presentation, Sun } from 'lucide-react';
import { useState } from 'react';
import type { LiveLesson } from '../../../shared/sync';
import { ask, lessonQuery, messageOf } from '../../../shared/api';
import { Button, Choose, showToast } from '../../../shared/ui';
import { messages, slideName } from '../../../shared/messages';
import { PutInDialog } from './put-in-dialog';
import { TimeButton } from './time-button';

interface LeadBarProps {
  readonly lesson: LessonView;
  readonly edition: Deck;
  readonly live: LiveLesson;
}

export function LeadBar({ lesson, edition, live: { state, change } }: LeadBarProps) {
  const queries = useQueryClient();
  const [asking, setAsking] = useState(false);
  const hold = useMutation({
    mutationFn: (held: boolean) => ask<LessonView>('POST', `/lessons/${lesson.id}/hold`, { held }),
    onSuccess: (next) => queries.setQueryData(lessonQuery(lesson.id).queryKey, next),
    onError: (error) => showToast(messageOf(error), { tone: 'trouble' }),
  });
  const lead = leadIn(edition, state);
  const at = lead && shownSlide(lead);
  const presenter = lesson.participants.find(
    ({ participantId }) => participantId !== null && participantId === state.showing,
  );
  return (
    <section aria-label={messages.leading.title}>
      <div
        role="toolbar"
        aria-label={messages.leading.title}
        className="flex flex-wrap items-center gap-2 border-b border-rule bg-card px-3 py-1.5 low:flex-nowrap low:overflow-x-auto low:*:flex-none"
      >
        <span className="w-60">
          <Choose
            label={messages.leading.pace}
            value={state.pace}
            options={[
              { value: 'together', name: messages.leading.together },
              { value: 'own-pace', name: messages.leading.ownPace },
            ]}
            onChange={(pace) => change((now) => setPace(edition, now, pace))}
          />
        </span>
        {/* What lasts is said in words and colour until it ends, and is ended where it is said. */}
        <Button
          look={lesson.held ? 'lasting' : 'plain'}
          disabled={hold.isPending}
          onClick={() => hold.mutate(!lesson.held)}
        >
          <Hand size={18} aria-hidden /> {lesson.held ? messages.board.letGo : messages.board.hold}
        </Button>
        <Button look={state.dark ? 'lasting' : 'plain'} onClick={() => change((now) => ({ dark: !now.dark }))}>
          {state.dark ? <Sun size={18} aria-hidden /> : <Moon size={18} aria-hidden />}
          {state.dark ? messages.leading.light : messages.leading.dark}
        </Button>
        {presenter ? (
          <Button look="lasting" onClick={() => change(endTurn)}>
            <Presentation size={18} aria-hidden /> {messages.board.showsUntil({ name: presenter.name })}
          </Button>
        ) : null}
        {state.answersShown || state.chartShown ? (
          <Button look="lasting" onClick={() => change(() => ({ answersShown: null, chartShown: null }))}>
            <Presentation size={18} aria-hidden /> {messages.watching.shownUntil}
          </Button>
        ) : null}
        <TimeButton state={state} change={change} />
        {state.pace === 'own-pace' && at !== null ? (
          <Button
            onClick={() => {
              change((now) => gather(now, at));
              showToast(messages.leading.gathered({ slide: slideName(edition, at) }));
            }}
          >
            <Megaphone size={18} aria-hidden /> {messages.leading.gather}
          </Button>
        ) : null}
        <Button onClick={() => setAsking(true)}>
          <MessageCircleQuestion size={18} aria-hidden /> {messages.leading.putIn}
        </Button>
        {asking ? (
          <PutInDialog lesson={lesson} edition={edition} after={at} change={change} onClose={() => setAsking(false)} />
        ) : null}
      </div>
    </section>
  );
}
