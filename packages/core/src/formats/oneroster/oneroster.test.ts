import { strToU8, zipSync } from 'fflate';
import { readRoster } from './index.js';

const roster = (tables: Readonly<Record<string, string>>) =>
  zipSync(Object.fromEntries(Object.entries(tables).map(([path, text]) => [path, strToU8(text)])));
const users =
  '"sourcedId","status","dateLastModified","enabledUser","username","givenName","familyName","preferredGivenName"\n' +
  'u1,,,true,amaro,Amaro,Finch,\nu2,,,true,zoe,"Zoë","Lund, née Vale",Zo\nu3,active,,true,teach,Odile,Farrow,\nu4,tobedeleted,,true,gone,Gone,Away,\nu5,,,false,off,Off,Duty,\n';
const classes =
  'sourcedId,status,dateLastModified,title,classCode\nc2,,,7 Rail,R\nc1,,,6 Heron,H\nc3,,,Empty,E\nc4,tobedeleted,,Old,O\n';
const enrollments =
  'sourcedId,status,classSourcedId,schoolSourcedId,userSourcedId,role\n' +
  'e1,,c1,s,u2,student\ne2,,c1,s,u1,student\ne3,,c1,s,u3,teacher\ne4,,c1,s,u4,student\ne5,,c2,s,u1,student\ne6,tobedeleted,c2,s,u2,student\ne7,,c1,s,u5,student\ne8,,c1,s,u1,student\n';

test('classes with who learns in them, each once, by the names they chose; who is gone or teaches is not', () => {
  expect(readRoster(roster({ 'users.csv': users, 'classes.csv': classes, 'enrollments.csv': enrollments }))).toEqual({
    classes: [
      { id: 'c1', title: '6 Heron', students: ['Amaro Finch', 'Zo Lund, née Vale'] },
      { id: 'c2', title: '7 Rail', students: ['Amaro Finch'] },
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
