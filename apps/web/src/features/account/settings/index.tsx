/** A teacher's account: the address they sign in with, their language, their password. */
import { useQuery } from '@tanstack/react-query';
import { LanguageChoice, TeacherPage } from '../../../app/frame';
import { ask, sessionQuery } from '../../../shared/api';
import { Button, Field, FormTrouble, showToast, usePageTitle } from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import { NewPasswordField } from '../new-password-field';
import { useAccountForm } from '../use-account-form';

export function Screen() {
  const says = messages.frame;
  usePageTitle(says.account);
  const { data: session } = useQuery(sessionQuery);
  return (
    <TeacherPage>
      <h1 className="mb-5 text-3xl">{says.account}</h1>
      <dl className="mb-6 grid max-w-md grid-cols-[auto_1fr] items-center gap-x-6 gap-y-2">
        <dt className="text-soft">{messages.signIn.name}</dt>
        <dd className="font-semibold">{session?.teacher?.name}</dd>
        <dt className="text-soft">{messages.signIn.email}</dt>
        <dd className="break-all font-semibold">{session?.teacher?.email}</dd>
        <dt className="text-soft">{says.language}</dt>
        <dd>
          <LanguageChoice inAccount />
        </dd>
      </dl>
      <PasswordForm />
    </TeacherPage>
  );
}

function PasswordForm() {
  const says = messages.signIn;
  const { onSubmit, isPending, error, faults } = useAccountForm(
    (values) => ask('PUT', '/accounts/password', Object.fromEntries(values)),
    (form) => {
      form.reset();
      showToast(says.passwordChanged);
    },
  );
  return (
    <form
      noValidate
      aria-labelledby="change-password"
      className="flex max-w-md flex-col gap-3 rounded-md border border-edge bg-card p-5"
      onSubmit={onSubmit}
    >
      <h2 id="change-password" className="text-xl">
        {says.changePassword}
      </h2>
      <Field
        label={says.presentPassword}
        name="present"
        type="password"
        autoComplete="current-password"
        fault={faults['present']}
      />
      <NewPasswordField label={says.newPassword} fault={faults['password']} />
      <FormTrouble error={error} fields={['present', 'password']} />
      <div>
        <Button type="submit" look="main" disabled={isPending}>
          {says.changePassword}
        </Button>
      </div>
    </form>
  );
}
