/** What does not go into a file, or did not come out of one. */
import type { NotCarried } from '@gobrel/core/formats';
import { lossInWords, messages } from '../messages';

/** More rows than this are not listed. */
const MOST = 60;

export function NotCarriedList({ title, left }: { title: string; left: readonly NotCarried[] }) {
  if (left.length === 0) return null;
  return (
    <div role="status" className="mt-3">
      <p className="font-semibold text-amber">{title}</p>
      <ul className="max-h-48 list-disc overflow-auto ps-5 text-sm" tabIndex={0} aria-label={title}>
        {left.slice(0, MOST).map(({ name, row, why }, at) => (
          <li key={at}>
            {name || row ? <strong>{name || (row && messages.losses.row({ row }))}: </strong> : null}
            {lossInWords(why)}
          </li>
        ))}
      </ul>
    </div>
  );
}
