/** The parts of a library: all decks, shared ones, the school's shelf, units, the archive and the bin. Decks can be dropped on most of them. */
import type { DeckSummary, UnitView } from '@gobrel/contract';
import { Archive, EllipsisVertical, Layers, PenLine, Plus, School, Trash2, Users } from 'lucide-react';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { IconButton, Menu, MenuEntry } from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import { useDeckDrop } from './deck-drag';
import { decksOn, type Shelf, shelfAddress } from './library-view';

interface LibraryRailProps {
  readonly shelf: Shelf;
  readonly decks: readonly DeckSummary[];
  readonly units: readonly UnitView[];
  readonly inBin: number;
  /** How many decks are on the school's shelf. */
  readonly onSchoolShelf: number;
  readonly onNewUnit: () => void;
  readonly onRenameUnit: (unit: UnitView) => void;
  readonly onDeleteUnit: (unit: UnitView) => void;
  readonly onShelve: (deckIds: readonly string[], where: { unitId?: string | null; archived?: boolean }) => void;
}

export function LibraryRail(props: LibraryRailProps) {
  const says = messages.library;
  const { shelf, decks, units, inBin, onShelve } = props;
  const entry = (to: Shelf, name: string, count: number, icon?: ReactNode) => ({
    to,
    name,
    count,
    icon,
    isOn: shelfAddress(to) === shelfAddress(shelf),
  });
  const on = (to: Shelf) => decksOn(to, decks).length;
  return (
    <nav
      aria-label={says.shelves}
      className="flex flex-none gap-x-1 overflow-x-auto border-b border-rule p-2 md:w-54 md:flex-col md:overflow-visible md:border-b-0 md:border-e md:p-3"
    >
      <RailEntry {...entry('all', says.allDecks, on('all'), <Layers size={18} aria-hidden />)} />
      <RailEntry {...entry('shared', says.sharedWithMe, on('shared'), <Users size={18} aria-hidden />)} />
      <RailEntry {...entry('school', messages.school.shelf, props.onSchoolShelf, <School size={18} aria-hidden />)} />
      <div className="flex items-center md:mt-4">
        <h2 className="hidden flex-1 px-2.5 font-sans text-sm font-semibold text-soft md:block">{says.units}</h2>
        <IconButton name={says.newUnit} onClick={props.onNewUnit}>
          <Plus size={18} aria-hidden />
        </IconButton>
      </div>
      {units.map((unit) => (
        <RailEntry
          key={unit.id}
          {...entry({ unitId: unit.id }, unit.name, on({ unitId: unit.id }))}
          onDrop={(ids) => onShelve(ids, { unitId: unit.id })}
          menu={
            <Menu
              trigger={
                <IconButton name={says.unitActions({ name: unit.name })}>
                  <EllipsisVertical size={16} aria-hidden />
                </IconButton>
              }
            >
              <MenuEntry onSelect={() => props.onRenameUnit(unit)}>
                <PenLine size={18} aria-hidden /> {says.rename}
              </MenuEntry>
              <MenuEntry danger onSelect={() => props.onDeleteUnit(unit)}>
                <Trash2 size={18} aria-hidden /> {says.deleteUnit}
              </MenuEntry>
            </Menu>
          }
        />
      ))}
      <div className="hidden md:block md:min-h-4 md:flex-1" />
      <RailEntry
        {...entry('archive', says.archive, on('archive'), <Archive size={18} aria-hidden />)}
        onDrop={(ids) => onShelve(ids, { archived: true })}
      />
      <RailEntry {...entry('bin', messages.bin.title, inBin, <Trash2 size={18} aria-hidden />)} />
    </nav>
  );
}

interface RailEntryProps {
  readonly to: Shelf;
  readonly name: string;
  readonly count: number;
  readonly icon?: ReactNode;
  readonly isOn: boolean;
  readonly menu?: ReactNode;
  readonly onDrop?: (deckIds: readonly string[]) => void;
}

function RailEntry({ to, name, count, icon, isOn, menu, onDrop }: RailEntryProps) {
  const drop = useDeckDrop(onDrop ?? (() => undefined));
  const look = isOn ? 'border-edge bg-card' : 'border-transparent hover:bg-rule/50';
  return (
    <div
      className={`group relative flex min-w-0 flex-none items-center rounded-md border ${drop.isOver && onDrop ? 'border-dusk bg-dusk-wash' : look}`}
      {...(onDrop ? drop.handlers : {})}
    >
      <Link
        to={to === 'all' ? '/' : `/?shelf=${shelfAddress(to)}`}
        aria-current={isOn ? 'page' : undefined}
        className={`flex min-h-control min-w-0 flex-1 items-center gap-2.5 px-2.5 py-1 font-semibold leading-tight ${menu ? 'pointer-coarse:pe-11' : ''}`}
      >
        {icon ? <span className="flex-none text-soft">{icon}</span> : null}
        <span className="line-clamp-2 max-w-40 leading-tight wrap-anywhere md:max-w-none">{name}</span>
        {icon ? (
          <span className="flex-1" />
        ) : (
          <span aria-hidden className="h-3 min-w-2 flex-1 border-b-2 border-dotted border-edge/60" />
        )}
        <span
          className={`tabular-nums text-soft ${menu ? 'group-focus-within:opacity-0 group-hover:opacity-0 pointer-coarse:opacity-100' : ''}`}
        >
          {count}
        </span>
      </Link>
      {menu ? (
        <span className="flex-none bg-inherit opacity-0 focus-within:opacity-100 group-hover:opacity-100 md:absolute md:end-0 pointer-coarse:opacity-100">
          {menu}
        </span>
      ) : null}
    </div>
  );
}
