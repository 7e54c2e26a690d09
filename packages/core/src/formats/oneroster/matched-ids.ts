/** Which names of an edited list are whose, as the list was filled from a school's system. */
import type { RosterStudent } from './read-roster.js';

/**
 * The id of each name; '' for one that is nobody's. Each id is given once: first by the very name, in order; then, where the list is as
 * long as it was, by place, so that a name that was put right is still the same student's. Linear.
 */
export function matchedIds(names: readonly string[], students: readonly RosterStudent[]): readonly string[] {
  const idsOf = new Map<string, string[]>();
  for (const { id, name } of students) idsOf.set(name, [...(idsOf.get(name) ?? []), id]);
  const ids = names.map((name) => idsOf.get(name)?.shift() ?? '');
  if (names.length !== students.length) return ids;
  const given = new Set(ids);
  return ids.map((id, at) => {
    const here = students[at]?.id ?? '';
    return id === '' && !given.has(here) ? here : id;
  });
}
