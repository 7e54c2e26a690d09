/** A teacher's account: their name, their language, the address they sign in with, their password, their devices. */
import { useQuery } from '@tanstack/react-query';
import { LanguageChoice, TeacherPage } from '../../../app/frame';
import { sessionQuery } from '../../../shared/api';
import { messages } from '../../../shared/messages';
import { usePageTitle } from '../../../shared/ui';
import { Connections } from './connections';
import { Devices } from './devices';
import { EmailForm } from './email-form';
import { NameForm } from './name-form';
import { PasswordForm } from './password-form';
import { OwnSchoolCard } from './own-school-card';
import { Tokens } from './tokens';
import { YourData } from './your-data';

export function Screen() {
  const says = messages.frame;
  usePageTitle(says.account);
  const { data: session } = useQuery(sessionQuery);
  const teacher = session?.teacher;
  return (
    <TeacherPage>
      <h1 className="mb-5 text-3xl">{says.account}</h1>
      <div className="grid max-w-4xl items-start gap-5 md:grid-cols-2">
        <div className="flex flex-col gap-3 rounded-md border border-edge bg-card p-5">
          {teacher ? <NameForm key={teacher.name} name={teacher.name} /> : null}
          <p className="flex items-center gap-3">
            <span className="font-semibold">{says.language}</span> <LanguageChoice inAccount />
          </p>
        </div>
        <Devices />
        <EmailForm email={teacher?.email ?? ''} />
        <PasswordForm />
        <Connections />
        <OwnSchoolCard />
        <Tokens />
        <YourData />
      </div>
    </TeacherPage>
  );
}
