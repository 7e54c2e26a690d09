/** What opens over a show: finding a slide, and the sheet of keys. */
import { SlidePicker } from '../../../shared/slides';
import { Dialog, KeysSheet } from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import type { Show } from './use-show';

/** Which of them is open. */
export type ShowSheet = 'find' | 'keys';

interface ShowSheetsProps {
  readonly show: Show;
  readonly open: ShowSheet | null;
  readonly onClose: () => void;
}

export function ShowSheets({ show: { deck, walk }, open, onClose }: ShowSheetsProps) {
  if (open === 'keys')
    return <KeysSheet title={messages.show.keysTitle} sheet={messages.show.keys} onClose={onClose} />;
  if (open === null) return null;
  return (
    <Dialog title={messages.show.goTo} open onClose={onClose} wide>
      <SlidePicker
        deck={deck}
        label={messages.show.goToName}
        onPick={(slideId) => {
          walk.step({ type: 'go', slideId });
          onClose();
        }}
      />
    </Dialog>
  );
}

/** What a show says of how it stands, in words; '' when there is nothing to say. */
export function showNotice({ walk, waits, shared }: Show): string {
  return walk.notice ?? (waits ? messages.show.waits : shared.goesOn ? messages.show.goesOn : '');
}
