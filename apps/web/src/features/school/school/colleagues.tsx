/** The colleagues of a school; whoever manages it asks others by mail, and lets them out. */
import type { ColleagueView, SchoolView } from '@gobrel/contract';
import { EllipsisVertical, ShieldCheck, ShieldOff, UserMinus } from 'lucide-react';
import { type FormEvent, useState } from 'react';
import { messages } from '../../../shared/messages';
import { Button, ConfirmDialog, IconButton, Menu, MenuEntry, showToast } from '../../../shared/ui';
import { useSchool } from './use-school';

export function Colleagues({ school, manages }: { school: SchoolView; manages: boolean }) {
  const says = messages.school;
  const { change, isPending } = useSchool();
  const [leaver, setLeaver] = useState<ColleagueView | null>(null);
  return (
    <section aria-labelledby="colleagues">
      <h2 id="colleagues" className="mb-1 text-xl">
        {says.colleagues}
      </h2>
      <p className="mb-2 text-sm text-soft">{manages ? says.colleaguesHint : says.askManager}</p>
      {manages ? <InviteForm /> : null}
      <ul className="border-t border-rule">
        {school.colleagues.map((colleague) => (
          <li key={colleague.id} className="flex min-h-12 items-center gap-2 border-b border-rule">
            <span className="min-w-0 flex-1 wrap-anywhere">
              <strong>{colleague.name}</strong>{' '}
              {colleague.id === school.me ? <span className="text-soft">{says.you}</span> : null}
              <span className="block text-sm text-soft">{colleague.email}</span>
            </span>
            {colleague.manages ? <span className="text-sm font-semibold text-soft">{says.manager}</span> : null}
            {manages && colleague.id !== school.me ? (
              <ColleagueMenu
                colleague={colleague}
                onManages={(does) => change('PATCH', `/colleagues/${colleague.id}`, { manages: does })}
                onRemove={() => setLeaver(colleague)}
              />
            ) : null}
          </li>
        ))}
        {school.invited.map(({ id, email }) => (
          <li key={id} className="flex min-h-12 items-center gap-2 border-b border-rule">
            <span className="min-w-0 flex-1 wrap-anywhere">
              {email} <span className="text-sm font-semibold text-amber">{messages.sharing.invited}</span>
            </span>
            {manages ? (
              <Button
                look="quiet"
                className="text-berry"
                aria-label={says.takeBackOf({ email })}
                onClick={() => change('DELETE', `/invitations/${id}`)}
              >
                {says.takeBack}
              </Button>
            ) : null}
          </li>
        ))}
      </ul>
      {leaver ? (
        <ConfirmDialog
          title={says.removeTitle({ name: leaver.name })}
          action={says.remove}
          isPending={isPending}
          onConfirm={() =>
            change('DELETE', `/colleagues/${leaver.id}`, undefined, { onSettled: () => setLeaver(null) })
          }
          onClose={() => setLeaver(null)}
        >
          {says.removeText}
        </ConfirmDialog>
      ) : null}
    </section>
  );
}

function InviteForm() {
  const says = messages.school;
  const [email, setEmail] = useState('');
  const { change, isPending } = useSchool();
  const submit = (event: FormEvent) => {
    event.preventDefault();
    change(
      'POST',
      '/invitations',
      { email },
      {
        onDone: () => {
          showToast(says.asked({ email }));
          setEmail('');
        },
      },
    );
  };
  return (
    <form noValidate onSubmit={submit} className="mb-3 flex flex-wrap gap-2">
      <input
        type="email"
        aria-label={messages.sharing.email}
        placeholder={messages.sharing.email}
        value={email}
        onChange={({ target }) => setEmail(target.value)}
        className="min-h-control min-w-48 flex-1 rounded-md border border-edge bg-card px-2.5 placeholder:text-soft"
      />
      <Button type="submit" disabled={email.trim() === '' || isPending}>
        {messages.sharing.invite}
      </Button>
    </form>
  );
}

interface ColleagueMenuProps {
  readonly colleague: ColleagueView;
  readonly onManages: (manages: boolean) => void;
  readonly onRemove: () => void;
}

function ColleagueMenu({ colleague, onManages, onRemove }: ColleagueMenuProps) {
  const says = messages.school;
  return (
    <Menu
      trigger={
        <IconButton name={says.actionsFor({ name: colleague.name })}>
          <EllipsisVertical size={18} aria-hidden />
        </IconButton>
      }
    >
      {colleague.manages ? (
        <MenuEntry onSelect={() => onManages(false)}>
          <ShieldOff size={18} aria-hidden /> {says.unmake}
        </MenuEntry>
      ) : (
        <MenuEntry onSelect={() => onManages(true)}>
          <ShieldCheck size={18} aria-hidden /> {says.make}
        </MenuEntry>
      )}
      <MenuEntry danger onSelect={onRemove}>
        <UserMinus size={18} aria-hidden /> {says.remove}
      </MenuEntry>
    </Menu>
  );
}
