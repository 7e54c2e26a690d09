/** Somebody, or a team, that a deck is shared with: what they can do, until when, and taking it back. */
import { authorRights, type AuthorRight, type AuthorTerms } from '@gobrel/contract';
import type { ReactNode } from 'react';
import { messages } from '../../../shared/messages';
import { Button, Select } from '../../../shared/ui';
import { UntilField } from './until-field';

/** What can be done with a deck of somebody else, by name; the most first. */
export const rights = authorRights.map((value) => ({ value, name: messages.sharing.rights[value] })).toReversed();

interface RightRowProps {
  readonly name: string;
  /** What is said beside the name. */
  readonly more: ReactNode;
  readonly may: AuthorRight;
  /** ISO 8601; `null` for never. */
  readonly until: string | null;
  readonly isPending: boolean;
  readonly onChange: (terms: AuthorTerms) => void;
  readonly onRemove: () => void;
}

export function RightRow({ name, more, may, until, isPending, onChange, onRemove }: RightRowProps) {
  const says = messages.sharing;
  return (
    <li className="flex min-h-11 flex-wrap items-center gap-x-2 py-1">
      <span className="min-w-40 flex-1 truncate">
        <strong>{name}</strong> {more}
      </span>
      <Select
        bare
        label={says.rightOf({ name })}
        value={may}
        options={rights}
        onChange={(next) => onChange({ may: next })}
      />
      <span aria-hidden className="ms-1 text-sm text-soft">
        {says.until}
      </span>
      <UntilField label={says.untilOf({ name })} until={until} onChange={(end) => onChange({ until: end })} />
      <Button
        look="quiet"
        className="text-berry"
        aria-label={says.removeName({ name })}
        disabled={isPending}
        onClick={onRemove}
      >
        {says.remove}
      </Button>
    </li>
  );
}
