/** Signing in as a teacher, or creating an account. */
import type { NewAccountAnswer } from '@gobrel/contract';
import { purposeOfAccount } from '@gobrel/contract/purposes';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { askPaying, type FormValues, useSentForm, waitingQuery } from '../../../shared/api';
import { ThroughSchool, Trouble } from '../../../shared/sign-in';
import { Button, buttonClasses, Field, FormTrouble, Loading, showToast, usePageTitle } from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import { AccountPage } from '../account-page';
import { NewPasswordField } from '../new-password-field';
import { useArrival } from '../use-arrival';
import { AccountSent } from './account-sent';
import { ConnectForm } from './connect-form';

export function Screen() {
  const [isNew, setIsNew] = useState(false);
  const [mailed, setMailed] = useState<string | null>(null);
  const [search] = useSearchParams();
  const waiting = useQuery({ ...waitingQuery, enabled: search.has('waits') });
  const arrive = useArrival();
  usePageTitle(isNew ? messages.signIn.newTitle : messages.signIn.title);
  return (
    <AccountPage>
      {mailed === null ? null : <AccountSent email={mailed} onBack={() => setMailed(null)} />}
      {/* What was typed is there again for whoever comes back to it. */}
      <div hidden={mailed !== null}>
        <Trouble code={search.get('trouble')} />
        {waiting.isLoading ? (
          // Nobody types into a form that another one takes the place of.
          <Loading what={messages.signIn.arriving} />
        ) : waiting.data ? (
          <ConnectForm email={waiting.data.email} onArrived={arrive} />
        ) : (
          <>
            {isNew ? <NewAccountForm onMailed={setMailed} /> : <SignInForm />}
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
      </div>
    </AccountPage>
  );
}

/** Sends what is filled in to an address; what is wrong with it is said at its fields. */
function useSending<T>(path: '/session' | '/accounts', onSent: (answer: T, values: FormValues) => unknown) {
  return useSentForm((values) => {
    const purpose = purposeOfAccount(values['email'] ?? '');
    return askPaying<T>(path, values, { purpose, onWait: () => showToast(messages.common.moment) });
  }, onSent);
}

function SignInForm() {
  const { onSubmit, isPending, error, faults } = useSending('/session', useArrival());
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

function NewAccountForm({ onMailed }: { readonly onMailed: (email: string) => void }) {
  const arrive = useArrival();
  const [search] = useSearchParams();
  const then = search.get('then');
  const { onSubmit, isPending, error, faults } = useSending<NewAccountAnswer>(
    '/accounts',
    ({ isMailed }, { email = '' }) => (isMailed ? onMailed(email) : arrive()),
  );
  return (
    <form onSubmit={onSubmit} noValidate className="flex flex-col gap-3">
      <h1 className="text-2xl">{messages.signIn.newTitle}</h1>
      {then === null ? null : <input type="hidden" name="then" value={then} />}
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
