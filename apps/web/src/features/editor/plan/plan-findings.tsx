/** What following a plan would change, and what is wrong with it; each row leads to its line. */
import type { PlanWishes } from '@gobrel/core/story-plan';
import { TriangleAlert } from 'lucide-react';
import { messages } from '../../../shared/messages';
import {
  addedInWords,
  changedInWords,
  cutInWords,
  cutLinks,
  quoted,
  removedInWords,
  renamedInWords,
} from './effect-words';
import { Tick } from '../panel/questions/fields';
import { problemInWords } from './problem-words';
import type { PlanOutcome } from './use-planned';

interface PlanFindingsProps {
  /** Whether the plan says something else than the slides. */
  readonly isChanged: boolean;
  readonly outcome: PlanOutcome;
  /** What is to stay though the plan does not speak of it. */
  readonly wishes: PlanWishes;
  readonly onWishes: (wishes: PlanWishes) => void;
  readonly onLine: (line: number) => void;
}

/** More rows of one kind than this are not listed. */
const MOST = 60;

export function PlanFindings({ isChanged, outcome, wishes, onWishes, onLine }: PlanFindingsProps) {
  const { problems, effect } = outcome;
  const rows = effect
    ? [
        addedInWords(effect.added),
        renamedInWords(effect.renamed),
        changedInWords(effect.changed),
        wishes.keepSlides ? '' : removedInWords(effect.removed),
        wishes.keepLinks ? '' : cutInWords(effect.cut),
      ].filter(Boolean)
    : [];
  const losses = effect ? [removedInWords(effect.removed), cutInWords(effect.cut)] : [];
  return (
    <>
      {effect && effect.cut.length > 0 ? (
        <Tick
          label={messages.plan.keepLinks({ count: effect.cut.length, links: cutLinks(effect.cut) })}
          checked={wishes.keepLinks}
          onChange={(keepLinks) => onWishes({ ...wishes, keepLinks })}
        />
      ) : null}
      {effect && effect.removed.length > 0 ? (
        <Tick
          label={messages.plan.keepSlides({ count: effect.removed.length, names: quoted(effect.removed) })}
          checked={wishes.keepSlides}
          onChange={(keepSlides) => onWishes({ ...wishes, keepSlides })}
        />
      ) : null}
      <div role="status">
        {!isChanged ? (
          <p className="font-semibold text-reed">{messages.plan.same}</p>
        ) : !effect ? (
          <p className="text-soft">{messages.plan.reading}</p>
        ) : (
          <ul className="list-disc ps-5">
            {rows.length === 0 ? <li>{messages.plan.nothing}</li> : null}
            {rows.map((row) => (
              <li key={row} className={losses.includes(row) ? 'font-semibold text-berry' : ''}>
                {row}
              </li>
            ))}
          </ul>
        )}
      </div>
      {problems.length > 0 ? (
        <div>
          <h2 className="mb-1 flex items-center gap-1.5 font-sans text-sm font-semibold text-amber">
            <TriangleAlert size={16} aria-hidden /> {messages.plan.problems({ count: problems.length })}
          </h2>
          <ul className="flex flex-col">
            {problems.slice(0, MOST).map((problem, index) => (
              <li key={index}>
                <button
                  type="button"
                  className="min-h-11 w-full rounded-md px-2 text-start hover:bg-rule/50"
                  onClick={() => onLine(problem.line)}
                >
                  <span className="text-soft">{messages.plan.line({ line: problem.line })}</span>{' '}
                  {problemInWords(problem)}
                </button>
              </li>
            ))}
          </ul>
          {problems.length > MOST ? (
            <p className="px-2 text-soft">{messages.editor.more({ count: problems.length - MOST })}</p>
          ) : null}
        </div>
      ) : null}
    </>
  );
}
