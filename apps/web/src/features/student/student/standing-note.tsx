/** How things stand, over the slide: it is your turn, it is submitted, the lesson is closed. */
import type { MyLessonView } from '@gobrel/contract';
import { CircleCheck, Hand, Lock, Presentation, RotateCcw } from 'lucide-react';
import { messages, pointsInWords } from '../../../shared/messages';

interface StandingNoteProps {
  readonly lesson: MyLessonView;
  readonly isShowing: boolean;
  /** Whether the server takes no more changes, for no other reason than that the time is over. */
  readonly isOver: boolean;
}

export function StandingNote({ lesson, isShowing, isOver }: StandingNoteProps) {
  const look = 'flex items-center justify-center gap-2 border-b border-rule px-3 py-2 font-semibold';
  if (isShowing) {
    return (
      <p role="status" className={`${look} bg-dusk-wash text-dusk`}>
        <Presentation size={18} aria-hidden /> {messages.student.yourTurn}
      </p>
    );
  }
  if (lesson.submission) {
    return (
      <p role="status" className={`${look} bg-card text-reed`}>
        <CircleCheck size={18} aria-hidden />{' '}
        {lesson.submission.collected
          ? messages.student.collected({ at: lesson.submission.submittedAt })
          : messages.student.submitted({ at: lesson.submission.submittedAt })}
        {lesson.submission.late ? ` (${messages.reviewing.late})` : ''}
        {lesson.points ? ` · ${pointsInWords(lesson.points)}` : ''}
      </p>
    );
  }
  if (lesson.closedAt) {
    return (
      <p role="status" className={`${look} bg-card text-amber`}>
        <Lock size={18} aria-hidden /> {messages.student.closed}
      </p>
    );
  }
  if (lesson.held) {
    return (
      <p role="status" className={`${look} bg-card text-amber`}>
        <Hand size={18} aria-hidden /> {messages.student.held}
      </p>
    );
  }
  if (isOver) {
    return (
      <p role="status" className={`${look} bg-card text-amber`}>
        <Lock size={18} aria-hidden /> {messages.student.isOver}
      </p>
    );
  }
  if (lesson.returnedAt) {
    return (
      <p role="status" className={`${look} bg-card text-dusk`}>
        <RotateCcw size={18} aria-hidden /> {messages.reviewing.again}
      </p>
    );
  }
  return null;
}
