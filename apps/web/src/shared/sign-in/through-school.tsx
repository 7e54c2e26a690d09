/** The way in through the school's own sign-in, where there is one. */
import { useQuery } from '@tanstack/react-query';
import { School } from 'lucide-react';
import { signInWaysQuery } from '../api';
import { buttonClasses } from '../ui';

interface ThroughProps {
  /** What is asked of it, as a query of its address. */
  readonly to: string;
  readonly says: (values: { provider: string }) => string;
}

export function ThroughSchool({ to, says }: ThroughProps) {
  const { data: ways } = useQuery(signInWaysQuery);
  if (!ways?.provider) return null;
  // It leaves the application, so it is no link within.
  return (
    <a href={`/api/sign-in/provider?${to}`} className={buttonClasses('plain', 'mt-3 w-full')}>
      <School size={18} aria-hidden /> {says({ provider: ways.provider })}
    </a>
  );
}
