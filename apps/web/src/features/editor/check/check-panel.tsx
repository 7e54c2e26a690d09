/** The deck check beside the slide: what was found, what matters most first; mended, shown or set aside from here. */
import { type Finding, findingId, levels, mendFinding, mendFindings, rules, setAside } from '@gobrel/core/checks';
import { type ItemId, namesIn, type SlideId, slidesInOrder } from '@gobrel/core/deck';
import { CircleAlert, Eye, type LucideIcon, TriangleAlert, Wrench } from 'lucide-react';
import { useState } from 'react';
import { itemCalled, mendInWords, messages, slideName, whyInWords } from '../../../shared/messages';
import { Button } from '../../../shared/ui';
import type { Editing } from '../state/editing';
import { AsideDialog } from './aside-dialog';
import { AsideGroup } from './aside-group';
import { RoomGroup } from './room-group';
import { givenFor, useCheck } from './use-deck-check';

/** How each level looks. */
export const levelLooks: Readonly<
  Record<Finding['level'], { readonly icon: LucideIcon; readonly text: string; readonly edge: string }>
> = {
  fix: { icon: CircleAlert, text: 'text-berry', edge: 'border-berry' },
  look: { icon: TriangleAlert, text: 'text-amber', edge: 'border-amber' },
  easier: { icon: Eye, text: 'text-ink', edge: 'border-edge' },
};

interface CheckPanelProps {
  readonly editing: Editing;
  readonly slideId: SlideId;
  /** Goes to a slide, with an item of it selected. */
  readonly onGoTo: (slideId: SlideId, itemId: ItemId | null) => void;
}

export function CheckPanel({ editing, slideId, onGoTo }: CheckPanelProps) {
  const says = messages.checks;
  const { deck, run, tellDone } = editing;
  const findings = useCheck((store) => store.findings);
  const [setting, setSetting] = useState<Finding | null>(null);
  const count = findings?.length ?? 0;
  const mendable = (findings ?? []).filter(({ rule }) => mendInWords(rule) !== null);
  const mendAll = () => {
    const changes = mendFindings(deck, mendable, givenFor(deck));
    if (changes.length === 0) return;
    run(changes);
    tellDone(says.fixed({ count: mendable.length }));
  };
  return (
    <div className="pt-1">
      <h2 className="mb-0.5 font-display text-lg font-bold">{says.title}</h2>
      <p role="status" className="mb-2 text-sm text-soft">
        {findings === null
          ? says.checking
          : count === 0
            ? says.clean({ count: namesIn(rules).length })
            : says.found({ count })}
      </p>
      {mendable.length > 1 ? (
        <Button className="mb-2 w-full" onClick={mendAll}>
          <Wrench size={16} aria-hidden /> {says.fixAll({ count: mendable.length })}
        </Button>
      ) : null}
      {levels.map((level) => {
        const here = (findings ?? []).filter((finding) => finding.level === level);
        if (here.length === 0) return null;
        const { icon: Icon, text } = levelLooks[level];
        return (
          <section key={level} aria-label={says.levels[level]} className="-mx-3.5 border-t border-rule">
            <h3 className={`flex items-center gap-1.5 bg-paper px-3.5 py-1.5 font-sans text-sm font-semibold ${text}`}>
              <Icon size={16} aria-hidden className="flex-none" /> {says.levels[level]}
              <span className="font-normal tabular-nums text-soft">{here.length}</span>
            </h3>
            <ol>
              {here.map((finding) => (
                <li key={findingId(finding)} className="border-t border-rule">
                  <FindingRow
                    editing={editing}
                    finding={finding}
                    place={(findings ?? []).indexOf(finding) + 1}
                    isHere={finding.slideId === slideId}
                    onGoTo={onGoTo}
                    onAside={() => setSetting(finding)}
                  />
                </li>
              ))}
            </ol>
          </section>
        );
      })}
      <RoomGroup editing={editing} />
      <AsideGroup editing={editing} />
      {setting ? (
        <AsideDialog
          finding={setting}
          onClose={() => setSetting(null)}
          onAside={(how) => {
            run([{ type: 'set-deck', fields: { check: setAside(deck.check, setting, how) } }]);
            setSetting(null);
          }}
        />
      ) : null}
    </div>
  );
}

interface FindingRowProps {
  readonly editing: Editing;
  readonly finding: Finding;
  readonly place: number;
  /** Whether it is on the slide in sight. */
  readonly isHere: boolean;
  readonly onGoTo: CheckPanelProps['onGoTo'];
  readonly onAside: () => void;
}

function FindingRow({ editing, finding, place, isHere, onGoTo, onAside }: FindingRowProps) {
  const says = messages.checks;
  const { deck, run, tellDone } = editing;
  const { rule, level, slideId, items } = finding;
  const title = says.titles[rule];
  const number = slidesInOrder(deck).findIndex(({ id }) => id === slideId) + 1;
  const [first] = items;
  const mend = mendInWords(rule);
  const { text, edge } = levelLooks[level];
  return (
    <div className={`flex gap-2 px-3.5 py-2 ${isHere ? 'shadow-[inset_3px_0_var(--dusk)]' : ''}`}>
      <span
        aria-hidden
        className={`flex size-5 flex-none items-center justify-center rounded border text-xs font-bold tabular-nums ${edge} ${text}`}
      >
        {place}
      </span>
      <div className="min-w-0 flex-1">
        <button
          type="button"
          className="block w-full rounded text-start hover:underline"
          onClick={() => onGoTo(slideId, first ?? null)}
        >
          <strong className="block leading-snug">{title}</strong>
          <span className="block truncate text-sm text-soft">
            {says.place({ number, name: slideName(deck, slideId) })}
            {first ? ` · ${itemCalled(deck, first)}` : ''}
          </span>
        </button>
        <p className="text-sm leading-snug">{whyInWords(finding, deck)}</p>
        <div className="mt-1 flex flex-wrap gap-1.5">
          {mend ? (
            <Button
              className="!min-h-8 !px-2 text-sm"
              onClick={() => {
                const changes = mendFinding(deck, finding, givenFor(deck));
                onGoTo(slideId, first ?? null);
                // What cannot be mended without breaking something else is left to its author, at its place.
                if (changes.length === 0) return;
                run(changes);
                tellDone(says.fixed({ count: 1 }));
              }}
            >
              <Wrench size={14} aria-hidden className="flex-none" /> {says.fix({ mend })}
            </Button>
          ) : null}
          <Button look="quiet" className={`!min-h-8 !px-2 text-sm ${mend ? '' : '-ms-2'}`} onClick={onAside}>
            {says.ignore}
          </Button>
        </div>
      </div>
    </div>
  );
}
