/** The way from a list to what was deleted from it, while there is any. */
import type { BinKind } from '@gobrel/contract';
import { useQuery } from '@tanstack/react-query';
import { Trash2 } from 'lucide-react';
import { Link } from 'react-router';
import { binQuery } from '../api';
import { messages } from '../messages';
import { buttonClasses } from '../ui';

export function BinLink({ kind }: { kind: BinKind }) {
  const { data: bin } = useQuery(binQuery);
  const count = bin?.[kind].length ?? 0;
  if (count === 0) return null;
  return (
    <p className="mt-6">
      <Link to="/?shelf=bin" className={buttonClasses('quiet', '-ms-3.5 text-soft')}>
        <Trash2 size={18} aria-hidden /> {messages.bin.link({ count })}
      </Link>
    </p>
  );
}
