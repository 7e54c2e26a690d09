/** Setting a new password by the link that a mail brought. */
import { Link, useParams } from 'react-router';
import { ask, useSentForm } from '../../../shared/api';
import { Button, buttonClasses, FormTrouble, usePageTitle } from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import { AccountPage } from '../account-page';
import { NewPasswordField } from '../new-password-field';

export function Screen() {
  const says = messages.signIn;
  const { token = '' } = useParams();
  usePageTitle(says.newPasswordTitle);
  const { onSubmit, isPending, isSent, error, faults } = useSentForm((values) =>
    ask('POST', '/accounts/new-password', { ...values, token }),
  );
  if (isSent)
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
      <form noValidate className="flex flex-col gap-3" onSubmit={onSubmit}>
        <h1 className="text-2xl">{says.newPasswordTitle}</h1>
        <NewPasswordField label={says.newPassword} fault={faults['password']} />
        <FormTrouble error={error} fields={['password']} />
        <Button type="submit" look="main" disabled={isPending}>
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
