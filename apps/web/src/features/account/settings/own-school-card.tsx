/** The school somebody is in, and the way to it. */
import { useQuery } from '@tanstack/react-query';
import { School } from 'lucide-react';
import { Link } from 'react-router';
import { schoolQuery } from '../../../shared/api';
import { messages } from '../../../shared/messages';
import { buttonClasses } from '../../../shared/ui';

export function OwnSchoolCard() {
  const says = messages.school;
  const { data } = useQuery(schoolQuery);
  return (
    <section
      aria-labelledby="own-school"
      className="flex flex-wrap items-center gap-3 rounded-md border border-edge bg-card p-5 md:col-span-2"
    >
      <div className="me-auto">
        <h2 id="own-school" className="text-xl">
          {says.title}
        </h2>
        <p>{data?.school ? data.school.name : says.none}</p>
      </div>
      <Link to="/school" className={buttonClasses()}>
        <School size={18} aria-hidden /> {data?.school ? says.toSchool : says.create}
      </Link>
    </section>
  );
}
