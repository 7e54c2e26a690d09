/** A teacher's classes: who is in them, their groups and PINs, cards, and what is put away. */
import type { ClassView } from '@gobrel/contract';
import { useQuery } from '@tanstack/react-query';
import { ChevronDown, ChevronRight, Plus, Users } from 'lucide-react';
import { useState } from 'react';
import { TeacherPage } from '../../../app/frame';
import { classesQuery, messageOf } from '../../../shared/api';
import { BinLink } from '../../../shared/bin';
import { Button, Empty, Failing, Loading, usePageTitle } from '../../../shared/ui';
import { byName, messages } from '../../../shared/messages';
import { ClassMenu } from './class-menu';
import { NewClassDialog } from './new-class-dialog';
import { StudentEntry } from './student-entry';

/** So many classes have their students in sight; of more, those that are opened. */
const UNFOLDED = 2;

export function Screen() {
  usePageTitle(messages.frame.classes);
  const says = messages.classes;
  const classes = useQuery(classesQuery);
  const [adding, setAdding] = useState(false);
  const open = classes.data?.filter(({ archivedAt }) => archivedAt === null) ?? [];
  const archived = classes.data?.filter(({ archivedAt }) => archivedAt !== null) ?? [];
  const begin = (
    <Button look="main" onClick={() => setAdding(true)}>
      <Plus size={18} aria-hidden /> {says.newClass}
    </Button>
  );
  return (
    <TeacherPage>
      <div className="mb-5 flex items-center justify-between gap-4">
        <h1 className="text-3xl">{says.title}</h1>
        {classes.data?.length === 0 ? null : begin}
      </div>
      {classes.isPending ? <Loading what={says.title} /> : null}
      {classes.isError ? <Failing message={messageOf(classes.error)} onRetry={() => void classes.refetch()} /> : null}
      {classes.data?.length === 0 ? (
        <Empty icon={Users} title={says.empty} text={says.emptyText}>
          {begin}
        </Empty>
      ) : null}
      {open.map((entry) => (
        <ClassRoster key={entry.id} schoolClass={entry} others={open} startsOpen={open.length <= UNFOLDED} />
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
      <BinLink kind="classes" />
      {adding ? <NewClassDialog into={null} onClose={() => setAdding(false)} /> : null}
    </TeacherPage>
  );
}

interface ClassRosterProps {
  readonly schoolClass: ClassView;
  readonly others: readonly ClassView[];
  readonly startsOpen: boolean;
}

function ClassRoster({ schoolClass, others, startsOpen }: ClassRosterProps) {
  const [isOpen, setOpen] = useState(startsOpen);
  const Sign = isOpen ? ChevronDown : ChevronRight;
  return (
    <section className="mb-4">
      <div className="flex items-center justify-between gap-3 border-b border-edge pb-2">
        <h2 className="text-xl">
          <button
            type="button"
            aria-expanded={isOpen}
            className="-mx-1 flex min-h-control flex-wrap items-center gap-x-2 rounded-md px-1 text-start hover:bg-rule/50"
            onClick={() => setOpen(!isOpen)}
          >
            <Sign size={18} aria-hidden className="flex-none" />
            {schoolClass.name}{' '}
            <span className="font-sans text-base font-normal text-soft">
              {messages.classes.count({ students: schoolClass.students.length })}
            </span>
          </button>
        </h2>
        <ClassMenu schoolClass={schoolClass} />
      </div>
      {isOpen && schoolClass.students.length === 0 ? <p className="py-4 text-soft">{messages.classes.nobody}</p> : null}
      <ul hidden={!isOpen} className="grid grid-cols-[repeat(auto-fill,minmax(19rem,1fr))] gap-x-6">
        {byName(schoolClass.students).map((student) => (
          <StudentEntry key={student.id} schoolClass={schoolClass} student={student} classes={others} />
        ))}
      </ul>
    </section>
  );
}
