/** How questions did: how hard each was, how well it told strong from weak, and all of them together. */
import type { SetFigures } from '@gobrel/core/questions';
import { Table } from '../ui';
import { words } from '../messages';

interface QuestionFiguresProps {
  readonly figures: SetFigures;
  /** What a question is called. */
  readonly nameOf: (itemId: string) => string;
}

export function QuestionFigures({ figures: { items, alpha, says, caution }, nameOf }: QuestionFiguresProps) {
  if (items.length === 0) return null;
  const rounded = (value: number | null) => (value === null ? '–' : value.toFixed(2));
  return (
    <section className="mt-6" aria-label={words.board.figures}>
      <h2 className="text-lg">{words.board.figures}</h2>
      {caution ? <p className="font-semibold text-amber">{caution}</p> : null}
      <p className="mb-2">
        {words.board.alpha}: <strong className="tabular-nums">{rounded(alpha)}</strong>. {says}
      </p>
      <Table
        caption={words.board.figures}
        rows={items}
        rowKey={({ itemId }) => itemId}
        columns={[
          { id: 'question', name: words.board.question, cell: ({ itemId }) => nameOf(itemId) },
          {
            id: 'facility',
            name: words.board.facility,
            cell: ({ facility }) => (facility === null ? '–' : `${Math.round(facility * 100)} %`),
            narrow: true,
          },
          {
            id: 'discrimination',
            name: words.board.discrimination,
            cell: ({ discrimination }) => rounded(discrimination),
            narrow: true,
          },
          { id: 'says', name: words.board.means, cell: (row) => row.says },
        ]}
      />
    </section>
  );
}
