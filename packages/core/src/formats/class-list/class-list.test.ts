import fc from 'fast-check';
import { readClassList } from './index.js';

const names = (text: string) => readClassList(text).map(({ name }) => name);

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
    expect(readClassList('Amaro Finch, Terns\nDov Kestrel')).toEqual([
      { name: 'Amaro Finch', group: 'Terns' },
      { name: 'Dov Kestrel', group: '' },
    ]);
  });

  test('columns of a file are found by their headings, in any order and with any separator', () => {
    const file = '\uFEFFNo;Surname;First name;Group\n1;Finch;Amaro;Terns\n2;"Rudd; née Vale";Cosima;';
    expect(readClassList(file)).toEqual([
      { name: 'Amaro Finch', group: 'Terns' },
      { name: 'Cosima Rudd; née Vale', group: '' },
    ]);
    expect(names('Name\tTeam\nAna Lima\t1')).toEqual(['Ana Lima']);
  });

  test('whatever a file holds, names are never empty and never too long', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 2000 }), (text) => {
        for (const { name, group } of readClassList(text)) {
          expect(name.trim()).not.toBe('');
          expect(name.length).toBeLessThanOrEqual(80);
          expect(group.length).toBeLessThanOrEqual(40);
        }
      }),
    );
  });
});
