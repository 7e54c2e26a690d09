/** A teacher's classes: who is in them, their groups and PINs, cards, and what is put away. */
import type { ClassView } from '@gobrel/contract';
import { useQuery } from '@tanstack/react-query';
import { Plus } from 'lucide-react';
import { useState } from 'react';
import { TeacherPage } from '../../../app/frame';
import { classesQuery, messageOf } from '../../../shared/api';
import { Button, Empty, Failing, Loading, usePageTitle } from '../../../shared/ui';
import { byName, messages } from '../../../shared/messages';
import { ClassMenu } from './class-menu';
import { NewClassDialog } from './new-class-dialog';
import { StudentEntry } from './student-entry';

export function Screen() {
  usePageTitle(messages.frame.classes);
  const says = messages.classes;
  const classes = useQuery(classesQuery);
  const [adding, setAdding] = useState(false);
  const open = classes.data?.filter(({ archivedAt }) => archivedAt === null) ?? [];
  const archived = classes.data?.filter(({ archivedAt }) => archivedAt !== null) ?? [];
  return (
    <TeacherPage>
      <div className="mb-5 flex items-center justify-between gap-4">
        <h1 className="text-3xl">{says.title}</h1>
        <Button look="main" onClick={() => setAdding(true)}>
          <Plus size={18} aria-hidden /> {says.newClass}
        </Button>
      </div>
      {classes.isPending ? <Loading what={says.title} /> : null}
      {classes.isError ? <Failing message={messageOf(classes.error)} onRetry={() => void classes.refetch()} /> : null}
      {classes.data?.length === 0 ? (
        <Empty title={says.empty}>
          <p>{says.emptyText}</p>
        </Empty>
      ) : null}
      {open.map((entry) => (
        <ClassRoster key={entry.id} schoolClass={entry} others={open} />
      ))}
      {archived.length > 0 ? (
        <section>
          <h2 className="mb-2 text-xl">{says.archived}</h2>
          <ul className="border-t border-rule">
            {archived.map((entry) => (
              <li key={entry.id} className="flex items-center justify-between border-b border-rule py-1">
                <span>
                  <strong>{entry.name}</strong>{' '}
                  <span className="text-soft">{says.count({ students: entry.students.length })}</span>
                </span>
                <ClassMenu schoolClass={entry} />
              </li>
            ))}
          </ul>
        </section>
      ) : null}
      {adding ? <NewClassDialog into={null} onClose={() => setAdding(false)} /> : null}
    </TeacherPage>
  );
}

function ClassRoster({ schoolClass, others }: { schoolClass: ClassView; others: readonly ClassView[] }) {
  return (
    <section className="mb-8">
      <div className="mb-2 flex items-center justify-between gap-3">
        <h2 className="text-xl">
          {schoolClass.name}{' '}
          <span className="font-sans text-base font-normal text-soft">
            {messages.classes.count({ students: schoolClass.students.length })}
          </span>
        </h2>
        <ClassMenu schoolClass={schoolClass} />
      </div>
      <ul className="grid grid-cols-[repeat(auto-fill,minmax(19rem,1fr))] gap-x-6">
        {byName(schoolClass.students).map((student) => (
          <StudentEntry key={student.id} schoolClass={schoolClass} student={student} classes={others} />
        ))}
      </ul>
    </section>
  );
}
