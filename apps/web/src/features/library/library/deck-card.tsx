/** A deck as a picture with its title, or as a line of a list. */
import type { DeckSummary, FoundDeck } from '@gobrel/contract';
import { Link } from 'react-router';
import { Cover } from '../../../shared/slides';
import { messages } from '../../../shared/messages';
import { dragsDecks } from './deck-drag';
import { FoundNote, SharingNote } from './deck-facts';
import { type DeckActions, DeckMenu } from './deck-menu';

/** A deck in sight. */
export interface ShownDeck {
  readonly deck: DeckSummary;
  readonly found: FoundDeck | undefined;
  readonly isSelected: boolean;
  /** Whether any deck is selected: then every box to select one is in sight. */
  readonly isSelecting: boolean;
  readonly actions: DeckActions;
  readonly onSelect: (isSelected: boolean) => void;
  /** The decks that are dragged along with this one. */
  readonly dragged: () => readonly string[];
}

export function DeckCard(props: ShownDeck) {
  const says = messages.library;
  const { deck, isSelected, isSelecting } = props;
  return (
    <li className="group relative min-w-0" {...dragsDecks(props.dragged)}>
      <Link to={`/decks/${deck.id}`} className="block after:absolute after:inset-0 after:content-['']">
        <span
          className={`block overflow-hidden rounded-md border ${isSelected ? 'border-dusk outline-2 outline-dusk' : 'border-edge group-hover:border-ink'}`}
        >
          <Cover deck={deck.cover} />
        </span>
        <span className="mt-1.5 line-clamp-2 font-display font-bold leading-tight wrap-anywhere">{deck.title}</span>
      </Link>
      <div className="flex items-end gap-1 text-sm">
        <div className="min-w-0 flex-1">
          <p className="truncate text-soft">
            {says.slides({ count: deck.slideCount })} ·{' '}
            {deck.archivedAt ? says.archivedOn({ date: deck.archivedAt }) : says.edited({ date: deck.updatedAt })}
          </p>
          <SharingNote deck={deck} />
          <FoundNote found={props.found} />
        </div>
        <div className="relative -me-1.5">
          <DeckMenu deck={deck} actions={props.actions} />
        </div>
      </div>
      <span
        className={`absolute start-1.5 top-1.5 ${isSelected || isSelecting ? '' : 'opacity-0 focus-within:opacity-100 group-hover:opacity-100 pointer-coarse:opacity-100'}`}
      >
        <SelectBox {...props} />
      </span>
    </li>
  );
}

export function DeckRow(props: ShownDeck & { readonly unit: string }) {
  const says = messages.library;
  const { deck, isSelected } = props;
  return (
    <tr
      className={`group relative border-b border-rule ${isSelected ? 'bg-dusk-wash' : 'hover:bg-rule/40'}`}
      {...dragsDecks(props.dragged)}
    >
      <td className="w-11 py-1">
        <SelectBox {...props} />
      </td>
      <td className="w-20 py-1">
        <span className="block w-18 overflow-hidden rounded border border-edge">
          <Cover deck={deck.cover} />
        </span>
      </td>
      <th scope="row" className="py-1 ps-2 text-start">
        <Link to={`/decks/${deck.id}`} className="line-clamp-2 hover:underline wrap-anywhere">
          {deck.title}
        </Link>
        <span className="text-sm font-normal">
          <FoundNote found={props.found} />
        </span>
      </th>
      <td className="hidden px-2 py-1 text-soft md:table-cell">{props.unit}</td>
      <td className="hidden px-2 py-1 text-end tabular-nums sm:table-cell">{deck.slideCount}</td>
      <td className="hidden whitespace-nowrap px-2 py-1 text-soft sm:table-cell">
        {deck.archivedAt ? says.archivedOn({ date: deck.archivedAt }) : says.edited({ date: deck.updatedAt })}
      </td>
      <td className="hidden px-2 py-1 md:table-cell">
        <SharingNote deck={deck} />
      </td>
      <td className="w-11 py-1">
        <DeckMenu deck={deck} actions={props.actions} />
      </td>
    </tr>
  );
}

function SelectBox({ deck, isSelected, onSelect }: ShownDeck) {
  return (
    <label className="flex size-8 items-center justify-center rounded-md bg-card/90 pointer-coarse:size-11">
      <input
        type="checkbox"
        className="size-4.5 accent-dusk"
        aria-label={messages.library.select({ title: deck.title })}
        checked={isSelected}
        onChange={(event) => onSelect(event.target.checked)}
      />
    </label>
  );
}
