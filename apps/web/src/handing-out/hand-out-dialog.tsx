/** Hands a deck out to a class, in one press when there is one class; then shows the way in. */
import type { LessonView } from '@gobrel/contract';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { ask, classesQuery, messageOf } from '../server';
import { Button, buttonClasses, Dialog, Failing, Loading } from '../ui';
import { words } from '../words';
import { JoinCard } from './join-card';

export function HandOutDialog({ deckId, onClose }: { deckId: string; onClose: () => void }) {
  const classes = useQuery(classesQuery);
  const queries = useQueryClient();
  const [chosen, setChosen] = useState<string | null>(null);
  const classId = chosen ?? classes.data?.[0]?.id ?? null;
  const handOut = useMutation({
    mutationFn: () => ask<LessonView>('POST', '/lessons', { deckId, classId, workMode: 'copy-each', pace: 'own-pace' }),
    onSuccess: () => queries.invalidateQueries({ queryKey: ['lessons'] }),
  });
  const lesson = handOut.data;
  if (lesson) {
    return (
      <Dialog title={words.handOut.done(lesson.className)} open onClose={onClose} wide>
        <JoinCard code={lesson.code} />
        <div className="mt-6 flex justify-end gap-2">
          <Button onClick={onClose}>{words.common.close}</Button>
          <Link to={`/lessons/${lesson.id}`} className={buttonClasses('main')}>
            {words.handOut.toLesson}
          </Link>
        </div>
      </Dialog>
    );
  }
  return (
    <Dialog title={words.handOut.title} open onClose={onClose}>
      {classes.isPending ? <Loading what={words.frame.classes} /> : null}
      {classes.isError ? <Failing message={messageOf(classes.error)} onRetry={() => void classes.refetch()} /> : null}
      {classes.data?.length === 0 ? (
        <div className="flex flex-col items-start gap-4">
          <p>{words.handOut.noClass}</p>
          <Link to="/classes" className={buttonClasses('main')}>
            {words.classes.newClass}
          </Link>
        </div>
      ) : null}
      {classes.data && classes.data.length > 0 ? (
        <form
          className="flex flex-col gap-5"
          onSubmit={(event) => {
            event.preventDefault();
            handOut.mutate();
          }}
        >
          <fieldset>
            <legend className="mb-1 font-semibold">{words.handOut.toWhom}</legend>
            {classes.data.map((entry) => (
              <label key={entry.id} className="flex min-h-11 items-center gap-3">
                <input
                  type="radio"
                  name="class"
                  className="size-5 accent-tide"
                  checked={entry.id === classId}
                  onChange={() => setChosen(entry.id)}
                />
                {entry.name} <span className="text-soft">{words.classes.count(entry.students.length)}</span>
              </label>
            ))}
          </fieldset>
          <fieldset>
            <legend className="mb-1 font-semibold">{words.handOut.workMode}</legend>
            <label className="flex min-h-11 items-center gap-3">
              <input type="radio" name="mode" className="size-5 accent-tide" defaultChecked /> {words.handOut.copyEach}
            </label>
          </fieldset>
          <fieldset>
            <legend className="mb-1 font-semibold">{words.handOut.pace}</legend>
            <label className="flex min-h-11 items-center gap-3">
              <input type="radio" name="pace" className="size-5 accent-tide" defaultChecked /> {words.handOut.ownPace}
            </label>
          </fieldset>
          {handOut.isError ? (
            <p role="alert" className="text-berry">
              {messageOf(handOut.error)}
            </p>
          ) : null}
          <div className="flex justify-end gap-2">
            <Button onClick={onClose}>{words.common.cancel}</Button>
            <Button type="submit" look="main" disabled={handOut.isPending}>
              {words.handOut.action}
            </Button>
          </div>
        </form>
      ) : null}
    </Dialog>
  );
}
