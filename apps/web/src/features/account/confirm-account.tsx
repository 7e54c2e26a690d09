/** What the link leads to that makes an account: its password is typed once more, and one is in. */
import { Link, useParams } from 'react-router';
import { ask, useSentForm } from '../../shared/api';
import { messages } from '../../shared/messages';
import { Button, buttonClasses, Field, FormTrouble, usePageTitle } from '../../shared/ui';
import { AccountPage } from './account-page';
import { useArrival } from './use-arrival';

export function Screen() {
  const says = messages.signIn;
  usePageTitle(says.accountTitle);
  const { token = '' } = useParams();
  const { onSubmit, isPending, error, faults } = useSentForm(
    (values) => ask('POST', '/accounts/confirm', { ...values, token }),
    useArrival(),
  );
  return (
    <AccountPage>
      <form noValidate className="flex flex-col gap-3" onSubmit={onSubmit}>
        <h1 className="text-2xl">{says.accountTitle}</h1>
        <p>{says.accountFinish}</p>
        <Field
          label={says.password}
          name="password"
          type="password"
          autoComplete="current-password"
          autoFocus
          fault={faults['password']}
        />
        <FormTrouble error={error} fields={['password']} />
        <Button type="submit" look="main" disabled={isPending}>
          {says.accountFinishAction}
        </Button>
      </form>
      <p className="mt-4 border-t border-rule pt-3">
        <Link to="/sign-in" className={buttonClasses('quiet', '-ms-3.5')}>
          {says.back}
        </Link>
      </p>
    </AccountPage>
  );
}
