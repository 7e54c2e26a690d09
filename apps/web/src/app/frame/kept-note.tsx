/** Says truthfully where what was typed is now. */
import { Check, CloudOff, CloudUpload, TriangleAlert } from 'lucide-react';
import type { KeptWhere } from '../../shared/sync';
import { messages } from '../../shared/messages';

/** Nothing that anybody must hear of. */
const IN_ORDER: readonly KeptWhere[] = ['loading', 'saved', 'saving'];

export function KeptNote({ kept }: { kept: KeptWhere }) {
  const looks = {
    loading: { icon: CloudUpload, tone: 'text-soft' },
    saved: { icon: Check, tone: 'text-reed' },
    saving: { icon: CloudUpload, tone: 'text-soft' },
    waiting: { icon: CloudOff, tone: 'text-amber' },
    'on-device': { icon: CloudOff, tone: 'text-amber' },
    refused: { icon: TriangleAlert, tone: 'text-berry' },
    outdated: { icon: TriangleAlert, tone: 'text-berry' },
    forbidden: { icon: TriangleAlert, tone: 'text-berry' },
  } as const satisfies Record<KeptWhere, object>;
  const { icon: Icon, tone } = looks[kept];
  return (
    // Only trouble is spoken: whoever types hears their own letters, and not after each pause that they are saved.
    <span
      role="status"
      aria-live={IN_ORDER.includes(kept) ? 'off' : 'polite'}
      className={`inline-flex items-center gap-1.5 text-sm font-semibold ${tone}`}
    >
      <Icon size={16} aria-hidden /> {messages.kept[kept]}
    </span>
  );
}
