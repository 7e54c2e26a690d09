import fc from 'fast-check';
import { readClassList, type SecondColumn } from './index.js';

const students = (text: string, second?: SecondColumn) => readClassList(text, second).students;
const names = (text: string, second?: SecondColumn) => students(text, second).map(({ name }) => name);

describe('a class list', () => {
  test('is typed one name a line, as the school writes it', () => {
    expect(names('Odhrán Wick\n  Zoë  Lund \n\nPelé\r\nNguyễn Thị Hà')).toEqual([
      'Odhrán Wick',
      'Zoë Lund',
      'Pelé',
      'Nguyễn Thị Hà',
    ]);
  });

  test('a group follows the name', () => {
    expect(students('Amaro Finch, Terns\nDov Kestrel')).toEqual([
      { name: 'Amaro Finch', group: 'Terns' },
      { name: 'Dov Kestrel', group: '' },
    ]);
  });

  test('columns of a file are found by their headings, in any order and with any separator', () => {
    const file = '\uFEFFNo;Surname;First name;Group\n1;Finch;Amaro;Terns\n2;"Rudd; née Vale";Cosima;';
    expect(students(file)).toEqual([
      { name: 'Amaro Finch', group: 'Terns' },
      { name: 'Cosima Rudd; née Vale', group: '' },
    ]);
    expect(names('Name\tTeam\nAna Lima\t1')).toEqual(['Ana Lima']);
  });

  test('a quotation mark is part of the line it stands in, and of no other', () => {
    const list = ['Ana Lima', '"Bo Finch', 'Odhrán "Odi" Wick', 'Zoë Lund"', '"Ida", Marsh', 'Kit Rudd'].join('\n');
    expect(names(list, 'first-name')).toEqual([
      'Ana Lima',
      '"Bo Finch',
      'Odhrán "Odi" Wick',
      'Zoë Lund"',
      'Marsh Ida',
      'Kit Rudd',
    ]);
  });

  test('what follows a comma is a first name where names differ, and a group where it repeats', () => {
    expect(students('Müller, Tom')).toEqual([{ name: 'Tom Müller', group: '' }]);
    expect(names('García López, Ana\nvan der Berg, Tom\nWick, Odhrán\nLund, Zoë')).toEqual([
      'Ana García López',
      'Tom van der Berg',
      'Odhrán Wick',
      'Zoë Lund',
    ]);
    const grouped = 'Kit, Terns\nBo, Terns\nIda, Plovers\nZoë, Plovers';
    expect(readClassList(grouped)).toMatchObject({
      second: 'group',
      students: [{ name: 'Kit', group: 'Terns' }, {}, {}, {}],
    });
    expect(students('Kit, 1\nBo, 2')).toEqual([
      { name: 'Kit', group: '1' },
      { name: 'Bo', group: '2' },
    ]);
    expect(students('Wick;Odhrán;North\nLund;Zoë;South')[0]).toEqual({ name: 'Odhrán Wick', group: 'North' });
    expect(names('1\tWick\tOdhrán\n2\tLund\tZoë')).toEqual(['Odhrán Wick', 'Zoë Lund']);
  });

  test('the teacher can say what the second column is', () => {
    expect(students('Müller, Tom', 'group')).toEqual([{ name: 'Müller', group: 'Tom' }]);
    expect(students('Kit, Terns\nBo, Terns', 'first-name')[0]).toEqual({ name: 'Terns Kit', group: '' });
    expect(readClassList('Ana Lima\nBo Finch', 'first-name').second).toBeNull();
  });

  test.each([
    'Nachname;Vorname;Gruppe\nLund;Zoë;Nord',
    'Name;Vorname;Gruppe\nLund;Zoë;Nord',
    'Nom;Prénom;Groupe\nLund;Zoë;Nord',
    'Apellidos;Nombre;Grupo\nLund;Zoë;Nord',
    'Nazwisko,Imię,Grupa\nLund,Zoë,Nord',
    'Achternaam\tVoornaam\tGroep\nLund\tZoë\tNord',
  ])('headings are read in the languages of schools: %j', (file) => {
    expect(students(file)).toEqual([{ name: 'Zoë Lund', group: 'Nord' }]);
  });

  test('every line shows its student, or why there is none', () => {
    const { lines } = readClassList(`Name;Group\nAna Lima;North\n;South\nana lima;\n${'x'.repeat(90)};`);
    expect(lines.map(({ line, note }) => [line, note])).toEqual([
      [1, 'headings'],
      [2, null],
      [3, 'no-name'],
      [4, 'same-name'],
      [5, 'cut'],
    ]);
    const long = readClassList(Array.from({ length: 402 }, (_, at) => `Student ${at}`).join('\n'));
    expect([long.students.length, long.lines.at(-1)?.note]).toEqual([400, 'too-many']);
  });

  test('of every line that has letters, a student or a note comes out', () => {
    const line = fc.stringMatching(/^[A-Za-zÀ-ÿ" ,;']{1,30}$/).filter((text) => /[A-Za-zÀ-ÿ]/.test(text));
    fc.assert(
      fc.property(fc.array(line, { minLength: 1, maxLength: 40 }), (written) => {
        const { lines } = readClassList(written.join('\n'));
        expect(lines.map((each) => each.line)).toEqual(written.map((_, at) => at + 1));
        expect(lines.every(({ student, note }) => student !== null || note !== null)).toBe(true);
      }),
    );
  });

  test('whatever a file holds, names are never empty and never too long', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 2000 }), (text) => {
        for (const { name, group } of students(text)) {
          expect(name.trim()).not.toBe('');
          expect(name.length).toBeLessThanOrEqual(80);
          expect(group.length).toBeLessThanOrEqual(40);
        }
      }),
    );
  });
});
