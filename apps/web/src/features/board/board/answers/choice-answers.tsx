/** How often each choice of a question was picked. */
import type { ChoiceItem } from '@gobrel/core/deck';
import { tallyChoice } from '@gobrel/core/questions';
import { Bar, BarChart, Cell, LabelList, XAxis, YAxis } from 'recharts';
import { Table } from '../../../../shared/ui';
import { messages } from '../../../../shared/messages';
import { AnswersCard, type AnswersProps } from './answers-card';

export function ChoiceAnswers({ item, works }: AnswersProps<ChoiceItem>) {
  const tally = tallyChoice(item, works);
  const rows = tally.choices.map((choice) => ({ ...choice, label: `${choice.letter}${choice.right ? ' ✓' : ''}` }));
  return (
    <AnswersCard item={item} works={works} answered={tally.answered}>
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
        caption={item.prompt}
        rows={tally.choices}
        rowKey={(choice) => choice.id}
        columns={[
          { id: 'choice', name: messages.board.choice, cell: (choice) => `${choice.letter} ${choice.text}` },
          { id: 'key', name: messages.board.key, cell: (choice) => (choice.right ? messages.board.states.right : '') },
          { id: 'count', name: messages.board.picked, cell: (choice) => choice.count, narrow: true },
        ]}
      />
    </AnswersCard>
  );
}
