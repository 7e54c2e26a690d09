/** The school: who is in it, its teams, and being in none yet. */
import type { OwnSchool, SchoolView } from '@gobrel/contract';
import { useQuery } from '@tanstack/react-query';
import { Library } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import { TeacherPage } from '../../../app/frame';
import { messageOf, schoolQuery } from '../../../shared/api';
import { messages } from '../../../shared/messages';
import { Button, buttonClasses, ConfirmDialog, Failing, Loading, usePageTitle } from '../../../shared/ui';
import { Colleagues } from './colleagues';
import { NoSchool } from './no-school';
import { Platforms } from './platforms';
import { RenameSchool } from './rename-school';
import { Teams } from './teams';
import { useSchool } from './use-school';

export function Screen() {
  const says = messages.school;
  const own = useQuery(schoolQuery);
  usePageTitle(own.data?.school?.name ?? says.title);
  return (
    <TeacherPage>
      {own.isPending ? <Loading what={says.title} /> : null}
      {own.isError ? <Failing message={messageOf(own.error)} onRetry={() => void own.refetch()} /> : null}
      {own.data ? <Own own={own.data} /> : null}
    </TeacherPage>
  );
}

function Own({ own: { school } }: { own: OwnSchool }) {
  return school ? <School school={school} /> : <NoSchool />;
}

function School({ school }: { school: SchoolView }) {
  const says = messages.school;
  const { change, isPending } = useSchool();
  const [leaving, setLeaving] = useState(false);
  const manages = school.colleagues.some(({ id, manages: does }) => id === school.me && does);
  return (
    <>
      <div className="mb-5 flex flex-wrap items-center gap-x-3 gap-y-2">
        <h1 className="me-auto text-3xl wrap-anywhere">{school.name}</h1>
        {manages ? <RenameSchool name={school.name} /> : null}
        <Link to="/?shelf=school" className={buttonClasses('main')}>
          <Library size={18} aria-hidden /> {says.shelf}
        </Link>
      </div>
      <div className="grid items-start gap-x-10 gap-y-8 lg:grid-cols-2">
        <Colleagues school={school} manages={manages} />
        <Teams school={school} manages={manages} />
        {manages ? <Platforms /> : null}
      </div>
      <p className="mt-8">
        <Button look="danger" onClick={() => setLeaving(true)}>
          {says.leave}
        </Button>
      </p>
      {leaving ? (
        <ConfirmDialog
          title={says.leaveTitle({ school: school.name })}
          action={says.leave}
          isPending={isPending}
          onConfirm={() =>
            change('DELETE', `/colleagues/${school.me}`, undefined, {
              onSettled: () => setLeaving(false),
            })
          }
          onClose={() => setLeaving(false)}
        >
          {says.leaveText}
        </ConfirmDialog>
      ) : null}
    </>
  );
}
