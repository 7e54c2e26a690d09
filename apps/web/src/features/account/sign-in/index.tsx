/** Signing in as a teacher, or creating an account. */
import { NewAccount, SignIn } from '@gobrel/contract';
import { classValidatorResolver } from '@hookform/resolvers/class-validator';
import { useQueryClient } from '@tanstack/react-query';
import 'reflect-metadata';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { Link, useNavigate, useSearchParams } from 'react-router';
import { Brand, SchemeButton } from '../../../app/frame';
import { forgetWhatIsSaved } from '../../../shared/sync';
import { ask, messageOf, Refusal } from '../../../shared/api';
import { Button, buttonClasses, Field } from '../../../shared/ui';
import { messages } from '../../../shared/messages';

export function Screen() {
  const [isNew, setIsNew] = useState(false);
  return (
    <div className="dotted-ground flex min-h-full flex-col">
      <header className="flex justify-end p-2">
        <SchemeButton />
      </header>
      <main className="mx-auto grid w-full max-w-4xl flex-1 content-center gap-10 px-6 pb-20 md:grid-cols-[1fr_24rem]">
        <div className="flex flex-col justify-center gap-4">
          <div className="flex items-center gap-3">
            <Brand />
            <span className="font-display text-3xl font-bold">Gobrel</span>
          </div>
          <p className="max-w-sm text-lg">{messages.signIn.about}</p>
          <p>
            <Link to="/join" className={buttonClasses('plain')}>
              {messages.signIn.toLesson}
            </Link>
          </p>
        </div>
        <div className="rounded-md border border-edge bg-card p-6">
          {isNew ? <NewAccountForm /> : <SignInForm />}
          <p className="mt-4 border-t border-rule pt-3">
            <Button look="quiet" className="-ml-3.5" onClick={() => setIsNew(!isNew)}>
              {isNew ? messages.signIn.haveAccount : messages.signIn.noAccount}
            </Button>
          </p>
        </div>
      </main>
    </div>
  );
}

/** Goes on to where somebody wanted to go before they had to sign in. */
function useArrival() {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const [search] = useSearchParams();
  const then = search.get('then') ?? '/';
  return async () => {
    // What somebody else left here without signing out is not for whoever signs in now.
    await forgetWhatIsSaved('teacher');
    await queries.resetQueries();
    await navigate(then.startsWith('/') && !then.startsWith('//') ? then : '/', { replace: true });
  };
}

function SignInForm() {
  const arrive = useArrival();
  const form = useForm<SignIn>({
    resolver: classValidatorResolver(SignIn),
    defaultValues: { email: '', password: '' },
  });
  const { errors, isSubmitting } = form.formState;
  const send = form.handleSubmit(async (values) => {
    try {
      await ask('POST', '/session', values);
      await arrive();
    } catch (error) {
      form.setError('root', { message: messageOf(error) });
    }
  });
  return (
    <form onSubmit={(event) => void send(event)} noValidate className="flex flex-col gap-3">
      <h1 className="text-2xl">{messages.signIn.title}</h1>
      <Field
        label={messages.signIn.email}
        type="email"
        autoComplete="username"
        fault={errors.email?.message}
        {...form.register('email')}
      />
      <Field
        label={messages.signIn.password}
        type="password"
        autoComplete="current-password"
        fault={errors.password?.message}
        {...form.register('password')}
      />
      <Fault message={errors.root?.message} />
      <Button type="submit" look="main" disabled={isSubmitting}>
        {messages.signIn.enter}
      </Button>
    </form>
  );
}

function NewAccountForm() {
  const arrive = useArrival();
  const form = useForm<NewAccount>({
    resolver: classValidatorResolver(NewAccount),
    defaultValues: { name: '', email: '', password: '' },
  });
  const { errors, isSubmitting } = form.formState;
  const send = form.handleSubmit(async (values) => {
    try {
      await ask('POST', '/accounts', values);
      await arrive();
    } catch (error) {
      const fault = error instanceof Refusal ? error.problem.fields?.['email'] : undefined;
      form.setError(fault ? 'email' : 'root', { message: fault ?? messageOf(error) });
    }
  });
  return (
    <form onSubmit={(event) => void send(event)} noValidate className="flex flex-col gap-3">
      <h1 className="text-2xl">{messages.signIn.newTitle}</h1>
      <Field label={messages.signIn.name} autoComplete="name" fault={errors.name?.message} {...form.register('name')} />
      <Field
        label={messages.signIn.email}
        type="email"
        autoComplete="username"
        fault={errors.email?.message}
        {...form.register('email')}
      />
      <Field
        label={messages.signIn.password}
        type="password"
        autoComplete="new-password"
        hint={messages.signIn.passwordHint}
        fault={errors.password?.message}
        {...form.register('password')}
      />
      <Fault message={errors.root?.message} />
      <Button type="submit" look="main" disabled={isSubmitting}>
        {messages.signIn.create}
      </Button>
    </form>
  );
}

function Fault({ message }: { message: string | undefined }) {
  return message ? (
    <p role="alert" className="text-berry">
      {message}
    </p>
  ) : null;
}
