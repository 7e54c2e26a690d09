/** What is done with a lesson as a whole: its terms, a correction, closing and opening again, keeping, deleting. */
import { DAYS_IN_BIN, type LessonView } from '@gobrel/contract';
import type { Deck } from '@gobrel/core/deck';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import {
  Copy,
  Download,
  FileInput,
  Library,
  MoreHorizontal,
  Pencil,
  RotateCcw,
  Settings2,
  Square,
  Trash2,
} from 'lucide-react';
import { Suspense, useState } from 'react';
import { useNavigate } from 'react-router';
import { LessonFileDialog } from '../../exporting';
import { TermsDialog, UseAgainDialog } from '../../lessons';
import { ask, lessonQuery, messageOf } from '../../../shared/api';
import { useBin } from '../../../shared/bin';
import { Button, ConfirmDialog, Dialog, DialogActions, Menu, MenuEntry, MenuRule, showToast } from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import { BringInDialog } from './bring-in-dialog';
import { ClassDeckDialog } from './class-deck-dialog';
import { CorrectionDialog } from './correction-dialog';

type Open = 'terms' | 'keep-deck' | 'correction' | 'close' | 'again' | 'bring-in' | 'file' | 'delete' | null;

export function LessonMenu({ lesson, edition }: { lesson: LessonView; edition: Deck }) {
  const says = messages.lessons;
  const queries = useQueryClient();
  const navigate = useNavigate();
  const [open, setOpen] = useState<Open>(null);
  const onError = (error: unknown) => showToast(messageOf(error), { tone: 'trouble' });
  const setClosed = useMutation({
    mutationFn: (isClosed: boolean) =>
      ask<LessonView>('POST', `/lessons/${lesson.id}/${isClosed ? 'close' : 'reopen'}`),
    onSuccess: (next) => {
      queries.setQueryData(lessonQuery(lesson.id).queryKey, next);
      setOpen(null);
    },
    onError,
  });
  const bin = useBin();
  const close = () => setOpen(null);
  return (
    <>
      <Menu
        trigger={
          <Button aria-label={says.more} title={says.more}>
            <MoreHorizontal size={18} aria-hidden />
          </Button>
        }
      >
        <MenuEntry onSelect={() => setOpen('terms')}>
          <Settings2 size={18} aria-hidden /> {messages.leading.settings}
        </MenuEntry>
        {lesson.deckId === null ? null : (
          <MenuEntry onSelect={() => setOpen('correction')}>
            <Pencil size={18} aria-hidden /> {messages.leading.correct}
          </MenuEntry>
        )}
        <MenuEntry onSelect={() => setOpen('again')}>
          <Copy size={18} aria-hidden /> {says.useAgain}
        </MenuEntry>
        <MenuEntry onSelect={() => setOpen('keep-deck')}>
          <Library size={18} aria-hidden /> {says.keepDeck}
        </MenuEntry>
        <MenuEntry onSelect={() => setOpen('bring-in')}>
          <FileInput size={18} aria-hidden /> {messages.workFiles.bringIn}
        </MenuEntry>
        <MenuEntry onSelect={() => setOpen('file')}>
          <Download size={18} aria-hidden /> {says.takeAlong}
        </MenuEntry>
        <MenuRule />
        {lesson.closedAt ? (
          <MenuEntry onSelect={() => setClosed.mutate(false)}>
            <RotateCcw size={18} aria-hidden /> {says.reopen}
          </MenuEntry>
        ) : (
          <MenuEntry onSelect={() => setOpen('close')}>
            <Square size={18} aria-hidden /> {messages.board.close}
          </MenuEntry>
        )}
        <MenuEntry danger onSelect={() => setOpen('delete')}>
          <Trash2 size={18} aria-hidden /> {says.delete}
        </MenuEntry>
      </Menu>
      {open === 'terms' ? <TermsDialog lesson={lesson} onClose={close} /> : null}
      {open === 'correction' ? <CorrectionDialog lesson={lesson} edition={edition} onClose={close} /> : null}
      {open === 'keep-deck' ? <ClassDeckDialog lessonId={lesson.id} onClose={close} /> : null}
      {open === 'file' ? (
        <Suspense>
          <LessonFileDialog lesson={lesson} onClose={close} />
        </Suspense>
      ) : null}
      {open === 'bring-in' ? <BringInDialog lesson={lesson} onClose={close} /> : null}
      {open === 'again' ? <UseAgainDialog lesson={lesson} onClose={close} /> : null}
      <Dialog title={messages.board.closeTitle} open={open === 'close'} onClose={close}>
        <p>{messages.board.closeText}</p>
        <DialogActions>
          <Button onClick={close}>{messages.common.cancel}</Button>
          <Button look="danger" onClick={() => setClosed.mutate(true)} disabled={setClosed.isPending}>
            {messages.board.close}
          </Button>
        </DialogActions>
      </Dialog>
      <ConfirmDialog
        title={says.deleteTitle}
        action={says.delete}
        open={open === 'delete'}
        onConfirm={() => {
          // This page goes first: it would say for a moment that its lesson is gone.
          void navigate('/lessons');
          bin.put.mutate([{ kind: 'lessons', id: lesson.id, title: lesson.title }]);
        }}
        onClose={close}
      >
        {says.deleteText({ days: DAYS_IN_BIN })}
      </ConfirmDialog>
    </>
  );
}
