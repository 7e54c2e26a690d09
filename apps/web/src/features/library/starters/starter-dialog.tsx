/** Starters in sight, found by where they belong in a lesson and by what students do. */
import { type Doing, doings, isDeckStarter, type Moment, moments, type Starter } from '@gobrel/core/starters';
import { useState } from 'react';
import { Choose, Dialog } from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import { StarterCard } from './starter-card';
import { type FoundStarter, useStarters } from './use-starters';

interface StarterDialogProps {
  /** Whether short decks come first, as for whoever begins a deck. */
  readonly decksFirst: boolean;
  readonly onPick: (starter: Starter) => void;
  readonly onClose: () => void;
}

export function StarterDialog({ decksFirst, onPick, onClose }: StarterDialogProps) {
  const says = messages.starters;
  const [moment, setMoment] = useState<Moment | 'all'>('all');
  const [does, setDoes] = useState<Doing | null>(null);
  const fitting = useStarters().filter(
    (starter) => (moment === 'all' || starter.moment === moment) && (does === null || starter.does.includes(does)),
  );
  const shipped = fitting.filter(({ kept }) => kept === null);
  const slides = { title: says.slideGroup, starters: shipped.filter((starter) => !isDeckStarter(starter)) };
  const decks = { title: says.deckGroup, starters: shipped.filter(isDeckStarter) };
  const mine = { title: says.mine, starters: fitting.filter(({ kept }) => kept !== null) };
  const groups = [mine, ...(decksFirst ? [decks, slides] : [slides, decks])];
  return (
    <Dialog title={says.title} open onClose={onClose} wide>
      <Choose
        label={says.momentLabel}
        value={moment}
        options={[
          { value: 'all' as const, name: says.all },
          ...moments.map((each) => ({ value: each, name: says.moments[each] })),
        ]}
        onChange={setMoment}
      />
      <div role="group" aria-label={says.doesLabel} className="mt-2 flex flex-wrap gap-1">
        {doings.map((doing) => (
          <button
            key={doing}
            type="button"
            aria-pressed={does === doing}
            onClick={() => setDoes(does === doing ? null : doing)}
            className={`min-h-11 rounded-full border px-3.5 font-semibold ${does === doing ? 'border-ink bg-ink text-card' : 'border-edge bg-card hover:border-ink'}`}
          >
            {says.doings[doing]}
          </button>
        ))}
      </div>
      {fitting.length === 0 ? <p className="py-6">{says.noneFit}</p> : null}
      {groups.map(({ title, starters }) => (
        <StarterGroup key={title} title={title} starters={starters} onPick={onPick} />
      ))}
    </Dialog>
  );
}

interface StarterGroupProps {
  readonly title: string;
  readonly starters: readonly FoundStarter[];
  readonly onPick: (starter: Starter) => void;
}

function StarterGroup({ title, starters, onPick }: StarterGroupProps) {
  if (starters.length === 0) return null;
  return (
    <section aria-label={title} className="mt-4">
      <h3 className="mb-2 font-sans text-sm font-semibold text-soft">{title}</h3>
      <ul className="grid grid-cols-[repeat(auto-fill,minmax(200px,1fr))] gap-3">
        {starters.map((starter) => (
          <StarterCard key={starter.id} starter={starter} onPick={onPick} />
        ))}
      </ul>
    </section>
  );
}
