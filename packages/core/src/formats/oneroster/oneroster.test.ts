import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import Papa from 'papaparse';
import { matchedIds, readRoster, writeResults } from './index.js';

const roster = (tables: Readonly<Record<string, string>>) =>
  zipSync(Object.fromEntries(Object.entries(tables).map(([path, text]) => [path, strToU8(text)])));
const users =
  '"sourcedId","status","dateLastModified","enabledUser","username","givenName","familyName","preferredGivenName"\n' +
  'u1,,,true,amaro,Amaro,Finch,\nu2,,,true,zoe,"Zoë","Lund, née Vale",Zo\nu3,active,,true,teach,Odile,Farrow,\nu4,tobedeleted,,true,gone,Gone,Away,\nu5,,,false,off,Off,Duty,\n';
const classes =
  'sourcedId,status,dateLastModified,title,classCode,schoolSourcedId,termSourcedIds\nc2,,,7 Rail,R,,\nc1,,,6 Heron,H,s,"t1,t2"\nc3,,,Empty,E,s,\nc4,tobedeleted,,Old,O,s,\n';
const enrollments =
  'sourcedId,status,classSourcedId,schoolSourcedId,userSourcedId,role\n' +
  'e1,,c1,s,u2,student\ne2,,c1,s,u1,student\ne3,,c1,s,u3,teacher\ne4,,c1,s,u4,student\ne5,,c2,s,u1,student\ne6,tobedeleted,c2,s,u2,student\ne7,,c1,s,u5,student\ne8,,c1,s,u1,student\n';

test('classes with who learns in them, each once, by the names they chose; who is gone or teaches is not', () => {
  expect(readRoster(roster({ 'users.csv': users, 'classes.csv': classes, 'enrollments.csv': enrollments }))).toEqual({
    classes: [
      {
        ref: { classId: 'c1', schoolId: 's', termId: 't1' },
        title: '6 Heron',
        students: [
          { id: 'u1', name: 'Amaro Finch' },
          { id: 'u2', name: 'Zo Lund, née Vale' },
        ],
      },
      {
        ref: { classId: 'c2', schoolId: '', termId: '' },
        title: '7 Rail',
        students: [{ id: 'u1', name: 'Amaro Finch' }],
      },
    ],
  });
});

test('tables in a folder, with a mark at their beginning, and headings in other letters', () => {
  const found = readRoster(
    roster({
      'export/Users.csv': `\ufeff${users.replace('"sourcedId"', 'SOURCEDID')}`,
      'export/Classes.csv': classes,
      'export/Enrollments.csv': enrollments,
    }),
  );
  expect('classes' in found && found.classes).toHaveLength(2);
});

test('what is none is told', () => {
  expect(readRoster(strToU8('name\nAna'))).toEqual({ fault: 'no-roster' });
  expect(readRoster(roster({ 'users.csv': users }))).toEqual({ fault: 'no-roster' });
  expect(readRoster(roster({ 'users.csv': users, 'classes.csv': classes, 'enrollments.csv': 'sourcedId\n' }))).toEqual({
    fault: 'no-classes',
  });
  expect(readRoster(new Uint8Array([0x50, 0x4b, 1, 2, 3]))).toEqual({ fault: 'broken' });
});

test('two of one name in a class are two', () => {
  const found = readRoster(
    roster({
      'users.csv': users.replace('u2,,,true,zoe,"Zoë","Lund, née Vale",Zo', 'u2,,,true,other,Amaro,Finch,'),
      'classes.csv': classes,
      'enrollments.csv': enrollments,
    }),
  );
  expect('classes' in found && found.classes[0]?.students.map(({ id }) => id)).toEqual(['u1', 'u2']);
});

describe('whose a name is', () => {
  const students = [
    { id: 'u1', name: 'Amaro Finch' },
    { id: 'u2', name: 'Amaro Finch' },
    { id: 'u3', name: 'Cosima Rudd' },
  ];

  test('by the very name, each once', () => {
    expect(matchedIds(['Cosima Rudd', 'Amaro Finch', 'Nell Sorrel', 'Amaro Finch', 'Amaro Finch'], students)).toEqual([
      ...['u3', 'u1', '', 'u2', ''],
    ]);
  });

  test('by its place, where it was put right in a list that is as long as it was', () => {
    expect(matchedIds(['Amaro Finch', 'Amaro Finch', 'Cosima Rudd-Vale'], students)).toEqual(['u1', 'u2', 'u3']);
    // Somebody else’s place, which is taken.
    expect(matchedIds(['Cosima Rudd', 'Amaro Finch', 'Nell Sorrel'], students)).toEqual(['u3', 'u1', '']);
  });
});

test('results go out with the ids of the school’s system, and say what is missing and what has no points yet', () => {
  const zip = unzipSync(
    writeResults(
      {
        roster: { classId: 'c1', schoolId: 's', termId: 't1' },
        students: [
          { id: 'a', rosterId: 'u1' },
          { id: 'b', rosterId: 'u2' },
          { id: 'c', rosterId: '' },
          { id: 'd', rosterId: 'u4' },
        ],
        lessons: [
          {
            ...{ id: 'l1', title: 'A night on the marsh, "again"', openedAt: '2026-03-02T09:00:00.000Z' },
            results: {
              a: { points: 3.5, outOf: 5, unmarked: 0 },
              b: { points: 1, outOf: 5, unmarked: 2 },
              c: { points: 5, outOf: 5, unmarked: 0 },
            },
          },
          { id: 'l2', title: 'Nothing to earn', openedAt: '2026-03-03T09:00:00.000Z', results: {} },
        ],
      },
      { category: 'Lessons' },
      new Date('2026-03-04T10:00:00Z'),
    ),
  );
  const table = (name: string) =>
    Papa.parse<Record<string, string>>(strFromU8(zip[`${name}.csv`] ?? new Uint8Array()), { header: true }).data;
  expect(table('lineItems')).toEqual([
    {
      ...{ sourcedId: 'l1', status: 'active', dateLastModified: '2026-03-04T10:00:00.000Z' },
      ...{ title: 'A night on the marsh, "again"', description: '', assignDate: '2026-03-02', dueDate: '2026-03-02' },
      ...{ classSourcedId: 'c1', categorySourcedId: 'gobrel-lessons', gradingPeriodSourcedId: 't1' },
      ...{ academicSessionSourcedId: 't1', schoolSourcedId: 's', resultValueMin: '0', resultValueMax: '5' },
    },
  ]);
  expect(
    table('results').map(({ studentSourcedId, scoreStatus, score }) => [studentSourcedId, scoreStatus, score]),
  ).toEqual([
    ['u1', 'fully graded', '3.5'],
    ['u2', 'partially graded', '1'],
    ['u4', 'not submitted', ''],
  ]);
  expect(table('categories')).toHaveLength(1);
  expect(table('manifest')).toContainEqual({ propertyName: 'file.results', value: 'bulk' });
  expect(table('manifest')).toContainEqual({ propertyName: 'file.users', value: 'absent' });
});
