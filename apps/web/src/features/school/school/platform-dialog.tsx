/** Entering a learning platform: our addresses, which are entered there, and those that it shows in return. */
import type { PlatformView } from '@gobrel/contract';
import { newId } from '@gobrel/core/deck';
import { useQueryClient } from '@tanstack/react-query';
import { Copy } from 'lucide-react';
import { useState } from 'react';
import { ask, platformsQuery, useSentForm } from '../../../shared/api';
import { messages } from '../../../shared/messages';
import { Button, copyText, Dialog, DialogActions, Field, FormTrouble, IconButton } from '../../../shared/ui';

interface PlatformProps {
  /** One that is entered already, to look its addresses up; `null` for a new one. */
  readonly known: PlatformView | null;
  readonly onClose: () => void;
}

/** The fields, in the order in which platforms mostly show them. */
const FIELDS = ['issuer', 'clientId', 'deploymentId', 'signInUrl', 'tokenUrl', 'keysUrl'] as const;

/** Where a platform's id waits that was chosen and not saved: whoever enters it there may come back days later. */
const DRAFT = 'gobrel.platform';

function draftId(): string {
  const id = localStorage.getItem(DRAFT) ?? newId();
  localStorage.setItem(DRAFT, id);
  return id;
}

export function PlatformDialog({ known, onClose }: PlatformProps) {
  const says = messages.platforms;
  const queries = useQueryClient();
  const [id] = useState(() => known?.id ?? draftId());
  const { onSubmit, isPending, error, faults } = useSentForm(
    (values) => ask<PlatformView[]>('POST', '/school/platforms', { ...values, id }),
    (platforms) => {
      localStorage.removeItem(DRAFT);
      queries.setQueryData(platformsQuery.queryKey, platforms);
      onClose();
    },
  );
  return (
    <Dialog title={known?.name ?? says.add} open onClose={onClose} wide>
      <div className="grid gap-x-6 gap-y-5 sm:grid-cols-2">
        <section aria-labelledby="ours">
          <h3 id="ours" className="font-sans text-base font-semibold">
            {says.ours}
          </h3>
          <OurAddresses id={id} />
        </section>
        {known ? (
          <section aria-labelledby="theirs">
            <h3 id="theirs" className="font-sans text-base font-semibold">
              {says.theirs}
            </h3>
            <dl className="mt-2 flex flex-col gap-2">
              {FIELDS.map((name) => (
                <div key={name}>
                  <dt className="text-sm text-soft">{says.fields[name]}</dt>
                  <dd className="wrap-anywhere">{known[name]}</dd>
                </div>
              ))}
            </dl>
          </section>
        ) : (
          <form id="platform" onSubmit={onSubmit} noValidate className="flex flex-col gap-2">
            <h3 className="font-sans text-base font-semibold">{says.theirs}</h3>
            <Field label={says.name} name="name" maxLength={80} autoComplete="off" fault={faults['name']} />
            {FIELDS.map((name) => (
              <Field
                key={name}
                label={says.fields[name]}
                name={name}
                autoComplete="off"
                spellCheck={false}
                fault={faults[name]}
              />
            ))}
            <FormTrouble error={error} fields={['name', ...FIELDS]} />
          </form>
        )}
      </div>
      <DialogActions>
        <Button onClick={onClose}>{known ? messages.common.close : messages.common.cancel}</Button>
        {known ? null : (
          <Button type="submit" form="platform" look="main" disabled={isPending}>
            {messages.common.keep}
          </Button>
        )}
      </DialogActions>
    </Dialog>
  );
}

/** What is entered in the platform, to be copied. */
function OurAddresses({ id }: { readonly id: string }) {
  const says = messages.platforms;
  const site = window.location.origin;
  const addresses = [
    [says.loginUrl, `${site}/api/lti/${id}/login`],
    [says.launchUrl, `${site}/api/lti/${id}/launch`],
    [says.keysUrl, `${site}/api/lti/keys`],
    [says.id, id],
  ] as const;
  return (
    <ul className="mt-2 flex flex-col gap-2">
      {addresses.map(([name, address]) => (
        <li key={name} className="flex items-center gap-1">
          <span className="min-w-0 flex-1">
            <span className="block text-sm text-soft">{name}</span>
            <code className="block text-sm wrap-anywhere">{address}</code>
          </span>
          <IconButton name={says.copyOf({ what: name })} onClick={() => void copyText(address)}>
            <Copy size={18} aria-hidden />
          </IconButton>
        </li>
      ))}
    </ul>
  );
}
