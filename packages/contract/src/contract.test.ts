import 'reflect-metadata';
import { plainToInstance } from 'class-transformer';
import { getMetadataStorage, validateSync } from 'class-validator';
import {
  ChangeClass,
  ChangeStudent,
  formatNews,
  HandOut,
  isProblem,
  Join,
  NewAccount,
  NewClass,
  NewDeck,
  parseNews,
  plainCode,
  readableCode,
  Signal,
  SignIn,
} from './index.js';

const faults = <T extends object>(type: new () => T, value: object): string[] =>
  validateSync(plainToInstance(type, value)).map((fault) => fault.property);

describe('what the server takes', () => {
  test('a whole account is taken, each wrong field is named', () => {
    expect(faults(NewAccount, { name: ' Odile ', email: 'odile@marram.example', password: 'long enough' })).toEqual([]);
    expect(faults(NewAccount, { name: '  ', email: 'nobody', password: 'short' })).toEqual([
      'name',
      'email',
      'password',
    ]);
    expect(faults(SignIn, { email: ['x'], password: 7 })).toEqual(['email', 'password']);
  });

  test('a class needs a name and somebody in it', () => {
    expect(faults(NewClass, { name: '6 Heron', students: ['Dov Kestrel'] })).toEqual([]);
    expect(faults(NewClass, { name: '', students: [] })).toEqual(['name', 'students']);
    expect(faults(NewClass, { name: 'x', students: ['y'.repeat(81)] })).toEqual(['students']);
  });

  test('a PIN has four digits; a hand-out says how the students work', () => {
    expect(faults(Join, { code: 'HERN-417', studentId: 's', pin: '0417' })).toEqual([]);
    expect(faults(Join, { code: 'HERN-417', studentId: 's', pin: '41' })).toEqual(['pin']);
    expect(faults(HandOut, { deckId: 'd', classId: 'c', workMode: 'other', pace: 'own-pace' })).toEqual(['workMode']);
  });
});

test.each([
  ['a class', ChangeClass],
  ['a student', ChangeStudent],
  ['a deck', NewDeck],
  ['somebody who signals', Signal],
] as const satisfies [string, new () => object][])(
  'what may be left out of %s is not null either',
  (_what, type: new () => object) => {
    const optional = getMetadataStorage()
      .getTargetValidationMetadatas(type, '', false, false)
      .filter((each) => each.type === 'conditionalValidation')
      .map(({ propertyName }) => propertyName);
    expect(optional.length).toBeGreaterThan(0);
    const nothing = Object.fromEntries(optional.map((name) => [name, null]));
    expect(faults(type, nothing)).toEqual(expect.arrayContaining(optional));
    expect(faults(type, {}).filter((name) => optional.includes(name))).toEqual([]);
  },
);

test('a code is the same however it is typed', () => {
  expect(plainCode(' hern-417 ')).toBe(plainCode('HERN417'));
  expect(readableCode('HERN417')).toBe('HERN-417');
});

test('news are read as they were sent; anything else is no news', () => {
  expect(parseNews(formatNews({ news: 'participants' }))).toEqual({ news: 'participants' });
  expect(parseNews(formatNews({ news: 'writing', allowed: false }))).toEqual({ news: 'writing', allowed: false });
  for (const other of ['', 'null', '{}', '{"news":"x"}']) expect(parseNews(other)).toBeNull();
});

test('a problem is told from other bodies', () => {
  expect(isProblem({ status: 404, code: 'not-found', values: { what: 'deck' } })).toBe(true);
  for (const other of [
    null,
    'x',
    {},
    { status: 404 },
    { status: '404', code: 'not-found' },
    { status: 502, code: 'toString' },
  ])
    expect(isProblem(other)).toBe(false);
});
