/** The library: a teacher's decks, by units, found by title and by the words on their slides. */
import { DAYS_IN_BIN, type DeckSummary, type UnitView } from '@gobrel/contract';
import { searchWords } from '@gobrel/core/search';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { Archive, Folder, LayoutGrid, List, Users } from 'lucide-react';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { TeacherPage } from '../../../app/frame';
import { HandOutDialog } from '../../lessons';
import { binQuery, decksQuery, foundDecksQuery, messageOf, shelfQuery, unitsQuery } from '../../../shared/api';
import { useBin } from '../../../shared/bin';
import { ImportDialog } from '../importing';
import { TemplateDialog } from '../templates';
import {
  Button,
  Choose,
  ConfirmDialog,
  Empty,
  Failing,
  Loading,
  SearchField,
  Select,
  usePageTitle,
} from '../../../shared/ui';
import { language, messages } from '../../../shared/messages';
import { ShareDialog } from '../../sharing';
import { Bin } from './bin';
import { DeckList } from './deck-list';
import type { DeckActions } from './deck-menu';
import { EmptyLibrary } from './empty-library';
import { LibraryRail } from './library-rail';
import { decksFound, decksOn, type Shelf, shelfFrom, sorted, sortings } from './library-view';
import { MoveDialog } from './move-dialog';
import { NewDeckButtons } from './new-deck-buttons';
import { RenameDialog } from './rename-dialog';
import { SchoolShelf } from './school-shelf';
import { SelectionBar } from './selection-bar';
import { UnitDialog } from './unit-dialog';
import { useLibrary } from './use-library';
import { useLibraryLook } from './use-library-look';
import { useSettled } from './use-settled';

type OpenDialog =
  | { readonly kind: 'rename' | 'hand-out' | 'share'; readonly deck: DeckSummary }
  | { readonly kind: 'move' | 'delete'; readonly decks: readonly DeckSummary[] }
  | { readonly kind: 'unit'; readonly unit: UnitView | null }
  | { readonly kind: 'delete-unit'; readonly unit: UnitView }
  | { readonly kind: 'templates' }
  | { readonly kind: 'import'; readonly dropped: readonly File[] };

const NOTHING: ReadonlySet<string> = new Set();
const NO_FILES: readonly File[] = [];

export function Screen() {
  const says = messages.library;
  usePageTitle(says.title);
  const [address, setAddress] = useSearchParams();
  const shelf = shelfFrom(address.get('shelf'));
  const [sought, setSought] = useState('');
  const [look, setLook] = useLibraryLook();
  const [selected, setSelected] = useState(NOTHING);
  const [dialog, setDialog] = useState<OpenDialog | null>(null);
  const library = useLibrary();
  const decks = useQuery(decksQuery);
  const { data: units = [] } = useQuery(unitsQuery);
  const { data: inBin } = useQuery(binQuery);
  const { data: offered } = useQuery(shelfQuery);
  const bin = useBin();
  const settled = useSettled(sought);
  const isSeeking = searchWords(sought).length > 0;
  const search = useQuery({
    ...foundDecksQuery(settled),
    enabled: isSeeking && searchWords(settled).length > 0,
    placeholderData: keepPreviousData,
  });
  const found = search.data ?? null;
  // Until the answer is there, nobody knows that nothing is found.
  const isAsking = isSeeking && (settled !== sought || search.isFetching);
  const all = decks.data ?? [];
  const here = decksOn(shelf, all);
  const shown = sorted(decksFound(here, sought, isSeeking ? found : null), look.sorting, language);
  const chosen = shown.filter(({ id }) => selected.has(id));
  const close = () => setDialog(null);
  const actions: DeckActions = {
    handOut: (deck) => setDialog({ kind: 'hand-out', deck }),
    share: (deck) => setDialog({ kind: 'share', deck }),
    rename: (deck) => setDialog({ kind: 'rename', deck }),
    copy: (deck) => library.copy.mutate(deck),
    move: (moved) => setDialog({ kind: 'move', decks: moved }),
    archive: (kept, archived) => {
      setSelected(NOTHING);
      library.shelve.mutate({ decks: kept, archived });
    },
    remove: (gone) => setDialog({ kind: 'delete', decks: gone }),
  };
  const select = (id: string, isSelected: boolean) =>
    setSelected((before) => new Set(isSelected ? [...before, id] : [...before].filter((other) => other !== id)));
  return (
    <TeacherPage
      fills
      actions={
        <NewDeckButtons
          create={library.create}
          onTemplates={() => setDialog({ kind: 'templates' })}
          onImport={() => setDialog({ kind: 'import', dropped: NO_FILES })}
        />
      }
    >
      <div className="flex min-w-0 flex-1 flex-col md:flex-row">
        <LibraryRail
          shelf={shelf}
          decks={all}
          units={units}
          inBin={inBin ? inBin.decks.length + inBin.lessons.length + inBin.classes.length : 0}
          onSchoolShelf={offered?.length ?? 0}
          onNewUnit={() => setDialog({ kind: 'unit', unit: null })}
          onRenameUnit={(unit) => setDialog({ kind: 'unit', unit })}
          onDeleteUnit={(unit) => setDialog({ kind: 'delete-unit', unit })}
          onShelve={(ids, where) =>
            library.shelve.mutate({ decks: all.filter(({ id }) => ids.includes(id)), ...where })
          }
        />
        <div
          className="min-w-0 flex-1 px-4 py-3 md:px-6"
          onDragOver={(event) => {
            if (event.dataTransfer.types.includes('Files')) event.preventDefault();
          }}
          onDrop={(event) => {
            const dropped = [...event.dataTransfer.files];
            if (dropped.length === 0) return;
            event.preventDefault();
            setDialog({ kind: 'import', dropped });
          }}
        >
          <div className="mb-4 flex flex-wrap items-center gap-3">
            <h1 className="me-auto text-2xl">{titleOf(shelf, units)}</h1>
            {shelf === 'bin' || shelf === 'school' ? null : (
              <>
                <SearchField
                  label={says.search}
                  value={sought}
                  onChange={setSought}
                  className="flex-1 basis-full sm:max-w-72 sm:basis-40"
                />
                <Select
                  label={says.sort}
                  value={look.sorting}
                  options={sortings.map((value) => ({ value, name: says.sorts[value] }))}
                  onChange={(sorting) => setLook({ sorting })}
                />
                <div className="w-24">
                  <Choose
                    label={says.view}
                    value={look.view}
                    options={[
                      { value: 'grid', name: says.views.grid, icon: <LayoutGrid size={18} aria-hidden /> },
                      { value: 'list', name: says.views.list, icon: <List size={18} aria-hidden /> },
                    ]}
                    onChange={(view) => setLook({ view })}
                  />
                </div>
              </>
            )}
          </div>
          {shelf === 'bin' ? (
            <Bin />
          ) : shelf === 'school' ? (
            <SchoolShelf />
          ) : decks.isPending ? (
            <Loading what={says.decks} />
          ) : decks.isError ? (
            <Failing message={messageOf(decks.error)} onRetry={() => void decks.refetch()} />
          ) : all.length === 0 ? (
            <EmptyLibrary create={library.create} onImport={() => setDialog({ kind: 'import', dropped: NO_FILES })} />
          ) : shown.length > 0 ? (
            <DeckList
              decks={shown}
              units={units}
              view={look.view}
              grouped={shelf === 'all' && units.length > 0 && !isSeeking}
              found={isSeeking ? (found ?? []) : []}
              selected={new Set(chosen.map(({ id }) => id))}
              actions={actions}
              onSelect={select}
            />
          ) : isAsking ? (
            <Loading what={says.decks} />
          ) : isSeeking && search.isError ? (
            <Failing message={messageOf(search.error)} onRetry={() => void search.refetch()} />
          ) : isSeeking ? (
            <Empty title={says.notFound({ words: sought.trim() })}>
              <Button
                onClick={() => {
                  setSought('');
                  setAddress({});
                }}
              >
                {says.showAll}
              </Button>
            </Empty>
          ) : (
            <EmptyShelf shelf={shelf} />
          )}
          {chosen.length > 0 ? (
            <SelectionBar
              selected={chosen}
              inArchive={shelf === 'archive'}
              actions={actions}
              onSelectAll={() => setSelected(new Set(shown.map(({ id }) => id)))}
              onClear={() => setSelected(NOTHING)}
            />
          ) : null}
        </div>
      </div>
      {dialog?.kind === 'templates' ? (
        <TemplateDialog
          decksFirst
          onPick={({ name, deck }) => {
            close();
            library.create.mutate({ title: name, deck });
          }}
          onClose={close}
        />
      ) : null}
      {dialog?.kind === 'import' ? (
        <ImportDialog
          dropped={dialog.dropped}
          onImport={({ title, deck, others, beside }) => {
            close();
            if (beside) library.restoreBeside.mutate(beside);
            if (Object.keys(deck.slides).length === 0) return;
            if (others.length > 0 || beside) library.createSeveral.mutate([{ title, deck }, ...others]);
            else library.create.mutate({ title, deck });
          }}
          onClose={close}
        />
      ) : null}
      {dialog?.kind === 'share' ? (
        <ShareDialog
          deck={{ id: dialog.deck.id, title: dialog.deck.title, size: dialog.deck.cover.size }}
          onClose={close}
        />
      ) : null}
      {dialog?.kind === 'rename' ? <RenameDialog deck={dialog.deck} onClose={close} /> : null}
      {dialog?.kind === 'move' ? (
        <MoveDialog
          decks={dialog.decks}
          units={units}
          library={library}
          onClose={() => {
            setSelected(NOTHING);
            close();
          }}
        />
      ) : null}
      {dialog?.kind === 'unit' ? <UnitDialog unit={dialog.unit} onClose={close} /> : null}
      {dialog?.kind === 'delete-unit' ? (
        <ConfirmDialog
          title={says.deleteUnitTitle({ name: dialog.unit.name })}
          action={says.deleteUnit}
          isPending={library.removeUnit.isPending}
          onConfirm={() => {
            library.removeUnit.mutate(dialog.unit);
            setAddress({});
            close();
          }}
          onClose={close}
        >
          {says.deleteUnitText}
        </ConfirmDialog>
      ) : null}
      {dialog?.kind === 'delete' ? (
        <ConfirmDialog
          title={
            dialog.decks.length === 1 && dialog.decks[0]
              ? says.deleteTitle({ title: dialog.decks[0].title })
              : says.deleteSeveralTitle({ count: dialog.decks.length })
          }
          action={says.delete}
          isPending={bin.put.isPending}
          onConfirm={() => {
            setSelected(NOTHING);
            bin.put.mutate(
              dialog.decks.map(({ id, title }) => ({ kind: 'decks', id, title })),
              { onSuccess: close },
            );
          }}
          onClose={close}
        >
          {says.deleteText({ days: DAYS_IN_BIN })}
        </ConfirmDialog>
      ) : null}
      {dialog?.kind === 'hand-out' ? (
        <HandOutDialog deckId={dialog.deck.id} hasOwnPage={dialog.deck.hasOwnPage} onClose={close} />
      ) : null}
    </TeacherPage>
  );
}

/** What the page is called while a part of the library is looked at. */
function titleOf(shelf: Shelf, units: readonly UnitView[]): string {
  const says = messages.library;
  if (typeof shelf !== 'string') return units.find(({ id }) => id === shelf.unitId)?.name ?? says.title;
  return {
    all: says.title,
    shared: says.sharedWithMe,
    school: messages.school.shelf,
    archive: says.archive,
    bin: messages.bin.title,
  }[shelf];
}

const emptyShelfIcons = { unit: Folder, archive: Archive, shared: Users };

/** A part of the library that is empty, and what would be in it. */
function EmptyShelf({ shelf }: { shelf: Shelf }) {
  const { emptyShelf, emptyShelfText } = messages.library;
  const which = typeof shelf !== 'string' ? 'unit' : shelf === 'archive' || shelf === 'shared' ? shelf : 'archive';
  return <Empty icon={emptyShelfIcons[which]} title={emptyShelf[which]} text={emptyShelfText[which]} />;
}
