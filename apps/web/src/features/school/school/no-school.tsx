/** In no school yet: how to come into one, and making one. */
import { School } from 'lucide-react';
import { type FormEvent, useState } from 'react';
import { messages } from '../../../shared/messages';
import { Button, Empty, Field } from '../../../shared/ui';
import { useSchool } from './use-school';

export function NoSchool() {
  const says = messages.school;
  const [name, setName] = useState('');
  const { change, isPending } = useSchool();
  const submit = (event: FormEvent) => {
    event.preventDefault();
    change('POST', '', { name });
  };
  return (
    <Empty icon={School} title={says.none} text={says.noneText}>
      <form className="flex w-full max-w-sm flex-col gap-3 text-start" onSubmit={submit}>
        <Field label={says.name} value={name} maxLength={80} onChange={({ target }) => setName(target.value)} />
        <Button type="submit" look="main" disabled={name.trim() === '' || isPending}>
          {says.create}
        </Button>
      </form>
    </Empty>
  );
}
