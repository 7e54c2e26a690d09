/** The library: a teacher's decks as live pictures. */
import { DAYS_IN_BIN, type DeckSummary } from '@gobrel/contract';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { type Deck, type SlideSizeName, slideSizes, namesIn } from '@gobrel/core/deck';
import { ChevronDown, Copy, EllipsisVertical, PenLine, Plus, Send, Sprout, Trash2 } from 'lucide-react';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { TeacherPage } from '../../../app/frame';
import { HandOutDialog } from '../../lessons';
import { ask, decksQuery, messageOf } from '../../../shared/api';
import { Cover } from '../../../shared/slides';
import { StarterDialog } from '../starters';
import {
  Button,
  ConfirmDialog,
  Empty,
  Failing,
  IconButton,
  Loading,
  Menu,
  MenuEntry,
  MenuRule,
  showToast,
  usePageTitle,
} from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import { DeletedDecks } from './deleted-decks';
import { RenameDialog } from './rename-dialog';

type OpenDialog = { readonly kind: 'rename' | 'hand-out' | 'delete'; readonly deck: DeckSummary } | null;

export function Screen() {
  usePageTitle(messages.library.title);
  const decks = useQuery(decksQuery);
  const queries = useQueryClient();
  const navigate = useNavigate();
  const [dialog, setDialog] = useState<OpenDialog>(null);
  const [starting, setStarting] = useState(false);
  const settled = {
    onSettled: () => queries.invalidateQueries({ queryKey: ['decks'] }),
    onError: (error: unknown) => showToast(messageOf(error), { tone: 'trouble' }),
  };
  const create = useMutation({
    ...settled,
    mutationFn: (begun: { readonly size: SlideSizeName } | { readonly title: string; readonly deck: Deck }) =>
      ask<DeckSummary>('POST', '/decks', {
        title: messages.library.untitled,
        opening: messages.slides.opening,
        ...begun,
      }),
    onSuccess: (deck) => navigate(`/decks/${deck.id}`),
  });
  const copy = useMutation({
    ...settled,
    mutationFn: ({ id, title }: DeckSummary) =>
      ask('POST', `/decks/${id}/copy`, { title: messages.library.copyOf({ title }) }),
  });
  const restore = useMutation({
    ...settled,
    mutationFn: ({ id }: { readonly id: string }) => ask<DeckSummary>('POST', `/decks/${id}/restore`),
    onSuccess: ({ title }) => showToast(messages.library.restored({ title })),
  });
  const remove = useMutation({
    ...settled,
    mutationFn: (deck: DeckSummary) => ask('DELETE', `/decks/${deck.id}`),
    onSuccess: (_answer, deck) => {
      setDialog(null);
      showToast(messages.library.deleted({ title: deck.title }), {
        action: { name: messages.common.undo, run: () => restore.mutate(deck) },
      });
    },
  });

  return (
    <TeacherPage>
      <div className="mb-5 flex items-center justify-between gap-4">
        <h1 className="text-3xl">{messages.library.title}</h1>
        <span className="flex">
          <Button
            look="main"
            className="rounded-r-none"
            onClick={() => create.mutate({ size: '16:9' })}
            disabled={create.isPending}
          >
            <Plus size={18} aria-hidden /> {messages.library.newDeck}
          </Button>
          <Menu
            trigger={
              <Button
                look="main"
                className="rounded-l-none !border-l-on-tide/50 !px-2"
                aria-label={messages.library.otherSize}
                disabled={create.isPending}
              >
                <ChevronDown size={18} aria-hidden />
              </Button>
            }
          >
            {namesIn(slideSizes).map((size) => (
              <MenuEntry key={size} onSelect={() => create.mutate({ size })}>
                <span aria-hidden className="flex w-9 justify-center">
                  <span
                    className="border-2 border-current"
                    style={{ width: slideSizes[size].width / 40, height: slideSizes[size].height / 40 }}
                  />
                </span>
                {messages.slides.sizeNames[size]}
              </MenuEntry>
            ))}
            <MenuRule />
            <MenuEntry onSelect={() => setStarting(true)}>
              <span aria-hidden className="flex w-9 justify-center">
                <Sprout size={20} />
              </span>
              {messages.starters.fromStarter}
            </MenuEntry>
          </Menu>
        </span>
      </div>
      {decks.isPending ? <Loading what={messages.library.decks} /> : null}
      {decks.isError ? <Failing message={messageOf(decks.error)} onRetry={() => void decks.refetch()} /> : null}
      {decks.data?.length === 0 ? (
        <Empty title={messages.library.empty}>
          <p>{messages.library.emptyText}</p>
        </Empty>
      ) : null}
      <ul className="grid grid-cols-[repeat(auto-fill,minmax(17rem,1fr))] gap-6">
        {decks.data?.map((deck) => (
          <li key={deck.id} className="relative overflow-hidden rounded-md border border-edge bg-card">
            <Link to={`/decks/${deck.id}`} className="block pb-2 after:absolute after:inset-0 after:content-['']">
              <Cover deck={deck.cover} />
              <span className="border-t border-rule px-3.5 pr-14 pt-2.5 font-display text-lg font-bold leading-tight wrap-anywhere line-clamp-3">
                {deck.title}
              </span>
              <span className="block px-3.5 text-sm text-soft">
                {messages.library.facts({ slides: deck.slideCount, updatedAt: deck.updatedAt })}
                {deck.sharedBy ? ` · ${messages.authors.sharedBy({ name: deck.sharedBy })}` : ''}
              </span>
            </Link>
            <div className="absolute bottom-2 right-1.5">
              <Menu
                trigger={
                  <IconButton name={messages.library.actions({ title: deck.title })}>
                    <EllipsisVertical size={20} aria-hidden />
                  </IconButton>
                }
              >
                <MenuEntry onSelect={() => setDialog({ kind: 'hand-out', deck })}>
                  <Send size={18} aria-hidden /> {messages.handOut.action}
                </MenuEntry>
                <MenuEntry onSelect={() => setDialog({ kind: 'rename', deck })}>
                  <PenLine size={18} aria-hidden /> {messages.library.rename}
                </MenuEntry>
                <MenuEntry onSelect={() => copy.mutate(deck)}>
                  <Copy size={18} aria-hidden /> {messages.library.duplicate}
                </MenuEntry>
                {deck.sharedBy ? null : (
                  <>
                    <MenuRule />
                    <MenuEntry danger onSelect={() => setDialog({ kind: 'delete', deck })}>
                      <Trash2 size={18} aria-hidden /> {messages.library.delete}
                    </MenuEntry>
                  </>
                )}
              </Menu>
            </div>
          </li>
        ))}
      </ul>
      <DeletedDecks onRestore={restore.mutate} />
      {starting ? (
        <StarterDialog
          decksFirst
          onPick={({ name, deck }) => {
            setStarting(false);
            create.mutate({ title: name, deck });
          }}
          onClose={() => setStarting(false)}
        />
      ) : null}
      {dialog?.kind === 'rename' ? <RenameDialog deck={dialog.deck} onClose={() => setDialog(null)} /> : null}
      {dialog?.kind === 'delete' ? (
        <ConfirmDialog
          title={messages.library.deleteTitle({ title: dialog.deck.title })}
          action={messages.library.delete}
          isPending={remove.isPending}
          onConfirm={() => remove.mutate(dialog.deck)}
          onClose={() => setDialog(null)}
        >
          {messages.library.deleteText({ days: DAYS_IN_BIN })}
        </ConfirmDialog>
      ) : null}
      {dialog?.kind === 'hand-out' ? (
        <HandOutDialog deckId={dialog.deck.id} hasOwnPage={dialog.deck.hasOwnPage} onClose={() => setDialog(null)} />
      ) : null}
    </TeacherPage>
  );
}
