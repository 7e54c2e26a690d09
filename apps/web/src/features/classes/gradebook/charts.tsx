/** Charts of the gradebook: how the class did in a lesson, and a student over the lessons. */
import { type GradedLesson, shareOf, spreadOf, meanOfLesson } from '@gobrel/core/review';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import {
  Bar,
  BarChart,
  CartesianGrid,
  LabelList,
  Legend,
  Line,
  LineChart,
  ResponsiveContainer,
  Tooltip,
  XAxis,
  YAxis,
} from 'recharts';
import { buttonClasses } from '../../../shared/ui';
import { messages, percent } from '../../../shared/messages';
import type { BookStudent } from './book-order';

const HEIGHT = 200;
const axis = { stroke: 'var(--soft)', tick: { fill: 'var(--soft)', fontSize: 13 } } as const;

interface FigureProps {
  readonly title: string;
  /** What the chart shows, in words; `null` where there is nothing to show yet. */
  readonly told: string | null;
  /** Why there is nothing to show. */
  readonly none: string;
  readonly beside?: ReactNode;
  /** The chart. */
  readonly children: ReactNode;
}

function Figure({ title, told, none, beside, children }: FigureProps) {
  return (
    <figure className="min-w-0 rounded-md border border-rule bg-card p-3">
      <div className="mb-2 flex items-start justify-between gap-2">
        <figcaption className="font-display font-bold">{title}</figcaption>
        {beside}
      </div>
      {told === null ? (
        <p className="flex items-center justify-center px-4 text-center text-soft" style={{ height: HEIGHT }}>
          {none}
        </p>
      ) : (
        <div role="img" aria-label={told}>
          {children}
        </div>
      )}
    </figure>
  );
}

export function LessonChart({ lesson }: { lesson: GradedLesson }) {
  const says = messages.gradebook;
  const data = spreadOf(lesson).map((students, at) => ({ share: says.fifths[at] ?? '', students }));
  const counted = data.reduce((sum, { students }) => sum + students, 0);
  const told = counted === 0 ? null : data.map(({ share, students }) => `${share}: ${students}`).join(', ');
  return (
    <Figure
      title={says.spreadOf({ lesson: lesson.title })}
      told={told}
      none={says.noScores}
      beside={
        <Link to={`/lessons/${lesson.id}`} className={buttonClasses('plain', 'flex-none text-sm')}>
          {says.openLesson}
        </Link>
      }
    >
      <ResponsiveContainer width="100%" height={HEIGHT}>
        <BarChart data={data} margin={{ top: 18, left: 0, right: 0 }} accessibilityLayer={false}>
          <XAxis dataKey="share" interval={0} {...axis} tick={{ fill: 'var(--soft)', fontSize: 12 }} />
          <Bar name={says.students} dataKey="students" fill="var(--tide)" isAnimationActive={false}>
            <LabelList
              dataKey="students"
              position="top"
              fill="var(--ink)"
              fontSize={13}
              formatter={(students) => (students === 0 ? '' : students)}
            />
          </Bar>
        </BarChart>
      </ResponsiveContainer>
      <p className="text-center text-sm text-soft">{says.spreadHint({ count: counted })}</p>
    </Figure>
  );
}

interface StudentChartProps {
  readonly lessons: readonly GradedLesson[];
  /** Whose scores are shown; only the class's where nobody is picked. */
  readonly student: BookStudent | undefined;
}

export function StudentChart({ lessons, student }: StudentChartProps) {
  const says = messages.gradebook;
  const whole = (share: number | null) => (share === null ? null : Math.round(share * 100));
  const data = lessons.map((lesson) => ({
    id: lesson.id,
    title: lesson.title,
    own: student ? whole(shareOf(lesson.results[student.id])) : null,
    all: whole(meanOfLesson(lesson)),
  }));
  const titleOf = new Map(lessons.map(({ id, title }) => [id, title]));
  const dayOf = new Map(lessons.map(({ id, openedAt }) => [id, says.day({ at: openedAt })]));
  const shown = data.map(({ title, own, all }) => ({ title, share: student ? own : all }));
  const told = shown.every(({ share }) => share === null)
    ? null
    : shown.map(({ title, share }) => `${title}: ${share === null ? says.missing : percent(share / 100)}`).join(', ');
  return (
    <Figure
      title={student ? says.overTime({ name: student.name }) : says.classOverTime}
      told={told}
      none={says.noScores}
    >
      <ResponsiveContainer width="100%" height={HEIGHT}>
        <LineChart data={data} margin={{ top: 8, left: -20, right: 12 }} accessibilityLayer={false}>
          <CartesianGrid stroke="var(--rule)" vertical={false} />
          <XAxis
            dataKey="id"
            interval="preserveStartEnd"
            minTickGap={8}
            tickFormatter={(id: string) => dayOf.get(id) ?? ''}
            padding={{ left: 20, right: 20 }}
            {...axis}
          />
          <YAxis
            domain={[0, 100]}
            ticks={[0, 50, 100]}
            tickFormatter={(value: number) => percent(value / 100)}
            {...axis}
          />
          <Tooltip
            isAnimationActive={false}
            contentStyle={{ background: 'var(--card)', border: '1px solid var(--edge)', borderRadius: 6 }}
            labelFormatter={(id) => titleOf.get(String(id)) ?? ''}
            formatter={(value) => percent(Number(value) / 100)}
          />
          <Legend iconType="plainline" />
          <Line
            name={says.classAverage}
            dataKey="all"
            stroke="var(--soft)"
            strokeDasharray="4 4"
            dot={{ r: 3, fill: 'var(--soft)', strokeDasharray: 'none' }}
            isAnimationActive={false}
            connectNulls
          />
          {student ? (
            <Line
              name={student.name}
              dataKey="own"
              stroke="var(--tide)"
              strokeWidth={3}
              dot={{ r: 5, fill: 'var(--tide)' }}
              isAnimationActive={false}
              connectNulls
            />
          ) : null}
        </LineChart>
      </ResponsiveContainer>
    </Figure>
  );
}
