/** Where a password is chosen, with what makes a good one. */
import { Field } from '../../shared/ui';
import { messages } from '../../shared/messages';

export function NewPasswordField({ label, fault }: { label: string; fault: string | undefined }) {
  return (
    <Field
      label={label}
      name="password"
      type="password"
      autoComplete="new-password"
      hint={messages.signIn.passwordHint}
      fault={fault}
    />
  );
}
