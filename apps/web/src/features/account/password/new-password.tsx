/** Setting a new password by the link that a mail brought. */
import { useMutation } from '@tanstack/react-query';
import { Link, useParams } from 'react-router';
import { ask, faultsOf } from '../../../shared/api';
import { Button, buttonClasses, Field, FormTrouble, usePageTitle } from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import { AccountPage } from '../account-page';

export function Screen() {
  const says = messages.signIn;
  const { token = '' } = useParams();
  usePageTitle(says.newPasswordTitle);
  const setting = useMutation({
    mutationFn: (form: FormData) => ask('POST', '/accounts/new-password', { ...Object.fromEntries(form), token }),
  });
  const faults = faultsOf(setting.error);
  if (setting.isSuccess)
    return (
      <AccountPage>
        <h1 className="text-2xl">{says.newPasswordTitle}</h1>
        <p role="status" className="my-3">
          {says.passwordSet}
        </p>
        <Link to="/sign-in" className={buttonClasses('main')}>
          {says.enter}
        </Link>
      </AccountPage>
    );
  return (
    <AccountPage>
      <form
        noValidate
        className="flex flex-col gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          setting.mutate(new FormData(event.currentTarget));
        }}
      >
        <h1 className="text-2xl">{says.newPasswordTitle}</h1>
        <Field
          label={says.newPassword}
          name="password"
          type="password"
          autoComplete="new-password"
          hint={says.passwordHint}
          fault={faults['password']}
        />
        <FormTrouble error={setting.error} fields={['password']} />
        <Button type="submit" look="main" disabled={setting.isPending}>
          {says.setPassword}
        </Button>
      </form>
      <p className="mt-4 border-t border-rule pt-3">
        <Link to="/forgotten-password" className={buttonClasses('quiet', '-ms-3.5')}>
          {says.askAgain}
        </Link>
      </p>
    </AccountPage>
  );
}
