/** Makes a token: what it is for, what it may do, for how long; then shows it, this once. */
import type { MadeToken, NewToken, TokenScope } from '@gobrel/contract';
import { useMutation } from '@tanstack/react-query';
import { Copy } from 'lucide-react';
import { type SubmitEvent, useState } from 'react';
import { ask, faultsOf } from '../../../shared/api';
import { messages } from '../../../shared/messages';
import { Button, copyText, Dialog, DialogActions, Field, FormTrouble, Select } from '../../../shared/ui';

/** What a token may be allowed, as the server has it. */
const SCOPES: readonly TokenScope[] = [
  ...(['decks:read', 'decks:write', 'classes:read', 'classes:write', 'lessons:read', 'lessons:write'] as const),
  'results:read',
];
/** For how long it may be good, in days. */
const DAYS = [7, 90, 365] as const;

interface TokenProps {
  readonly onMade: (made: MadeToken) => void;
  readonly onClose: () => void;
}

export function TokenDialog({ onMade, onClose }: TokenProps) {
  const says = messages.tokens;
  const [name, setName] = useState('');
  const [scopes, setScopes] = useState<ReadonlySet<TokenScope>>(new Set());
  const [days, setDays] = useState<NewToken['days']>(90);
  const make = useMutation({
    mutationFn: () =>
      ask<MadeToken>('POST', '/accounts/tokens', { name, scopes: SCOPES.filter((scope) => scopes.has(scope)), days }),
    onSuccess: onMade,
  });
  const faults = faultsOf(make.error);
  const made = make.data?.token;
  const submit = (event: SubmitEvent<HTMLFormElement>) => {
    event.preventDefault();
    make.mutate();
  };
  if (made !== undefined)
    return (
      <Dialog title={says.madeTitle} open onClose={onClose}>
        <p>{says.madeText}</p>
        <code className="my-3 block rounded border border-edge p-2 wrap-anywhere">{made}</code>
        <DialogActions>
          <Button onClick={() => void copyText(made)}>
            <Copy size={18} aria-hidden /> {says.copy}
          </Button>
          <Button look="main" onClick={onClose}>
            {messages.common.close}
          </Button>
        </DialogActions>
      </Dialog>
    );
  return (
    <Dialog title={says.make} open onClose={onClose}>
      <form onSubmit={submit} noValidate className="flex flex-col gap-3">
        <Field
          label={says.name}
          hint={says.nameHint}
          value={name}
          maxLength={80}
          autoComplete="off"
          fault={faults['name']}
          onChange={({ target }) => setName(target.value)}
        />
        <fieldset aria-describedby="scopes-fault">
          <legend className="font-semibold">{says.may}</legend>
          {SCOPES.map((scope) => (
            <label key={scope} className="flex min-h-9 items-center gap-2 pointer-coarse:min-h-12">
              <input
                type="checkbox"
                className="size-5"
                checked={scopes.has(scope)}
                onChange={({ target }) => setScopes(changed(scopes, scope, target.checked))}
              />
              {says.scopes[scope]}
            </label>
          ))}
          <p id="scopes-fault" role={faults['scopes'] ? 'alert' : undefined} className="text-sm text-berry">
            {faults['scopes']}
          </p>
        </fieldset>
        <Select
          stacked
          label={says.lasts}
          value={String(days)}
          options={DAYS.map((value) => ({ value: String(value), name: says.days({ days: value }) }))}
          onChange={(value) => setDays(DAYS.find((each) => String(each) === value) ?? 90)}
        />
        <FormTrouble error={make.error} fields={['name', 'scopes']} />
        <DialogActions>
          <Button onClick={onClose}>{messages.common.cancel}</Button>
          <Button type="submit" look="main" disabled={make.isPending}>
            {says.make}
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  );
}

function changed(scopes: ReadonlySet<TokenScope>, scope: TokenScope, isIn: boolean): ReadonlySet<TokenScope> {
  const next = new Set(scopes);
  if (isIn) next.add(scope);
  else next.delete(scope);
  return next;
}
