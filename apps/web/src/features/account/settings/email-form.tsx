/** Another e-mail address: it counts once a link that goes there is followed. */
import { useState } from 'react';
import { ask, useSentForm } from '../../../shared/api';
import { messages } from '../../../shared/messages';
import { Button, Field, FormTrouble } from '../../../shared/ui';

export function EmailForm({ email }: { email: string }) {
  const says = messages.signIn;
  const [sentTo, setSentTo] = useState('');
  const { onSubmit, isPending, error, faults } = useSentForm(
    (values) => ask('PUT', '/accounts/email', values),
    (_answer, { email = '' }, form) => {
      setSentTo(email);
      form.reset();
    },
  );
  return (
    <form
      noValidate
      aria-labelledby="change-email"
      className="flex flex-col gap-3 rounded-md border border-edge bg-card p-5"
      onSubmit={onSubmit}
    >
      <h2 id="change-email" className="text-xl">
        {says.changeEmail}
      </h2>
      <p className="break-all font-semibold">{email}</p>
      <Field label={says.newEmail} name="email" type="email" autoComplete="email" fault={faults['email']} />
      <Field
        label={says.presentPassword}
        name="present"
        type="password"
        autoComplete="current-password"
        fault={faults['present']}
      />
      <FormTrouble error={error} fields={['email', 'present']} />
      <p role="status">{sentTo === '' ? '' : says.emailSent({ email: sentTo })}</p>
      <div>
        <Button type="submit" disabled={isPending}>
          {says.changeEmail}
        </Button>
      </div>
    </form>
  );
}
