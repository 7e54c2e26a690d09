/** A teacher's classes: who is in them, and new PINs. */
import type { ClassView } from '@gobrel/contract';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { KeyRound, Plus } from 'lucide-react';
import { useState } from 'react';
import { TeacherPage } from '../../frame';
import { ask, classesQuery, messageOf } from '../../server';
import { Button, Empty, Failing, IconButton, Loading, tell } from '../../ui';
import { words } from '../../words';
import { NewClassDialog } from './new-class-dialog';

export function Screen() {
  const classes = useQuery(classesQuery);
  const [adding, setAdding] = useState(false);
  return (
    <TeacherPage>
      <div className="mb-5 flex items-center justify-between gap-4">
        <h1 className="text-3xl">{words.classes.title}</h1>
        <Button look="main" onClick={() => setAdding(true)}>
          <Plus size={18} aria-hidden /> {words.classes.newClass}
        </Button>
      </div>
      {classes.isPending ? <Loading what={words.classes.title} /> : null}
      {classes.isError ? <Failing message={messageOf(classes.error)} onRetry={() => void classes.refetch()} /> : null}
      {classes.data?.length === 0 ? (
        <Empty title={words.classes.empty}>
          <p>{words.classes.emptyText}</p>
        </Empty>
      ) : null}
      {classes.data?.map((entry) => (
        <ClassRoster key={entry.id} schoolClass={entry} />
      ))}
      {adding ? <NewClassDialog onClose={() => setAdding(false)} /> : null}
    </TeacherPage>
  );
}

function ClassRoster({ schoolClass }: { schoolClass: ClassView }) {
  const queries = useQueryClient();
  const forget = useMutation({
    mutationFn: (studentId: string) => ask('DELETE', `/classes/${schoolClass.id}/students/${studentId}/pin`),
    onSuccess: () => tell(words.classes.pinForgotten),
    onError: (error) => tell(messageOf(error), { tone: 'trouble' }),
    onSettled: () => queries.invalidateQueries({ queryKey: ['classes'] }),
  });
  return (
    <section className="mb-8">
      <h2 className="mb-2 text-xl">
        {schoolClass.name}{' '}
        <span className="font-sans text-base font-normal text-soft">
          {words.classes.count(schoolClass.students.length)}
        </span>
      </h2>
      <ul className="grid grid-cols-[repeat(auto-fill,minmax(16rem,1fr))] gap-x-6">
        {schoolClass.students.map((student) => (
          <li key={student.id} className="flex min-h-12 items-center justify-between border-b border-rule">
            <span>{student.name}</span>
            {student.hasPin ? (
              <IconButton name={words.classes.forgetPin(student.name)} onClick={() => forget.mutate(student.id)}>
                <KeyRound size={18} aria-hidden />
              </IconButton>
            ) : (
              <span className="text-sm text-soft">{words.classes.noPin}</span>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}
