/** What the deck check leaves, where the deck is handed out. */
import { CircleAlert } from 'lucide-react';
import { messages } from '../../../shared/messages';
import { Button } from '../../../shared/ui';
import { openPanelTab } from '../state/desk';
import { useCheck } from './use-deck-check';

export function CheckNote({ onSee }: { onSee: () => void }) {
  const says = messages.checks;
  const findings = useCheck((store) => store.findings);
  if (!findings || findings.length === 0) return null;
  const toFix = findings.filter(({ level }) => level === 'fix').length;
  return (
    <div
      className={`flex flex-wrap items-center gap-2 rounded-md border px-3 py-1 ${toFix > 0 ? 'border-berry text-berry' : 'border-rule'}`}
    >
      {toFix > 0 ? <CircleAlert size={18} aria-hidden className="flex-none" /> : null}
      <p className="min-w-40 flex-1 font-semibold">
        {toFix > 0 ? says.beforeClass({ count: toFix }) : says.open({ count: findings.length })}
      </p>
      <Button
        look="quiet"
        onClick={() => {
          openPanelTab('check');
          onSee();
        }}
      >
        {says.see}
      </Button>
    </div>
  );
}
