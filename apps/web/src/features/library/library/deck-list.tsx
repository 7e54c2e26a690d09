/** Decks in sight: as pictures under the headings of their units, or as one list. */
import type { DeckSummary, FoundDeck, UnitView } from '@gobrel/contract';
import { messages } from '../../../shared/messages';
import { DeckCard, DeckRow, type ShownDeck } from './deck-card';
import type { DeckActions } from './deck-menu';
import { byUnit } from './library-view';
import type { View } from './use-library-look';

interface DeckListProps {
  readonly decks: readonly DeckSummary[];
  readonly units: readonly UnitView[];
  readonly view: View;
  /** Whether decks stand under the headings of their units. */
  readonly grouped: boolean;
  readonly found: readonly FoundDeck[];
  readonly selected: ReadonlySet<string>;
  readonly actions: DeckActions;
  readonly onSelect: (deckId: string, isSelected: boolean) => void;
}

export function DeckList(props: DeckListProps) {
  const { decks, units, view, grouped, found, selected, actions, onSelect } = props;
  const shown = (deck: DeckSummary): ShownDeck => ({
    deck,
    found: found.find(({ id }) => id === deck.id),
    isSelected: selected.has(deck.id),
    isSelecting: selected.size > 0,
    actions,
    onSelect: (isSelected) => onSelect(deck.id, isSelected),
    dragged: () => (selected.has(deck.id) ? [...selected] : [deck.id]),
  });
  const unitOf = (deck: DeckSummary) => units.find(({ id }) => id === deck.unitId)?.name ?? '';
  if (view === 'list') return <DeckTable decks={decks} shown={shown} unitOf={unitOf} />;
  const groups = grouped ? byUnit(decks, units) : [{ unit: null, decks }];
  return groups.map((group) => (
    <section key={group.unit?.id ?? ''} aria-label={group.unit?.name ?? messages.library.noUnit} className="mb-7">
      {groups.length > 1 || group.unit ? (
        <h2 className="mb-3 flex items-baseline gap-2 border-b border-edge pb-1 font-sans text-base font-semibold">
          {group.unit?.name ?? messages.library.noUnit}
          <span className="font-normal tabular-nums text-soft">{group.decks.length}</span>
        </h2>
      ) : null}
      <ul className="grid grid-cols-[repeat(auto-fill,minmax(11.5rem,1fr))] gap-x-4 gap-y-5">
        {group.decks.map((deck) => (
          <DeckCard key={deck.id} {...shown(deck)} />
        ))}
      </ul>
    </section>
  ));
}

interface DeckTableProps {
  readonly decks: readonly DeckSummary[];
  readonly shown: (deck: DeckSummary) => ShownDeck;
  readonly unitOf: (deck: DeckSummary) => string;
}

function DeckTable({ decks, shown, unitOf }: DeckTableProps) {
  const { columns } = messages.library;
  return (
    <table className="w-full">
      <thead className="text-start text-sm text-soft">
        <tr className="border-b border-edge">
          <td />
          <td />
          <th scope="col" className="py-1 ps-2 font-semibold">
            {columns.title}
          </th>
          <th scope="col" className="hidden px-2 font-semibold md:table-cell">
            {columns.unit}
          </th>
          <th scope="col" className="hidden px-2 text-end font-semibold sm:table-cell">
            {columns.slides}
          </th>
          <th scope="col" className="hidden px-2 font-semibold sm:table-cell">
            {columns.edited}
          </th>
          <th scope="col" className="hidden px-2 font-semibold md:table-cell">
            {columns.sharing}
          </th>
          <td />
        </tr>
      </thead>
      <tbody>
        {decks.map((deck) => (
          <DeckRow key={deck.id} {...shown(deck)} unit={unitOf(deck)} />
        ))}
      </tbody>
    </table>
  );
}
