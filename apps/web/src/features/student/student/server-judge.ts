/** Has answers judged by the server, which has the keys; answers are sent there first. */
import type { AnswerCheck } from '@gobrel/contract';
import type { OpenDocument } from '../../../shared/sync';
import { ask } from '../../../shared/api';
import { type Judge } from '../../walking';

/** How long an answer may take to reach the server before it is judged, in milliseconds. */
const PATIENCE = 4000;

export function serverJudge(document: OpenDocument): Judge {
  return {
    isRight: () => null,
    ask: async (itemId) => {
      if (!(await document.reachedServer(PATIENCE))) return null;
      const answer = await ask<AnswerCheck>('POST', `/my-lesson/checks/${itemId}`).catch(() => null);
      return answer?.right ?? null;
    },
  };
}
