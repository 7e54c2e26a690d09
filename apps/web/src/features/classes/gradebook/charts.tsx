/** Charts of the gradebook: a student over the lessons, and how the class did in one. */
import { type GradedLesson, shareOf, spreadOf, meanOfLesson } from '@gobrel/core/review';
import { Bar, BarChart, CartesianGrid, Legend, Line, LineChart, ResponsiveContainer, XAxis, YAxis } from 'recharts';
import { messages } from '../../../shared/messages';

const HEIGHT = 220;
const axis = { stroke: 'var(--soft)', tick: { fill: 'var(--soft)', fontSize: 13 } } as const;

/** The beginning of a title, where there is no room for all of it. */
function short(title: string): string {
  return title.length > 14 ? `${title.slice(0, 13)}…` : title;
}

interface StudentChartProps {
  readonly lessons: readonly GradedLesson[];
  readonly student: { readonly id: string; readonly name: string };
}

export function StudentChart({ lessons, student }: StudentChartProps) {
  const says = messages.gradebook;
  const percent = (share: number | null) => (share === null ? null : Math.round(share * 100));
  const data = lessons.map((lesson) => ({
    title: lesson.title,
    own: percent(shareOf(lesson.results[student.id])),
    all: percent(meanOfLesson(lesson)),
  }));
  const told = data.map(({ title, own }) => `${title}: ${own === null ? says.missing : `${own} %`}`).join(', ');
  return (
    <figure className="min-w-0 rounded-md border border-rule bg-card p-4">
      <figcaption className="mb-2 font-display text-lg font-bold">{says.overTime({ name: student.name })}</figcaption>
      <div role="img" aria-label={told}>
        <ResponsiveContainer width="100%" height={HEIGHT}>
          <LineChart data={data} margin={{ left: -16, right: 16 }} accessibilityLayer={false}>
            <CartesianGrid stroke="var(--rule)" vertical={false} />
            <XAxis dataKey="title" interval={0} tickFormatter={short} padding={{ left: 40, right: 40 }} {...axis} />
            <YAxis domain={[0, 100]} unit=" %" width={64} {...axis} />
            <Legend />
            <Line
              name={says.classAverage}
              dataKey="all"
              stroke="var(--soft)"
              strokeDasharray="4 4"
              isAnimationActive={false}
              connectNulls
            />
            <Line
              name={student.name}
              dataKey="own"
              stroke="var(--tide)"
              strokeWidth={3}
              dot={{ r: 5, fill: 'var(--tide)' }}
              isAnimationActive={false}
              connectNulls
            />
          </LineChart>
        </ResponsiveContainer>
      </div>
    </figure>
  );
}

export function LessonChart({ lesson }: { lesson: GradedLesson }) {
  const says = messages.gradebook;
  const data = spreadOf(lesson).map((students, at) => ({ share: says.fifths[at] ?? '', students }));
  const told = data.map(({ share, students }) => `${share}: ${students}`).join(', ');
  return (
    <figure className="min-w-0 rounded-md border border-rule bg-card p-4">
      <figcaption className="mb-2 font-display text-lg font-bold">{says.spreadOf({ lesson: lesson.title })}</figcaption>
      <div role="img" aria-label={told}>
        <ResponsiveContainer width="100%" height={HEIGHT}>
          <BarChart data={data} margin={{ left: -24, right: 8 }} accessibilityLayer={false}>
            <CartesianGrid stroke="var(--rule)" vertical={false} />
            <XAxis dataKey="share" {...axis} />
            <YAxis allowDecimals={false} {...axis} />
            <Bar name={says.students} dataKey="students" fill="var(--tide)" isAnimationActive={false} />
          </BarChart>
        </ResponsiveContainer>
      </div>
    </figure>
  );
}
