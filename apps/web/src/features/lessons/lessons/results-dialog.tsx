/** Results that were saved as a table, looked at again: what everybody earned, and how the questions did. */
import { analyseResults, readResultsCsv, type ResultsTable } from '@gobrel/core/formats';
import { useState } from 'react';
import { QuestionFigures } from '../../../shared/figures';
import { Dialog, FileButton, Table } from '../../../shared/ui';
import { lossInWords, messages } from '../../../shared/messages';

export function ResultsDialog({ onClose }: { onClose: () => void }) {
  const says = messages.exchange;
  const [read, setRead] = useState<ReturnType<typeof readResultsCsv> | null>(null);
  const take = async (chosen: File) => setRead(readResultsCsv(await chosen.text()));
  return (
    <Dialog title={says.resultsTitle} open onClose={onClose} wide>
      <p className="mb-2 text-soft">{says.resultsHint}</p>
      <FileButton name={messages.common.chooseFile} accept=".csv,.txt,text/csv" onFile={(file) => void take(file)} />
      {read && 'why' in read ? (
        <p role="alert" className="mt-3 font-semibold text-berry">
          {lossInWords(read.why)}
        </p>
      ) : null}
      {read && 'table' in read ? <Results table={read.table} /> : null}
    </Dialog>
  );
}

function Results({ table }: { table: ResultsTable }) {
  const rows = table.rows.map(({ student, points }, at) => ({
    id: String(at),
    student,
    points: points.reduce<number>((sum, each) => sum + (each ?? 0), 0),
    // What was not marked yet has no points, and is not counted.
    outOf: points.reduce<number>(
      (sum, each, place) => sum + (each === null ? 0 : (table.questions[place]?.outOf ?? 0)),
      0,
    ),
  }));
  return (
    <>
      <QuestionFigures figures={analyseResults(table)} nameOf={(place) => table.questions[Number(place)]?.name ?? ''} />
      <div className="mt-6">
        <Table
          caption={messages.exchange.resultsTitle}
          rows={rows}
          rowKey={({ id }) => id}
          columns={[
            { id: 'student', name: messages.board.student, cell: ({ student }) => student },
            {
              id: 'points',
              name: messages.board.marks,
              cell: ({ points, outOf }) => `${points}/${outOf}`,
              narrow: true,
            },
          ]}
        />
      </div>
    </>
  );
}
