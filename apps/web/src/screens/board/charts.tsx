/** A bar chart of each choice question. */
import type { LessonMarks } from '@gobrel/contract';
import { type ChoiceItem, type Deck, itemsOf, slidesInOrder } from '@gobrel/core/deck';
import { tallyChoice } from '@gobrel/core/questions';
import { useMemo } from 'react';
import { Bar, BarChart, Cell, LabelList, XAxis, YAxis } from 'recharts';
import { Empty, Table } from '../../ui';
import { words } from '../../words';

export function Charts({ edition, marks }: { edition: Deck; marks: LessonMarks }) {
  const questions = useMemo(
    () =>
      slidesInOrder(edition)
        .flatMap((slide) => itemsOf(edition, slide.id))
        .filter((item): item is ChoiceItem => item.kind === 'choice'),
    [edition],
  );
  const works = useMemo(() => Object.values(marks).map((entry) => entry.work), [marks]);
  if (questions.length === 0) return <Empty title={words.board.noChoices} />;
  return (
    <div className="grid gap-6 xl:grid-cols-2">
      {questions.map((question) => (
        <ChoiceChart key={question.id} question={question} works={works} />
      ))}
    </div>
  );
}

function ChoiceChart({ question, works }: { question: ChoiceItem; works: Parameters<typeof tallyChoice>[1] }) {
  const tally = tallyChoice(question, works);
  const rows = tally.choices.map((choice) => ({ ...choice, label: `${choice.letter}${choice.right ? ' ✓' : ''}` }));
  return (
    <figure className="rounded-md border border-rule bg-card p-4">
      <figcaption className="mb-2">
        <span className="block font-display text-lg font-bold">{question.prompt}</span>
        <span className="text-sm text-soft">{words.board.answered(tally.answered)}</span>
      </figcaption>
      <div aria-hidden>
        <BarChart
          accessibilityLayer={false}
          width={360}
          height={46 * rows.length + 10}
          data={rows}
          layout="vertical"
          margin={{ right: 34, left: 0 }}
        >
          <XAxis type="number" hide domain={[0, Math.max(1, tally.answered)]} />
          <YAxis
            type="category"
            dataKey="label"
            width={46}
            tickLine={false}
            axisLine={false}
            tick={{ fill: 'var(--ink)', fontSize: 15, fontWeight: 700 }}
          />
          <Bar dataKey="count" isAnimationActive={false} barSize={26} radius={3}>
            {rows.map((row) => (
              <Cell key={row.id} fill={row.right ? 'var(--reed)' : 'var(--edge)'} />
            ))}
            <LabelList dataKey="count" position="right" fill="var(--ink)" />
          </Bar>
        </BarChart>
      </div>
      <Table
        caption={question.prompt}
        rows={tally.choices}
        rowKey={(choice) => choice.id}
        columns={[
          { id: 'choice', name: words.board.choice, cell: (choice) => `${choice.letter} ${choice.text}` },
          { id: 'key', name: words.board.key, cell: (choice) => (choice.right ? words.board.states.right : '') },
          { id: 'count', name: words.board.picked, cell: (choice) => choice.count, narrow: true },
        ]}
      />
    </figure>
  );
}
