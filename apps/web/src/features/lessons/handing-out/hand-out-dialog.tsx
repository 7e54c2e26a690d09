/** Hands a deck out, in one press where the usual will do; then shows the way in. */
import type { ClassView, LessonView } from '@gobrel/contract';
import { type LessonTerms, type Pace, paces, usualTerms, type WorkMode, workModes } from '@gobrel/core/lesson';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { type ReactNode, useState } from 'react';
import { Link } from 'react-router';
import { ask, classesQuery, messageOf } from '../../../shared/api';
import { Button, buttonClasses, Dialog, DialogActions, Failing, Loading } from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import { JoinCard } from './join-card';
import { SomeStudents } from './some-students';
import { TermsFields } from './terms-fields';
import { ANYBODY, Radios, ToWhom } from './to-whom';

interface HandOutProps {
  readonly deckId: string;
  /** Whether the deck has a page that each student can get their own of. */
  readonly hasOwnPage: boolean;
  /** What is to be said before it is handed out. */
  readonly note?: ReactNode;
  readonly onClose: () => void;
}

export function HandOutDialog(props: HandOutProps) {
  const classes = useQuery(classesQuery);
  const [lesson, setLesson] = useState<LessonView | null>(null);
  if (lesson) {
    return (
      <Dialog
        title={
          lesson.className ? messages.handOut.doneTo({ className: lesson.className }) : messages.handOut.doneToAnybody
        }
        open
        onClose={props.onClose}
        wide
      >
        <JoinCard code={lesson.code} />
        <DialogActions>
          <Button onClick={props.onClose}>{messages.common.close}</Button>
          <Link to={`/lessons/${lesson.id}`} className={buttonClasses('main')}>
            {messages.handOut.toLesson}
          </Link>
        </DialogActions>
      </Dialog>
    );
  }
  return (
    <Dialog title={messages.handOut.title} open onClose={props.onClose} wide>
      {classes.isPending ? <Loading what={messages.frame.classes} /> : null}
      {classes.isError ? <Failing message={messageOf(classes.error)} onRetry={() => void classes.refetch()} /> : null}
      {classes.data ? (
        <Order {...props} classes={classes.data.filter(({ archivedAt }) => archivedAt === null)} onDone={setLesson} />
      ) : null}
    </Dialog>
  );
}

interface OrderProps extends HandOutProps {
  readonly classes: readonly ClassView[];
  readonly onDone: (lesson: LessonView) => void;
}

function Order({ deckId, hasOwnPage, classes, note, onClose, onDone }: OrderProps) {
  const says = messages.handOut;
  const queries = useQueryClient();
  const [classId, setClassId] = useState(classes[0]?.id ?? ANYBODY);
  const [workMode, setWorkMode] = useState<WorkMode>(hasOwnPage ? 'slide-each' : 'copy-each');
  const [pace, setPace] = useState<Pace>('own-pace');
  const [terms, setTerms] = useState<LessonTerms>(usualTerms);
  const schoolClass = classes.find(({ id }) => id === classId);
  const handOut = useMutation({
    mutationFn: () =>
      ask<LessonView>('POST', '/lessons', {
        deckId,
        classId: classId === ANYBODY ? null : classId,
        workMode,
        pace,
        terms,
      }),
    onSuccess: async (lesson) => {
      await queries.invalidateQueries({ queryKey: ['lessons'] });
      onDone(lesson);
    },
  });
  const modes = workModes.filter((mode) => mode !== 'copy-per-group' || schoolClass);
  const hasGroups = schoolClass?.students.some(({ group }) => group !== '') ?? false;
  return (
    <form
      className="flex flex-col gap-4"
      onSubmit={(event) => {
        event.preventDefault();
        handOut.mutate();
      }}
    >
      {note}
      {classes.length === 0 ? <p>{says.noClass}</p> : null}
      <ToWhom
        classes={classes}
        chosen={classId}
        onChoose={(id) => {
          setClassId(id);
          setTerms({ ...terms, students: null });
        }}
      />
      {schoolClass ? (
        <SomeStudents
          schoolClass={schoolClass}
          chosen={terms.students}
          onChange={(students) => setTerms({ ...terms, students })}
        />
      ) : null}
      <div className="grid gap-4 sm:grid-cols-2">
        <Radios
          legend={says.workMode}
          name="mode"
          choices={modes.map((id) => ({ id, ...says.workModes[id] }))}
          chosen={workMode}
          onChoose={setWorkMode}
        />
        <Radios
          legend={says.pace}
          name="pace"
          choices={paces.map((id) => ({ id, ...says.paces[id] }))}
          chosen={pace}
          onChoose={setPace}
        />
      </div>
      {workMode === 'slide-each' && !hasOwnPage ? <p className="text-amber">{says.noOwnPage}</p> : null}
      {workMode === 'copy-per-group' && !hasGroups ? <p className="text-amber">{says.noGroups}</p> : null}
      <details>
        <summary className="min-h-11 py-2 font-semibold">{says.more}</summary>
        <TermsFields terms={terms} onChange={(change) => setTerms({ ...terms, ...change })} />
      </details>
      {handOut.isError ? (
        <p role="alert" className="text-berry">
          {messageOf(handOut.error)}
        </p>
      ) : null}
      <DialogActions>
        <Button onClick={onClose}>{messages.common.cancel}</Button>
        <Button type="submit" look="main" disabled={handOut.isPending}>
          {says.action}
        </Button>
      </DialogActions>
    </form>
  );
}
