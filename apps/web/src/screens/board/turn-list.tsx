/** The turn list: who shows their slides on the class screen now, and who is next. */
import type { LessonView } from '@gobrel/contract';
import { dropTurn, endTurn, startTurn } from '@gobrel/core/shared-doc';
import { Play, Square, X } from 'lucide-react';
import { lessonReading, type OpenDocument, useObserved } from '../../live';
import { Button, IconButton } from '../../ui';
import { words } from '../../words';

export function TurnList({ lesson, document }: { lesson: LessonView; document: OpenDocument }) {
  const state = useObserved(document, lessonReading);
  const nameOf = (id: string) =>
    lesson.participants.find((participant) => participant.participantId === id)?.name ?? '';
  return (
    <section aria-label={words.board.turnList} className="rounded-md border border-rule bg-card p-4">
      <h2 className="text-lg">{words.board.turnList}</h2>
      {state?.showing ? (
        <div className="mt-2 flex items-center justify-between gap-2 rounded-md bg-dusk-wash py-1 pl-3 pr-1 text-dusk">
          <strong>{words.board.shows(nameOf(state.showing))}</strong>
          <Button onClick={() => endTurn(document.doc)}>
            <Square size={16} aria-hidden /> {words.board.endTurn}
          </Button>
        </div>
      ) : null}
      {state?.turnList.length === 0 && !state.showing ? (
        <p className="mt-1 text-soft">{words.board.turnListEmpty}</p>
      ) : null}
      <ol className="mt-1">
        {state?.turnList.map((id) => (
          <li key={id} className="flex items-center justify-between gap-1 border-b border-rule last:border-b-0">
            <span>{nameOf(id)}</span>
            <span className="flex">
              <IconButton name={words.board.startTurn(nameOf(id))} onClick={() => startTurn(document.doc, id)}>
                <Play size={18} aria-hidden />
              </IconButton>
              <IconButton name={words.board.dropTurn(nameOf(id))} onClick={() => dropTurn(document.doc, id)}>
                <X size={18} aria-hidden />
              </IconButton>
            </span>
          </li>
        ))}
      </ol>
    </section>
  );
}
