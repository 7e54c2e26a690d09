/** How questions did: how hard each was, how well it told strong from weak, and all of them together. */
import type { ItemReading, SetFigures } from '@gobrel/core/questions';
import { Table } from '../ui';
import { messages } from '../messages';

interface QuestionFiguresProps {
  readonly figures: SetFigures;
  /** What a question is called. */
  readonly nameOf: (itemId: string) => string;
}

export function QuestionFigures({
  figures: { items, students, alpha, reliability, caution },
  nameOf,
}: QuestionFiguresProps) {
  if (items.length === 0) return null;
  const rounded = (value: number | null) => (value === null ? '–' : value.toFixed(2));
  return (
    <section className="mt-6" aria-label={messages.figures.title}>
      <h2 className="text-lg">{messages.figures.title}</h2>
      {caution ? <p className="font-semibold text-amber">{messages.figures.caution[caution]({ students })}</p> : null}
      <p className="mb-2">
        {messages.figures.alpha}: <strong className="tabular-nums">{rounded(alpha)}</strong>.{' '}
        {messages.figures.reliability[reliability]}
      </p>
      <Table
        caption={messages.figures.title}
        rows={items}
        rowKey={({ itemId }) => itemId}
        columns={[
          { id: 'question', name: messages.figures.question, cell: ({ itemId }) => nameOf(itemId) },
          {
            id: 'facility',
            name: messages.figures.facility,
            cell: ({ facility }) => (facility === null ? '–' : `${Math.round(facility * 100)} %`),
            narrow: true,
          },
          {
            id: 'discrimination',
            name: messages.figures.discrimination,
            cell: ({ discrimination }) => rounded(discrimination),
            narrow: true,
          },
          { id: 'says', name: messages.figures.means, cell: ({ reading }) => readingInWords(reading) },
        ]}
      />
    </section>
  );
}

/** What the figures of a question say. */
function readingInWords(reading: ItemReading | null): string {
  const { difficulty, noAnswer, power } = messages.figures;
  return reading ? power[reading.power]({ difficulty: difficulty[reading.difficulty] }) : noAnswer;
}
