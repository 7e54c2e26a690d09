/** What is done with a class as a whole: its gradebook, more students, cards, another name, putting it away. */
import { type ClassView, DAYS_IN_BIN } from '@gobrel/contract';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Archive, ArchiveRestore, IdCard, MoreHorizontal, Pencil, Table2, Trash2, UserPlus } from 'lucide-react';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { useNewPins } from '../../lessons';
import { ask, messageOf } from '../../../shared/api';
import { useBin } from '../../../shared/bin';
import {
  Button,
  buttonClasses,
  ConfirmDialog,
  Dialog,
  DialogActions,
  Field,
  Menu,
  MenuEntry,
  MenuRule,
  showToast,
} from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import { NewClassDialog } from './new-class-dialog';

export function ClassMenu({ schoolClass }: { schoolClass: ClassView }) {
  const says = messages.classes;
  const queries = useQueryClient();
  const navigate = useNavigate();
  const [open, setOpen] = useState<'rename' | 'add' | 'cards' | 'delete' | null>(null);
  const [name, setName] = useState(schoolClass.name);
  const onError = (error: unknown) => showToast(messageOf(error), { tone: 'trouble' });
  const pins = useNewPins(schoolClass.id);
  const toCards = () => void navigate(`/classes/${schoolClass.id}/cards`);
  const change = useMutation({
    mutationFn: (fields: { name?: string; archived?: boolean }) =>
      ask<ClassView>('PATCH', `/classes/${schoolClass.id}`, fields),
    onSuccess: async () => {
      await queries.invalidateQueries({ queryKey: ['classes'] });
      setOpen(null);
    },
    onError,
  });
  const bin = useBin();
  const isArchived = schoolClass.archivedAt !== null;
  return (
    <span className="flex items-center gap-2">
      <Link to={`/classes/${schoolClass.id}/gradebook`} className={buttonClasses()}>
        <Table2 size={18} aria-hidden /> {says.gradebook}
      </Link>
      <Menu
        trigger={
          <Button
            aria-label={says.more({ className: schoolClass.name })}
            title={says.more({ className: schoolClass.name })}
          >
            <MoreHorizontal size={18} aria-hidden />
          </Button>
        }
      >
        {isArchived ? (
          <MenuEntry onSelect={() => change.mutate({ archived: false })}>
            <ArchiveRestore size={18} aria-hidden /> {says.takeBack}
          </MenuEntry>
        ) : (
          <>
            <MenuEntry onSelect={() => setOpen('add')}>
              <UserPlus size={18} aria-hidden /> {says.addStudents}
            </MenuEntry>
            <MenuEntry onSelect={() => setOpen('cards')}>
              <IdCard size={18} aria-hidden /> {says.cards}
            </MenuEntry>
            <MenuEntry onSelect={() => setOpen('rename')}>
              <Pencil size={18} aria-hidden /> {says.rename}
            </MenuEntry>
            <MenuEntry onSelect={() => change.mutate({ archived: true })}>
              <Archive size={18} aria-hidden /> {says.archive}
            </MenuEntry>
          </>
        )}
        <MenuRule />
        <MenuEntry danger onSelect={() => setOpen('delete')}>
          <Trash2 size={18} aria-hidden /> {says.delete}
        </MenuEntry>
      </Menu>
      {open === 'add' ? <NewClassDialog into={schoolClass} onClose={() => setOpen(null)} /> : null}
      <Dialog title={says.rename} open={open === 'rename'} onClose={() => setOpen(null)}>
        <form
          onSubmit={(event) => {
            event.preventDefault();
            change.mutate({ name });
          }}
        >
          <Field label={says.name} value={name} autoFocus onChange={({ target }) => setName(target.value)} />
          <DialogActions>
            <Button onClick={() => setOpen(null)}>{messages.common.cancel}</Button>
            <Button type="submit" look="main">
              {messages.common.keep}
            </Button>
          </DialogActions>
        </form>
      </Dialog>
      <Dialog title={says.cardsTitle} open={open === 'cards'} onClose={() => setOpen(null)}>
        <p>{says.cardsText}</p>
        <DialogActions>
          <Button onClick={() => setOpen(null)}>{messages.common.cancel}</Button>
          <Button
            look="main"
            disabled={pins.isPending}
            onClick={() => pins.mutate(undefined, { onSuccess: toCards, onError })}
          >
            {says.cardsAction}
          </Button>
        </DialogActions>
      </Dialog>
      <ConfirmDialog
        title={says.deleteTitle({ className: schoolClass.name })}
        action={says.delete}
        open={open === 'delete'}
        isPending={bin.put.isPending}
        onConfirm={() =>
          bin.put.mutate([{ kind: 'classes', id: schoolClass.id, title: schoolClass.name }], {
            onSettled: () => setOpen(null),
          })
        }
        onClose={() => setOpen(null)}
      >
        {says.deleteText({ students: schoolClass.students.length, days: DAYS_IN_BIN })}
      </ConfirmDialog>
    </span>
  );
}
