/** What the link leads to that confirms an e-mail address. */
import { useMutation } from '@tanstack/react-query';
import { useEffect } from 'react';
import { Link, useParams } from 'react-router';
import { ask, messageOf } from '../../shared/api';
import { messages } from '../../shared/messages';
import { buttonClasses, Loading, usePageTitle } from '../../shared/ui';
import { AccountPage } from './account-page';

export function Screen() {
  const says = messages.signIn;
  usePageTitle(says.confirmTitle);
  const { token = '' } = useParams();
  const confirm = useMutation({ mutationFn: () => ask('POST', '/accounts/email/confirm', { token }) });
  const { mutate } = confirm;
  // The link says it: nothing is left to press.
  useEffect(() => mutate(), [mutate]);
  return (
    <AccountPage>
      <h1 className="mb-3 text-2xl">{says.confirmTitle}</h1>
      {confirm.isError ? (
        <p role="alert" className="text-berry">
          {messageOf(confirm.error)}
        </p>
      ) : confirm.isSuccess ? (
        <p role="status">{says.emailConfirmed}</p>
      ) : (
        <Loading what={says.confirmTitle} />
      )}
      <p className="mt-4">
        <Link to="/" className={buttonClasses('main')}>
          {messages.elsewhere.home}
        </Link>
      </p>
    </AccountPage>
  );
}
