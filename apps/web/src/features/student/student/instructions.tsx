/** What is to be done, on the first page that a student sees; it can be folded away. */
import type { MyLessonView } from '@gobrel/contract';
import { ClipboardList } from 'lucide-react';
import { messages } from '../../../shared/messages';

export function Instructions({ lesson, isFirst }: { lesson: MyLessonView; isFirst: boolean }) {
  const { instructions } = lesson.terms;
  if (instructions === '' || !isFirst) return null;
  return (
    <details open className="border-b border-rule bg-card px-3">
      <summary className="flex min-h-11 items-center gap-2 font-semibold">
        <ClipboardList size={18} aria-hidden /> {messages.student.instructions}
      </summary>
      <p className="max-h-40 overflow-auto whitespace-pre-wrap pb-3">{instructions}</p>
    </details>
  );
}
