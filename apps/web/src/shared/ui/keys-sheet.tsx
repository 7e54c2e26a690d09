/** A sheet of keys and what they do. */
import { Dialog } from './dialog';

interface KeysSheetProps {
  readonly title: string;
  /** A key or keys, and what they do. */
  readonly sheet: readonly { readonly keys: string; readonly does: string }[];
  readonly onClose: () => void;
}

export function KeysSheet({ title, sheet, onClose }: KeysSheetProps) {
  return (
    <Dialog title={title} open onClose={onClose}>
      {/* With nothing to press in it, it is scrolled by keys from here. */}
      <dl tabIndex={0} aria-label={title} className="grid grid-cols-[auto_1fr] gap-x-5 gap-y-1.5">
        {sheet.map(({ keys, does }) => (
          <div key={keys} className="col-span-2 grid grid-cols-subgrid border-b border-rule pb-1.5">
            <dt className="font-semibold">{keys}</dt>
            <dd>{does}</dd>
          </div>
        ))}
      </dl>
    </Dialog>
  );
}
