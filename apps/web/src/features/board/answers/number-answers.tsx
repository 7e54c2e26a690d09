/** Numbers along their scale, with the middle half of them, and those far outside. */
import type { NumberItem } from '@gobrel/core/deck';
import { tallyNumbers } from '@gobrel/core/questions';
import { ReferenceArea, ReferenceLine, Scatter, ScatterChart, XAxis, YAxis } from 'recharts';
import { messages } from '../../../shared/messages';
import { AnswersCard, type AnswersProps } from './answers-card';
import { useChartPlace } from './chart-place';

/** Numbers that are the same stand over each other, so many high. */
function stacked(numbers: readonly number[]) {
  const heights = new Map<number, number>();
  return numbers.map((value) => {
    const height = (heights.get(value) ?? 0) + 1;
    heights.set(value, height);
    return { value, height };
  });
}

/** Width and lowest height of the chart, its letters, and the height of each number on another, in CSS pixels. */
const ON_BOARD = { width: 380, height: 70, letters: 14, each: 14, highest: 260 };
const ON_CLASS_SCREEN = { width: 900, height: 160, letters: 28, each: 30, highest: 420 };

export function NumberAnswers({ item, works }: AnswersProps<NumberItem>) {
  const { isLarge, isKeyShown } = useChartPlace();
  const size = isLarge ? ON_CLASS_SCREEN : ON_BOARD;
  const { spread, numbers, unread } = tallyNumbers(item, works);
  const unit = item.units[0]?.name ?? '';
  const inSight = numbers.filter((value) => !spread.outliers.includes(value));
  const dots = stacked(inSight);
  const highest = dots.reduce((most, { height }) => Math.max(most, height), 1);
  const says = (value: number) => [Math.round(value * 100) / 100, unit].join(' ').trim();
  return (
    <AnswersCard item={item} works={works} answered={numbers.length + unread.length}>
      {inSight.length > 0 ? (
        <div aria-hidden>
          <ScatterChart
            accessibilityLayer={false}
            width={size.width}
            height={Math.min(size.highest, size.height + size.each * highest)}
          >
            <XAxis
              type="number"
              dataKey="value"
              domain={['dataMin', 'dataMax']}
              padding={{ left: 16, right: 16 }}
              tick={{ fill: 'var(--ink)', fontSize: size.letters }}
              stroke="var(--edge)"
            />
            <YAxis type="number" dataKey="height" hide domain={[0, highest + 1]} />
            <ReferenceArea x1={spread.lowerQuartile} x2={spread.upperQuartile} fill="var(--dusk)" fillOpacity={0.14} />
            <ReferenceLine x={spread.median} stroke="var(--dusk)" strokeWidth={2} />
            {item.right === null || !isKeyShown ? null : (
              <ReferenceLine x={item.right} stroke="var(--reed)" strokeWidth={3} strokeDasharray="4 3" />
            )}
            <Scatter data={dots} fill="var(--ink)" isAnimationActive={false} />
          </ScatterChart>
        </div>
      ) : null}
      <dl className="grid grid-cols-[auto_minmax(0,1fr)] gap-x-3">
        {spread.count > 0 ? (
          <>
            <dt className="text-soft">{messages.board.middle}</dt>
            <dd>{says(spread.median)}</dd>
            <dt className="text-soft">{messages.board.half}</dt>
            <dd>{messages.board.fromTo({ from: says(spread.lowerQuartile), to: says(spread.upperQuartile) })}</dd>
          </>
        ) : null}
        {spread.outliers.length > 0 ? (
          <>
            <dt className="text-soft">{messages.board.farOut}</dt>
            <dd>{spread.outliers.map(says).join(', ')}</dd>
          </>
        ) : null}
        {unread.length > 0 ? (
          <>
            <dt className="text-soft">{messages.board.noNumber}</dt>
            <dd>{unread.join(', ')}</dd>
          </>
        ) : null}
      </dl>
    </AnswersCard>
  );
}
