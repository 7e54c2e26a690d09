/** The name by which colleagues and students see a teacher. */
import { useQueryClient } from '@tanstack/react-query';
import { ask, sessionQuery, useSentForm } from '../../../shared/api';
import { messages } from '../../../shared/messages';
import { Button, Field, FormTrouble, showToast } from '../../../shared/ui';

export function NameForm({ name }: { name: string }) {
  const queries = useQueryClient();
  const { onSubmit, isPending, error, faults } = useSentForm(
    (values) => ask('PUT', '/accounts/name', values),
    () => {
      showToast(messages.signIn.nameSaved);
      return queries.invalidateQueries({ queryKey: sessionQuery.queryKey });
    },
  );
  return (
    <form noValidate className="flex items-end gap-2" onSubmit={onSubmit}>
      <div className="min-w-0 flex-1">
        <Field
          label={messages.signIn.name}
          name="name"
          autoComplete="name"
          defaultValue={name}
          maxLength={80}
          fault={faults['name']}
        />
        <FormTrouble error={error} fields={['name']} />
      </div>
      <Button type="submit" className="mb-1" disabled={isPending}>
        {messages.common.keep}
      </Button>
    </form>
  );
}
