/** What was deleted: decks, lessons and classes, to be restored while they are kept, or removed for good. */
import { type BinKind, type BinView, DAYS_IN_BIN } from '@gobrel/contract';
import { useQuery } from '@tanstack/react-query';
import { Trash2, Undo2 } from 'lucide-react';
import { useState } from 'react';
import { binQuery, messageOf } from '../../../shared/api';
import { useBin } from '../../../shared/bin';
import { messages } from '../../../shared/messages';
import { Button, ConfirmDialog, Empty, Failing, IconButton, Loading } from '../../../shared/ui';

/** A line of the bin. */
interface Line {
  readonly kind: BinKind;
  readonly id: string;
  readonly title: string;
  /** What is known of it, in a sentence. */
  readonly facts: string;
}

export function Bin() {
  const says = messages.bin;
  const bin = useQuery(binQuery);
  const { restore, purge, empty } = useBin();
  const [asked, setAsked] = useState<Line | 'all' | null>(null);
  if (bin.isPending) return <Loading what={says.title} />;
  if (bin.isError) return <Failing message={messageOf(bin.error)} onRetry={() => void bin.refetch()} />;
  const groups = groupsOf(bin.data);
  if (groups.length === 0)
    return <Empty icon={Trash2} title={says.empty} text={says.emptyText({ days: DAYS_IN_BIN })} />;
  const close = () => setAsked(null);
  return (
    <div className="max-w-3xl">
      <div className="mb-4 flex flex-wrap items-center justify-between gap-3">
        <p className="text-soft">{says.kept({ days: DAYS_IN_BIN })}</p>
        <Button onClick={() => setAsked('all')}>
          <Trash2 size={18} aria-hidden /> {says.emptyBin}
        </Button>
      </div>
      {groups.map(({ kind, lines }) => (
        <section key={kind} className="mb-6" aria-labelledby={`bin-${kind}`}>
          <h2 id={`bin-${kind}`} className="mb-1 text-xl">
            {says.kinds[kind]}
          </h2>
          <ul className="border-t border-rule">
            {lines.map((line) => (
              <li key={line.id} className="flex items-center gap-2 border-b border-rule py-1.5">
                <span className="min-w-0 flex-1">
                  <strong className="block wrap-anywhere">{line.title}</strong>
                  <span className="text-sm text-soft">{line.facts}</span>
                </span>
                <Button
                  aria-label={says.restoreThis({ title: line.title })}
                  disabled={restore.isPending}
                  onClick={() => restore.mutate([line])}
                >
                  <Undo2 size={18} aria-hidden /> {says.restore}
                </Button>
                <IconButton name={says.purgeThis({ title: line.title })} onClick={() => setAsked(line)}>
                  <Trash2 size={18} aria-hidden />
                </IconButton>
              </li>
            ))}
          </ul>
        </section>
      ))}
      {asked === 'all' ? (
        <ConfirmDialog
          title={says.emptyTitle({ count: groups.reduce((sum, { lines }) => sum + lines.length, 0) })}
          action={says.emptyBin}
          isPending={empty.isPending}
          onConfirm={() => empty.mutate(undefined, { onSettled: close })}
          onClose={close}
        >
          {says.purgeText.all}
        </ConfirmDialog>
      ) : asked ? (
        <ConfirmDialog
          title={says.purgeTitle({ title: asked.title })}
          action={says.purge}
          isPending={purge.isPending}
          onConfirm={() => purge.mutate(asked, { onSettled: close })}
          onClose={close}
        >
          {says.purgeText[asked.kind]}
        </ConfirmDialog>
      ) : null}
    </div>
  );
}

/** The kinds of which there is anything, with their lines. */
function groupsOf({
  decks,
  lessons,
  classes,
}: BinView): readonly { readonly kind: BinKind; readonly lines: readonly Line[] }[] {
  const says = messages.bin;
  const groups: { readonly kind: BinKind; readonly lines: readonly Line[] }[] = [
    {
      kind: 'decks',
      lines: decks.map(({ id, title, slideCount, deletedAt, goneAt }) => ({
        kind: 'decks',
        id,
        title,
        facts: says.deckFacts({ slides: slideCount, deletedAt, goneAt }),
      })),
    },
    {
      kind: 'lessons',
      lines: lessons.map(({ id, title, className, openedAt, deletedAt, goneAt }) => ({
        kind: 'lessons',
        id,
        title,
        facts: says.lessonFacts({ whose: className || messages.lessons.withAnybody, openedAt, deletedAt, goneAt }),
      })),
    },
    {
      kind: 'classes',
      lines: classes.map(({ id, name, students, lessons: withIt, deletedAt, goneAt }) => ({
        kind: 'classes',
        id,
        title: name,
        facts: says.classFacts({ students, lessons: withIt, deletedAt, goneAt }),
      })),
    },
  ];
  return groups.filter(({ lines }) => lines.length > 0);
}
