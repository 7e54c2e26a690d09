/** Asking for a link by which a new password is set. */
import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { ask, outboxQuery, useSentForm } from '../../../shared/api';
import { Button, buttonClasses, Field, FormTrouble, usePageTitle } from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import { AccountPage } from '../account-page';

export function Screen() {
  const says = messages.signIn;
  usePageTitle(says.forgottenTitle);
  const { onSubmit, isPending, isSent, error, faults } = useSentForm((values) =>
    ask('POST', '/accounts/forgotten-password', values),
  );
  return (
    <AccountPage>
      <form noValidate className="flex flex-col gap-3" onSubmit={onSubmit}>
        <h1 className="text-2xl">{says.forgottenTitle}</h1>
        <p>{says.forgottenText}</p>
        <Field label={says.email} name="email" type="email" autoComplete="username" fault={faults['email']} />
        <FormTrouble error={error} fields={['email']} />
        <Button type="submit" look="main" disabled={isPending}>
          {says.sendLink}
        </Button>
        <div role="status">{isSent ? <LinkSent /> : null}</div>
      </form>
      <p className="mt-4 border-t border-rule pt-3">
        <Link to="/sign-in" className={buttonClasses('quiet', '-ms-3.5')}>
          {says.back}
        </Link>
      </p>
    </AccountPage>
  );
}

/** That it is on its way, and where to look for it on a machine that sends no mail. */
function LinkSent() {
  const outbox = useQuery(outboxQuery);
  return (
    <>
      <p className="font-semibold">{messages.signIn.linkSent}</p>
      {outbox.isSuccess ? (
        <Link to="/outbox" className={buttonClasses('plain', 'mt-2')}>
          {messages.signIn.toOutbox}
        </Link>
      ) : null}
    </>
  );
}
