/** A lesson's shared state as a Yjs document: who shows their slides now, and who is next. */
import type * as Y from 'yjs';
import { isId, readStrings } from '../deck/index.js';

/** What the teacher steers and everybody in the lesson sees. */
export interface LessonState {
  /** Participants waiting to show, first come first. */
  readonly turnList: readonly string[];
  /** The participant whose slides the class screen shows, or `null`. */
  readonly showing: string | null;
}

const LONGEST_TURN_LIST = 400;

/** The state that a lesson document holds. */
export function readLessonDocument(doc: Y.Doc): LessonState {
  const fields = doc.getMap('lesson');
  const showing = fields.get('showing');
  return {
    turnList: readStrings(fields.get('turnList'), 40, LONGEST_TURN_LIST).filter(isId),
    showing: isId(showing) ? showing : null,
  };
}

function write(doc: Y.Doc, state: LessonState): void {
  doc.transact(() => {
    doc.getMap('lesson').set('turnList', [...state.turnList]);
    doc.getMap('lesson').set('showing', state.showing);
  });
}

/** Puts a participant at the end of the turn list, unless they are on it or showing. */
export function addTurn(doc: Y.Doc, participantId: string): void {
  const state = readLessonDocument(doc);
  if (state.showing === participantId || state.turnList.includes(participantId)) return;
  write(doc, { ...state, turnList: [...state.turnList, participantId] });
}

/** Takes a participant off the turn list. */
export function dropTurn(doc: Y.Doc, participantId: string): void {
  const state = readLessonDocument(doc);
  write(doc, { ...state, turnList: state.turnList.filter((id) => id !== participantId) });
}

/** Begins a participant's turn; a turn that was on ends. */
export function startTurn(doc: Y.Doc, participantId: string): void {
  const state = readLessonDocument(doc);
  write(doc, { turnList: state.turnList.filter((id) => id !== participantId), showing: participantId });
}

/** Ends the turn that is on. */
export function endTurn(doc: Y.Doc): void {
  write(doc, { ...readLessonDocument(doc), showing: null });
}
