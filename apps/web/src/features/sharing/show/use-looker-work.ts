/** What somebody fills in who only looks: kept on this page, and checked by the server, which has the keys. */
import type { LookerChecks } from '@gobrel/contract';
import type { Deck, ItemId } from '@gobrel/core/deck';
import { type AnswerFeedback, answerFingerprint, feedbackOnPresent } from '@gobrel/core/questions';
import { applyWorkChanges, emptyWork, type Work } from '@gobrel/core/work';
import { useMemo, useState } from 'react';
import { ask, mayPass, messageOf } from '../../../shared/api';
import { messages } from '../../../shared/messages';
import { showToast } from '../../../shared/ui';
import { fillInBy, type Judge } from '../../walking';

/** What was told of an answer, and how often it was checked. */
interface Told {
  readonly count: number;
  readonly feedback: AnswerFeedback;
}

/** @param place the path of the server's checks */
export function useLookerWork(edition: Deck, place: string) {
  const [work, setWork] = useState(emptyWork);
  const [told, setTold] = useState<Readonly<Record<ItemId, Told>>>({});
  const [known, setKnown] = useState<ReadonlyMap<string, boolean>>(new Map());
  const [checking, setChecking] = useState(false);
  const [spoken, say] = useState('');
  const feedback = useMemo(() => {
    const all = Object.fromEntries(Object.entries(told).map(([id, one]) => [id, one.feedback]));
    return feedbackOnPresent(all, work, edition);
  }, [told, work, edition]);
  const fillIn = useMemo(
    () =>
      fillInBy({
        edition,
        work,
        locked: false,
        who: 'looker',
        feedback,
        say,
        write: (changes) => setWork((before) => applyWorkChanges(before, changes)),
      }),
    [edition, work, feedback],
  );

  /** An answer as it is now, told apart from what it was before. */
  const answerOf = (id: ItemId) => {
    const item = edition.items[id];
    return item ? `${id} ${answerFingerprint(item, work, edition)}` : id;
  };
  const send = async (itemIds: readonly ItemId[]): Promise<LookerChecks> => {
    const tries = Object.fromEntries(itemIds.map((id) => [id, told[id]?.count ?? 0]));
    const checks = await ask<LookerChecks>('POST', place, { work: marked(work), itemIds, tries });
    const verdicts = Object.entries(checks).map(([id, { right }]) => [answerOf(id), right] as const);
    setKnown((before) => new Map([...before, ...verdicts]));
    return checks;
  };
  const check = (itemIds: readonly ItemId[]) => {
    setChecking(true);
    send(itemIds)
      .then((checks) =>
        setTold((before) => {
          const next = { ...before };
          for (const [id, { feedback: one }] of Object.entries(checks))
            if (one) next[id] = { count: (before[id]?.count ?? 0) + 1, feedback: one };
          return next;
        }),
      )
      .catch((error: unknown) => {
        showToast(mayPass(error) ? messages.shown.offline : messageOf(error), { tone: 'trouble' });
      })
      .finally(() => setChecking(false));
  };
  const judge: Judge = {
    isRight: (id) => known.get(answerOf(id)) ?? null,
    ask: (id) =>
      send([id]).then(
        (checks) => checks[id]?.right ?? false,
        () => null,
      ),
  };
  const beginAnew = () => {
    setWork(emptyWork);
    setTold({});
    setKnown(new Map());
  };
  return { work, fillIn, feedback, judge, check, checking, spoken, beginAnew };
}

/** What of the work is marked: what was drawn and added is nobody's to judge, and can be large. */
function marked(work: Work): Work {
  return { ...work, drawn: {}, added: {} };
}
