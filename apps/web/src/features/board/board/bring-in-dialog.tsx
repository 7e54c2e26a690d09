/** Work files of students brought into a lesson: read, given to whom they are from, and what came of each. */
import type { BroughtWork, LessonView } from '@gobrel/contract';
import type { WorkFile } from '@gobrel/core/formats';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { ask, lessonQuery, messageOf } from '../../../shared/api';
import { messages } from '../../../shared/messages';
import { Button, Dialog, DialogActions, FileButton, Select } from '../../../shared/ui';
import { type ChosenFile, keyFor, readChosen } from './work-files';

/** What came of a file; `null` while nothing did. */
type Outcome = { readonly brought: BroughtWork } | { readonly trouble: string } | null;

/** A file in the dialog, with whose line of the board it goes to; '' for nobody's. */
interface Line extends ChosenFile {
  readonly key: string;
  readonly outcome: Outcome;
}

export function BringInDialog({ lesson, onClose }: { lesson: LessonView; onClose: () => void }) {
  const says = messages.workFiles;
  const queries = useQueryClient();
  const [lines, setLines] = useState<readonly Line[]>([]);
  const set = (fileName: string, change: Partial<Line>) =>
    setLines((before) => before.map((line) => (line.fileName === fileName ? { ...line, ...change } : line)));
  const choose = async (files: readonly File[]) => {
    const chosen = await readChosen(files);
    const names = new Set(chosen.map(({ fileName }) => fileName));
    setLines((before) => [
      ...before.filter(({ fileName }) => !names.has(fileName)),
      ...chosen.map((one) => ({
        ...one,
        key: 'file' in one.read ? keyFor(one.read.file.name, lesson.participants) : '',
        outcome: null,
      })),
    ]);
  };
  const ready = lines.filter(({ read, key, outcome }) => 'file' in read && key !== '' && outcome === null);
  const bring = useMutation({
    mutationFn: async () => {
      // One after the other: several may be of one student.
      for (const { fileName, key, read } of ready) {
        if (!('file' in read)) continue;
        const outcome = await ask<BroughtWork>('POST', `/lessons/${lesson.id}/works`, {
          key,
          work: read.file.work,
        }).then(
          (brought) => ({ brought }),
          (error: unknown) => ({ trouble: messageOf(error) }),
        );
        set(fileName, { outcome });
      }
    },
    onSettled: () => queries.invalidateQueries({ queryKey: lessonQuery(lesson.id).queryKey }),
  });
  return (
    <Dialog title={says.bringIn} open onClose={onClose} wide>
      <p className="mb-3">{says.bringInText}</p>
      <FileButton
        name={says.choose}
        accept=".json,application/json"
        several
        onFile={(_first, all) => void choose(all)}
      />
      {lines.length === 0 ? null : (
        <ul aria-label={says.files} className="mt-4 border-t border-rule">
          {lines.map((line) => (
            <FileLine
              key={line.fileName}
              line={line}
              lesson={lesson}
              disabled={bring.isPending}
              onKey={(key) => set(line.fileName, { key, outcome: null })}
            />
          ))}
        </ul>
      )}
      <DialogActions>
        <Button onClick={onClose}>
          {ready.length === 0 && lines.length > 0 ? messages.common.close : messages.common.cancel}
        </Button>
        <Button look="main" disabled={ready.length === 0 || bring.isPending} onClick={() => bring.mutate()}>
          {says.bring({ count: ready.length })}
        </Button>
      </DialogActions>
    </Dialog>
  );
}

interface FileLineProps {
  readonly line: Line;
  readonly lesson: LessonView;
  readonly disabled: boolean;
  readonly onKey: (key: string) => void;
}

function FileLine({ line: { fileName, key, read, outcome }, lesson, disabled, onKey }: FileLineProps) {
  const says = messages.workFiles;
  return (
    <li className="flex flex-wrap items-center gap-x-3 gap-y-1 border-b border-rule py-2">
      <span className="min-w-52 flex-1 wrap-anywhere">
        <strong>{'file' in read && read.file.name !== '' ? read.file.name : fileName}</strong>
        <span className="block text-sm text-soft">{'file' in read ? factsOf(read.file) : says.faults[read.fault]}</span>
      </span>
      {'file' in read && outcome === null ? (
        <Select
          bare
          label={says.whose({ file: fileName })}
          value={key}
          options={[
            { value: '', name: says.nobody },
            ...lesson.participants.map((line) => ({ value: line.key, name: line.name })),
          ]}
          onChange={(next) => (disabled ? undefined : onKey(next))}
        />
      ) : null}
      <span role="status" className="basis-full text-sm">
        {outcome === null ? null : 'trouble' in outcome ? (
          <span className="text-berry">{outcome.trouble}</span>
        ) : (
          says.brought({ name: lesson.participants.find((line) => line.key === key)?.name ?? '', ...outcome.brought })
        )}
      </span>
    </li>
  );
}

function factsOf({ title, savedAt }: WorkFile): string {
  const says = messages.workFiles;
  return savedAt === 0 ? title : says.facts({ title, at: new Date(savedAt) });
}
