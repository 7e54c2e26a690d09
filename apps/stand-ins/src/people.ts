/** The people of Marram Bay School, as its own systems know them. All are made up. */

/** Somebody whom the school's systems know. */
export interface Person {
  /** As the school's class lists have them. */
  readonly id: string;
  readonly name: string;
  readonly email: string;
  readonly role: 'teacher' | 'student';
}

const email = (name: string) => `${name.toLowerCase().replace(/[^a-z]+/g, '.')}@marrambay.example`;
const teacher = (id: string, name: string, address = email(name)): Person => ({
  ...{ id, name, email: address },
  role: 'teacher',
});
const student = (place: number, name: string): Person => ({
  ...{ id: `mbs-heron-${String(place).padStart(2, '0')}`, name, email: email(name) },
  role: 'student',
});

/** Two teachers, one of whom has no account yet, and some of class 6 Heron; the last is in no class of ours. */
export const people: readonly Person[] = [
  teacher('mbs-odile', 'Odile Farrow', 'odile@marrambay.example'),
  teacher('mbs-tove', 'Tove Marlin'),
  student(1, 'Amaro Finch'),
  student(2, 'Bexley Tarn'),
  student(21, 'Ulises Brand'),
  { id: 'mbs-guest-1', name: 'Nell Sorrel', email: email('Nell Sorrel'), role: 'student' },
];

/** Somebody by their id. */
export function personBy(id: string): Person | undefined {
  return people.find((person) => person.id === id);
}
