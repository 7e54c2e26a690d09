/** The board by student: a row each, with where they are and how each slide stands. */
import type { LessonMarks, LessonView, ParticipantView } from '@gobrel/contract';
import { type Deck, itemsOf, type Slide, slidesInOrder } from '@gobrel/core/deck';
import { isQuestion, type Marks, type Standing, standingOn } from '@gobrel/core/questions';
import { addTurn } from '@gobrel/core/shared-doc';
import { ListPlus } from 'lucide-react';
import { memo, useEffect } from 'react';
import type { OpenDocument } from '../../live';
import { slideName } from '../../slides';
import { IconButton } from '../../ui';
import { useWorkOf } from '../../watching';
import { words } from '../../words';

interface ByStudentProps {
  readonly lesson: LessonView;
  readonly edition: Deck;
  readonly marks: LessonMarks;
  readonly document: OpenDocument | null;
  readonly picked: ParticipantView | null;
  readonly onPick: (participant: ParticipantView) => void;
  readonly onLive: () => void;
}

export function ByStudent({ lesson, edition, marks, document, picked, onPick, onLive }: ByStudentProps) {
  const asking = slidesInOrder(edition).filter((slide) =>
    itemsOf(edition, slide.id).some((item) => isQuestion(item) || item.kind === 'open-area'),
  );
  return (
    <div className="overflow-x-auto">
      <table className="w-full border-collapse text-left">
        <caption className="spoken">{words.board.byStudent}</caption>
        <thead>
          <tr className="border-b border-rule text-sm text-soft">
            <th scope="col" className="px-2 py-2 font-semibold">
              {words.board.student}
            </th>
            <th scope="col" className="px-2 py-2 font-semibold">
              {words.board.isOn}
            </th>
            {asking.map((slide) => (
              <th key={slide.id} scope="col" className="px-2 py-2 text-center font-semibold">
                {slideName(edition, slide.id)}
              </th>
            ))}
            <th scope="col" className="px-2 py-2 text-center font-semibold">
              {words.board.marks}
            </th>
            <th scope="col" className="px-2 py-2">
              <span className="spoken">{words.board.turnList}</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {lesson.participants.map((participant) => (
            <StudentRow
              key={participant.studentId}
              lessonId={lesson.id}
              edition={edition}
              asking={asking}
              participant={participant}
              marks={participant.participantId ? marks[participant.participantId]?.marks : undefined}
              isPicked={picked?.studentId === participant.studentId}
              document={document}
              onPick={onPick}
              onLive={onLive}
            />
          ))}
        </tbody>
      </table>
    </div>
  );
}

interface StudentRowProps {
  readonly lessonId: string;
  readonly edition: Deck;
  readonly asking: readonly Slide[];
  readonly participant: ParticipantView;
  readonly marks: Marks | undefined;
  readonly isPicked: boolean;
  readonly document: OpenDocument | null;
  readonly onPick: (participant: ParticipantView) => void;
  readonly onLive: () => void;
}

const StudentRow = memo(function StudentRow(props: StudentRowProps) {
  const { lessonId, edition, asking, participant, marks, isPicked, document, onPick, onLive } = props;
  const { participantId } = participant;
  const { work, stop, isHere } = useWorkOf(lessonId, edition, participantId);
  useEffect(() => {
    // Marks are computed on the server, so a change of work means asking it again.
    if (participantId) onLive();
  }, [work, participantId, onLive]);
  if (!participantId) {
    return (
      <tr className="h-12 border-b border-rule text-soft">
        <th scope="row" className="px-2 font-normal">
          {participant.name}
        </th>
        <td className="px-2" colSpan={asking.length + 3}>
          {words.board.notJoined}
        </td>
      </tr>
    );
  }
  return (
    <tr className={`h-12 border-b border-rule ${isPicked ? 'bg-card' : ''}`}>
      <th scope="row" className="px-2">
        <button
          type="button"
          className="min-h-11 text-left font-semibold hover:underline"
          aria-pressed={isPicked}
          onClick={() => onPick(participant)}
        >
          {participant.name}
        </button>
      </th>
      <td className="px-2 text-sm">
        {participant.submission ? <strong className="text-reed">{words.board.submitted}</strong> : null}
        {participant.submission && isHere ? ' · ' : null}
        {isHere || !participant.submission ? (stop ? slideName(edition, stop.slideId) : words.board.justIn) : null}
        {isHere ? null : <span className="text-soft"> {words.board.away}</span>}
      </td>
      {asking.map((slide) => (
        <td key={slide.id} className="px-2 text-center">
          <SlideState standing={standingOn(edition, slide.id, work, marks)} />
        </td>
      ))}
      <td className="px-2 text-center tabular-nums">{marks ? `${marks.points}/${marks.outOf}` : '–'}</td>
      <td className="px-1 text-right">
        <IconButton
          name={words.board.toTurnList(participant.name)}
          onClick={() => document && addTurn(document.doc, participantId)}
        >
          <ListPlus size={18} aria-hidden />
        </IconButton>
      </td>
    </tr>
  );
});

const looks: Readonly<Record<Standing, { sign: string; tone: string }>> = {
  unseen: { sign: '–', tone: 'text-soft' },
  looking: { sign: '○', tone: 'text-soft' },
  working: { sign: '…', tone: 'text-dusk' },
  answered: { sign: '●', tone: 'text-dusk' },
  right: { sign: '✓', tone: 'text-reed' },
  partly: { sign: '½', tone: 'text-amber' },
  wrong: { sign: '✕', tone: 'text-berry' },
};

function SlideState({ standing }: { standing: Standing }) {
  const { sign, tone } = looks[standing];
  return (
    <span className={`font-bold ${tone}`} title={words.board.states[standing]}>
      <span aria-hidden>{sign}</span>
      <span className="spoken">{words.board.states[standing]}</span>
    </span>
  );
}
