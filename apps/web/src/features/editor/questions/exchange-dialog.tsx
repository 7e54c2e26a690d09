/** Taking a deck's questions out into a file, and bringing questions in: what has no counterpart is said before and after. */
import type { SlideId } from '@gobrel/core/deck';
import { draftsOf, missedBeside, type NotCarried, writeQtiPackage, writeQuestionsCsv } from '@gobrel/core/formats';
import { Download } from 'lucide-react';
import { useMemo, useState } from 'react';
import { saveBlob, saveText } from '../../../shared/downloads';
import { Button, Dialog, Tabs, showToast } from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import type { Editing } from '../state/editing';
import { BringQuestionsIn } from './bring-questions-in';
import { NotCarriedList, writePackage } from '../../../shared/deck-files';

interface ExchangeDialogProps {
  readonly editing: Editing;
  readonly slideId: SlideId;
  readonly onGo: (slideId: SlideId) => void;
  readonly onClose: () => void;
}

export function ExchangeDialog({ editing, slideId, onGo, onClose }: ExchangeDialogProps) {
  const says = messages.exchange;
  return (
    <Dialog title={says.title} open onClose={onClose} wide>
      <Tabs
        label={says.title}
        tabs={[
          {
            id: 'in',
            name: says.bringIn,
            content: <BringQuestionsIn editing={editing} slideId={slideId} onGo={onGo} onClose={onClose} />,
          },
          { id: 'out', name: says.takeOut, content: <TakeQuestionsOut editing={editing} /> },
        ]}
      />
    </Dialog>
  );
}

function TakeQuestionsOut({ editing: { deck } }: { editing: Editing }) {
  const says = messages.exchange;
  const [busy, setBusy] = useState(false);
  const [after, setAfter] = useState<readonly NotCarried[] | null>(null);
  const drafts = useMemo(() => draftsOf(deck), [deck]);
  const table = useMemo(() => writeQuestionsCsv(drafts), [drafts]);
  const beside = useMemo(() => missedBeside(deck), [deck]);
  // Known before: with every picture there, what the standard has no counterpart for.
  const before = useMemo(() => writeQtiPackage(drafts, stubs(drafts)).left, [drafts]);
  const name = (ending: string) => `${deck.title}.${ending}`;
  const take = async () => {
    setBusy(true);
    try {
      const { bytes, left } = await writePackage(deck);
      saveBlob(new Blob([bytes.slice()], { type: 'application/zip' }), name('zip'));
      setAfter(left);
    } catch {
      showToast(says.notWritten, { tone: 'trouble' });
    } finally {
      setBusy(false);
    }
  };
  if (drafts.length === 0) return <p className="py-4">{says.none}</p>;
  return (
    <div className="grid gap-6 py-3 sm:grid-cols-2">
      <section>
        <h3 className="text-lg">{says.qti}</h3>
        <p className="mb-2 text-soft">{says.qtiHint}</p>
        <Button disabled={busy} onClick={() => void take()}>
          <Download size={18} aria-hidden /> {busy ? says.writing : says.takeQti}
        </Button>
        <NotCarriedList title={after ? says.leftAfter : says.leftBefore} left={[...(after ?? before), ...beside]} />
      </section>
      <section>
        <h3 className="text-lg">{says.csv}</h3>
        <p className="mb-2 text-soft">{says.csvHint}</p>
        <Button disabled={table.written === 0} onClick={() => saveText(table.csv, 'text/csv', name('csv'))}>
          <Download size={18} aria-hidden /> {says.takeCsv({ count: table.written })}
        </Button>
        <NotCarriedList title={says.leftBefore} left={[...table.left, ...beside]} />
      </section>
    </div>
  );
}

/** Empty pictures in place of all that are shown, to find what would be missing in any case. */
function stubs(drafts: ReturnType<typeof draftsOf>) {
  return new Map(
    drafts.flatMap((draft) => {
      const id = draft.kind === 'point' || draft.kind === 'draw' ? draft.fields.picture : '';
      return id ? [[id, { bytes: new Uint8Array(), type: 'image/png', width: 1, height: 1 }] as const] : [];
    }),
  );
}
