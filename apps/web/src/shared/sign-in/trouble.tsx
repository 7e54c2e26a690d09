/** What went wrong at a sign-in elsewhere, by the code with which one was sent back; nothing where there is no such code. */
import { wordsOfCode } from '../api';

export function Trouble({ code }: { readonly code: string | null }) {
  const words = wordsOfCode(code);
  if (words === null) return null;
  return (
    <p role="alert" className="mb-4 rounded-md border border-clay bg-card p-3 font-semibold text-clay">
      {words}
    </p>
  );
}
