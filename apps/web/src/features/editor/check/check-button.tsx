/** How the deck stands, on the editor's bar: how much is to fix before class; a press opens the check. */
import { CircleAlert, ListChecks } from 'lucide-react';
import { messages } from '../../../shared/messages';
import { buttonClasses, IconButton } from '../../../shared/ui';
import { openPanelTab } from '../state/desk';
import { useCheck } from './use-deck-check';

export function CheckButton() {
  const says = messages.checks;
  const findings = useCheck((store) => store.findings);
  const toFix = (findings ?? []).filter(({ level }) => level === 'fix').length;
  const name = says.open({ count: findings?.length ?? 0 });
  if (toFix === 0)
    return (
      <IconButton name={name} onClick={() => openPanelTab('check')}>
        <ListChecks size={20} aria-hidden />
      </IconButton>
    );
  return (
    <button
      type="button"
      title={name}
      className={buttonClasses('danger', '!px-2.5 whitespace-nowrap')}
      onClick={() => openPanelTab('check')}
    >
      <CircleAlert size={18} aria-hidden /> {says.toFix({ count: toFix })}
    </button>
  );
}
