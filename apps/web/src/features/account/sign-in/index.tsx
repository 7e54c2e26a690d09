/** Signing in as a teacher, or creating an account. */
import { purposeOfAccount } from '@gobrel/contract/purposes';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate, useSearchParams } from 'react-router';
import { forgetWhatIsSaved } from '../../../shared/sync';
import { askPaying, waitingQuery } from '../../../shared/api';
import { ThroughSchool, Trouble } from '../../../shared/sign-in';
import { Button, buttonClasses, Field, FormTrouble, Loading, showToast, usePageTitle } from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import { AccountPage } from '../account-page';
import { NewPasswordField } from '../new-password-field';
import { pathWithin } from '../path-within';
import { useAccountForm } from '../use-account-form';
import { ConnectForm } from './connect-form';

export function Screen() {
  const [isNew, setIsNew] = useState(false);
  const [search] = useSearchParams();
  const waiting = useQuery({ ...waitingQuery, enabled: search.has('waits') });
  const arrive = useArrival();
  usePageTitle(isNew ? messages.signIn.newTitle : messages.signIn.title);
  return (
    <AccountPage>
      <Trouble code={search.get('trouble')} />
      {waiting.isLoading ? (
        // Nobody types into a form that another one takes the place of.
        <Loading what={messages.signIn.arriving} />
      ) : waiting.data ? (
        <ConnectForm email={waiting.data.email} onArrived={arrive} />
      ) : (
        <>
          {isNew ? <NewAccountForm /> : <SignInForm />}
          <ThroughSchool to={`then=${encodeURIComponent(search.get('then') ?? '')}`} says={messages.signIn.through} />
        </>
      )}
      <p className="-mx-3.5 mt-4 flex flex-wrap justify-between border-t border-rule pt-3">
        {waiting.data ? null : (
          <Button look="quiet" onClick={() => setIsNew(!isNew)}>
            {isNew ? messages.signIn.haveAccount : messages.signIn.noAccount}
          </Button>
        )}
        {isNew ? null : (
          <Link to="/forgotten-password" className={buttonClasses('quiet')}>
            {messages.signIn.forgotten}
          </Link>
        )}
      </p>
    </AccountPage>
  );
}

/** Goes on to where somebody wanted to go before they had to sign in. */
function useArrival() {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const [search] = useSearchParams();
  const then = pathWithin(search.get('then'));
  return async () => {
    // What somebody else left here without signing out is not for whoever signs in now.
    await forgetWhatIsSaved('teacher');
    await queries.resetQueries();
    await navigate(then, { replace: true });
  };
}

/** Sends what is filled in to an address, and goes on from there; what is wrong with it is said at its fields. */
function useArrivalBy(path: '/session' | '/accounts') {
  const arrive = useArrival();
  const send = (form: FormData) => {
    const values = Object.fromEntries(form);
    const email = form.get('email');
    const purpose = purposeOfAccount(typeof email === 'string' ? email : '');
    return askPaying(path, values, { purpose, onWait: () => showToast(messages.common.moment) });
  };
  return useAccountForm(send, arrive);
}

function SignInForm() {
  const { onSubmit, isPending, error, faults } = useArrivalBy('/session');
  return (
    <form onSubmit={onSubmit} noValidate className="flex flex-col gap-3">
      <h1 className="text-2xl">{messages.signIn.title}</h1>
      <Field label={messages.signIn.email} name="email" type="email" autoComplete="username" fault={faults['email']} />
      <Field
        label={messages.signIn.password}
        name="password"
        type="password"
        autoComplete="current-password"
        fault={faults['password']}
      />
      <FormTrouble error={error} fields={['email', 'password']} />
      <Button type="submit" look="main" disabled={isPending}>
        {messages.signIn.enter}
      </Button>
    </form>
  );
}

function NewAccountForm() {
  const { onSubmit, isPending, error, faults } = useArrivalBy('/accounts');
  return (
    <form onSubmit={onSubmit} noValidate className="flex flex-col gap-3">
      <h1 className="text-2xl">{messages.signIn.newTitle}</h1>
      <Field label={messages.signIn.name} name="name" autoComplete="name" fault={faults['name']} />
      <Field label={messages.signIn.email} name="email" type="email" autoComplete="username" fault={faults['email']} />
      <NewPasswordField label={messages.signIn.password} fault={faults['password']} />
      <FormTrouble error={error} fields={['name', 'email', 'password']} />
      <Button type="submit" look="main" disabled={isPending}>
        {messages.signIn.create}
      </Button>
    </form>
  );
}
