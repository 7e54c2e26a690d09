/** What a teacher does about a seat while the lesson runs: a new PIN, or removing whoever sits there. */
import type { LessonView, ParticipantView } from '@gobrel/contract';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { KeyRound, MoreHorizontal, UserX } from 'lucide-react';
import { Fragment } from 'react';
import { ask, lessonQuery, messageOf } from '../../../shared/api';
import { Button, Menu, MenuEntry, showToast } from '../../../shared/ui';
import { messages } from '../../../shared/messages';

interface Seat {
  readonly participantId: string;
  readonly name: string;
  readonly hasPin: boolean;
}

/** Removing and letting in again; both give the lesson as it is then. */
function useSeats(lessonId: string) {
  const queries = useQueryClient();
  const onError = (error: unknown) => showToast(messageOf(error), { tone: 'trouble' });
  const follow = (lesson: LessonView) => queries.setQueryData(lessonQuery(lessonId).queryKey, lesson);
  const path = (participantId: string) => `/lessons/${lessonId}/participants/${participantId}`;
  const letIn = useMutation({
    mutationFn: (participantId: string) => ask<LessonView>('POST', `${path(participantId)}/restore`),
    onSuccess: follow,
    onError,
  });
  const remove = useMutation({
    mutationFn: ({ participantId }: Seat) => ask<LessonView>('DELETE', path(participantId)),
    onSuccess: (lesson, { name, participantId }) => {
      follow(lesson);
      showToast(messages.seats.removed({ name }), {
        action: { name: messages.common.undo, run: () => letIn.mutate(participantId) },
      });
    },
    onError,
  });
  const resetPin = useMutation({
    mutationFn: ({ participantId }: Seat) => ask('DELETE', `${path(participantId)}/pin`),
    onSuccess: (_answer, { name }) => showToast(messages.seats.pinIsReset({ name })),
    onError,
  });
  return { letIn, remove, resetPin };
}

export function SeatMenu({ lessonId, participant }: { lessonId: string; participant: ParticipantView }) {
  const { remove, resetPin } = useSeats(lessonId);
  const says = messages.seats;
  return (
    <Menu
      trigger={
        <Button
          look="quiet"
          aria-label={says.more({ name: participant.name })}
          title={says.more({ name: participant.name })}
        >
          <MoreHorizontal size={18} aria-hidden />
        </Button>
      }
    >
      {seatsOf(participant).map((seat) => (
        <Fragment key={seat.participantId}>
          {seat.hasPin ? (
            <MenuEntry onSelect={() => resetPin.mutate(seat)}>
              <KeyRound size={18} aria-hidden /> {says.resetPin({ name: seat.name })}
            </MenuEntry>
          ) : null}
          <MenuEntry danger onSelect={() => remove.mutate(seat)}>
            <UserX size={18} aria-hidden /> {says.remove({ name: seat.name })}
          </MenuEntry>
        </Fragment>
      ))}
    </Menu>
  );
}

/** The people behind a row: its members, where it is a group's. */
function seatsOf({ participantId, name, members, isGuest }: ParticipantView): readonly Seat[] {
  if (members.length > 0) return members.map((member) => ({ ...member, hasPin: true }));
  return participantId === null ? [] : [{ participantId, name, hasPin: !isGuest }];
}

/** Those who were removed, to be let in again. */
export function RemovedSeats({ lesson }: { lesson: LessonView }) {
  const { letIn } = useSeats(lesson.id);
  if (lesson.removed.length === 0) return null;
  return (
    <section aria-label={messages.seats.removedTitle} className="mt-4 border-t border-rule pt-2">
      <h2 className="text-base font-semibold text-soft">{messages.seats.removedTitle}</h2>
      <ul>
        {lesson.removed.map(({ participantId, name }) => (
          <li key={participantId} className="flex min-h-11 items-center gap-3 text-soft">
            {name}
            <button
              type="button"
              className="min-h-11 rounded-md px-2 font-semibold text-tide hover:bg-rule/50"
              onClick={() => letIn.mutate(participantId)}
            >
              {messages.seats.letIn({ name })}
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
