/** Choosing another password: every other device is signed out. */
import { ask, useSentForm } from '../../../shared/api';
import { messages } from '../../../shared/messages';
import { Button, Field, FormTrouble, showToast } from '../../../shared/ui';
import { NewPasswordField } from '../new-password-field';

export function PasswordForm() {
  const says = messages.signIn;
  const { onSubmit, isPending, error, faults } = useSentForm(
    (values) => ask('PUT', '/accounts/password', values),
    (_answer, _values, form) => {
      form.reset();
      showToast(says.passwordChanged);
    },
  );
  return (
    <form
      noValidate
      aria-labelledby="change-password"
      className="flex flex-col gap-3 rounded-md border border-edge bg-card p-5"
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
        <Button type="submit" disabled={isPending}>
          {says.changePassword}
        </Button>
      </div>
    </form>
  );
}
