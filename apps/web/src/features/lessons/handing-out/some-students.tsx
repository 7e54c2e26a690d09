/** Chooses some students of a class, one by one or by their groups. */
import type { ClassView } from '@gobrel/contract';
import { Button } from '../../../shared/ui';
import { byName, inOrder, messages } from '../../../shared/messages';

interface SomeStudentsProps {
  readonly schoolClass: ClassView;
  /** The ids of those chosen; `null` for everybody. */
  readonly chosen: readonly string[] | null;
  readonly onChange: (chosen: readonly string[] | null) => void;
}

export function SomeStudents({ schoolClass: { students }, chosen, onChange }: SomeStudentsProps) {
  const says = messages.handOut;
  const groups = [...new Set(students.map(({ group }) => group).filter(Boolean))].sort(inOrder);
  const toggle = (id: string) =>
    onChange(chosen?.includes(id) ? chosen.filter((each) => each !== id) : [...(chosen ?? []), id]);
  const addGroup = (name: string) =>
    onChange([...new Set([...(chosen ?? []), ...students.flatMap(({ id, group }) => (group === name ? [id] : []))])]);
  return (
    <div>
      <label className="flex min-h-11 items-center gap-3">
        <input
          type="checkbox"
          className="size-5 accent-tide"
          checked={chosen !== null}
          onChange={({ target }) => onChange(target.checked ? [] : null)}
        />
        {says.some}
      </label>
      {chosen === null ? null : (
        <fieldset className="rounded-md border border-rule p-3">
          <legend className="px-1 text-sm font-semibold text-soft">{says.students}</legend>
          {groups.length > 0 ? (
            <p className="mb-1 flex flex-wrap gap-2">
              {groups.map((name) => (
                <Button key={name} onClick={() => addGroup(name)}>
                  {says.group({ name })}
                </Button>
              ))}
            </p>
          ) : null}
          <div className="grid max-h-56 grid-cols-[repeat(auto-fill,minmax(11rem,1fr))] overflow-auto">
            {byName(students).map(({ id, name }) => (
              <label key={id} className="flex min-h-11 items-center gap-2">
                <input
                  type="checkbox"
                  className="size-5 accent-tide"
                  checked={chosen.includes(id)}
                  onChange={() => toggle(id)}
                />
                {name}
              </label>
            ))}
          </div>
        </fieldset>
      )}
    </div>
  );
}
