/** A lesson's state without somebody: erased, with everything they said in it. */
import type { LessonState } from './lesson-state.js';
import type { LessonChange } from './turns.js';

/** What changes when a participant is erased; nothing where they are not in it. */
export function withoutParticipant(state: LessonState, id: string): LessonChange {
  const { turnList, hands, showing, asked, answersShown } = state;
  const others = (ids: readonly string[]) => ids.filter((each) => each !== id);
  return {
    ...(turnList.includes(id) ? { turnList: others(turnList) } : {}),
    ...(hands.includes(id) ? { hands: others(hands) } : {}),
    ...(showing === id ? { showing: null, turnTime: null, steeredTo: null } : {}),
    ...(asked.some(({ participantId }) => participantId === id)
      ? { asked: asked.filter(({ participantId }) => participantId !== id) }
      : {}),
    ...(answersShown && [...answersShown.of, ...answersShown.picked].includes(id)
      ? { answersShown: { ...answersShown, of: others(answersShown.of), picked: others(answersShown.picked) } }
      : {}),
  };
}
