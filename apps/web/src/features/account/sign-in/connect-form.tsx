/** Somebody known to their school's sign-in shows that the account with their address is theirs. */
import { ask, useSentForm } from '../../../shared/api';
import { messages } from '../../../shared/messages';
import { Button, Field, FormTrouble } from '../../../shared/ui';

interface ConnectProps {
  readonly email: string;
  readonly onArrived: () => Promise<void>;
}

export function ConnectForm({ email, onArrived }: ConnectProps) {
  const says = messages.signIn;
  const { onSubmit, isPending, error, faults } = useSentForm(
    (values) => ask('POST', '/arrivals/connect', values),
    onArrived,
  );
  return (
    <form onSubmit={onSubmit} noValidate className="flex flex-col gap-3">
      <h1 className="text-2xl">{says.connectTitle}</h1>
      <p>{says.connectText({ email })}</p>
      <Field
        label={says.password}
        name="present"
        type="password"
        autoComplete="current-password"
        autoFocus
        fault={faults['present']}
      />
      <FormTrouble error={error} fields={['present']} />
      <Button type="submit" look="main" disabled={isPending}>
        {says.connectAction}
      </Button>
    </form>
  );
}
