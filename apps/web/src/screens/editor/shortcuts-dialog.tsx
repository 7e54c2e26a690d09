/** The sheet of the editor's keys. */
import { Dialog } from '../../ui';
import { words } from '../../words';

export function ShortcutsDialog({ onClose }: { onClose: () => void }) {
  return (
    <Dialog title={words.keys.title} open onClose={onClose}>
      <dl className="grid grid-cols-[auto_1fr] gap-x-5 gap-y-1.5">
        {words.keys.sheet.map(([keys, meaning]) => (
          <div key={keys} className="col-span-2 grid grid-cols-subgrid border-b border-rule pb-1.5">
            <dt className="font-semibold">{keys}</dt>
            <dd>{meaning}</dd>
          </div>
        ))}
      </dl>
    </Dialog>
  );
}
