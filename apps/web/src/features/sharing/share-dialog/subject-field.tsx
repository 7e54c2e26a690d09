/** The subject of a deck as it is typed, with the usual ones to choose; kept once the typing rests, and when it is left. */
import { useEffect, useId, useRef, useState } from 'react';
import { messages } from '../../../shared/messages';

/** When typing has come to rest, in milliseconds. */
const RESTS_MS = 500;

interface SubjectFieldProps {
  /** '' for none. */
  readonly subject: string;
  readonly onSet: (subject: string) => void;
}

export function SubjectField({ subject, onSet }: SubjectFieldProps) {
  const [typed, setTyped] = useState(subject);
  const list = useId();
  const kept = useRef(subject);
  const keep = useRef<() => void>(() => undefined);
  useEffect(() => {
    keep.current = () => {
      if (typed.trim() === kept.current) return;
      kept.current = typed.trim();
      onSet(typed);
    };
  });
  useEffect(() => {
    const timer = setTimeout(() => keep.current(), RESTS_MS);
    return () => clearTimeout(timer);
  }, [typed]);
  // The dialog may be closed before the typing rests.
  useEffect(() => () => keep.current(), []);
  return (
    <>
      <input
        aria-label={messages.school.subject}
        list={list}
        value={typed}
        maxLength={60}
        className="min-h-control w-48 rounded-md border border-edge bg-card px-2.5"
        onChange={({ target }) => setTyped(target.value)}
      />
      <datalist id={list}>
        {Object.values(messages.school.subjects).map((each) => (
          <option key={each} value={each} />
        ))}
      </datalist>
    </>
  );
}
