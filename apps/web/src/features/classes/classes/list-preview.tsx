/** What was understood of a class list, line by line, before anything is made of it. */
import type { ClassList, ListedLine, SecondColumn } from '@gobrel/core/formats';
import { Choose } from '../../../shared/ui';
import { messages } from '../../../shared/messages';

interface PreviewProps {
  readonly list: ClassList;
  /** Says what the second column is. */
  readonly onSay: (second: SecondColumn) => void;
}

export function ListPreview({ list: { lines, second }, onSay }: PreviewProps) {
  const says = messages.classList;
  return (
    <section aria-label={says.preview} className="flex min-w-0 flex-col gap-2">
      <h3 className="font-sans text-base font-semibold">{says.preview}</h3>
      {second === null ? null : (
        <Choose
          label={says.second}
          value={second}
          options={(['group', 'first-name'] as const).map((value) => ({ value, name: says.seconds[value] }))}
          onChange={onSay}
        />
      )}
      {/* Scrolls, so it can be reached by keys. */}
      <ol tabIndex={0} aria-label={says.lines} className="h-64 overflow-auto rounded-md border border-rule">
        {lines.map((line) => (
          <PreviewLine key={line.line} line={line} />
        ))}
      </ol>
      {lines.length === 0 ? <p className="text-sm text-soft">{says.nothing}</p> : null}
    </section>
  );
}

function PreviewLine({ line: { line, text, student, note } }: { line: ListedLine }) {
  const says = messages.classList;
  return (
    <li className="flex gap-2 border-b border-rule px-2 py-1">
      <span className="w-7 flex-none text-end text-sm tabular-nums text-soft">{line}</span>
      <span className="min-w-0 flex-1 wrap-anywhere">
        {student ? (
          <>
            <strong>{student.name}</strong>
            {student.group ? <span className="text-soft"> · {student.group}</span> : null}
          </>
        ) : (
          <span className="text-soft line-through">{text}</span>
        )}
        {note ? <span className="block text-sm text-amber">{says.notes[note]}</span> : null}
      </span>
    </li>
  );
}
