/** Takes a lesson along as one file, and says what is in it and how far it is. */
import type { LessonView } from '@gobrel/contract';
import { useSurroundings } from '@gobrel/slide-view';
import { useState } from 'react';
import { fileName, saveBlob } from '../../../shared/downloads';
import { messages } from '../../../shared/messages';
import { Choose, Dialog, showToast } from '../../../shared/ui';
import { MakingFoot } from '../making-foot';
import type { PaperProgress } from '../paper/make-paper';
import { useMaking } from '../use-making';
import { makeLessonFile, type PagesChoice } from './make-lesson-file';

export function LessonFileDialog({ lesson, onClose }: { lesson: LessonView; onClose: () => void }) {
  const says = messages.lessonFile;
  const surroundings = useSurroundings();
  const [pages, setPages] = useState<PagesChoice>('together');
  const making = useMaking<PaperProgress>();
  const make = () =>
    making.run(async (signal, onProgress) => {
      const zip = await makeLessonFile({ lesson, pages, surroundings, signal, onProgress });
      const name = `${fileName([lesson.title, lesson.className].filter(Boolean).join(', '))}.zip`;
      saveBlob(new Blob([zip], { type: 'application/zip' }), name);
      showToast(messages.exporting.saved({ name }));
      onClose();
    });
  return (
    <Dialog title={says.title} open onClose={onClose}>
      <dl className="mb-4 divide-y divide-rule border-y border-rule">
        {(['pages', 'results', 'deck', 'data'] as const).map((part) => (
          <div key={part} className="py-2">
            <dt className="font-semibold">{says[part]}</dt>
            <dd className="text-sm text-soft">{says.hints[part]}</dd>
          </div>
        ))}
      </dl>
      <fieldset disabled={making.progress !== null}>
        <legend className="mb-1 font-semibold">{says.pages}</legend>
        <Choose
          label={says.pages}
          value={pages}
          options={(['together', 'apart'] as const).map((value) => ({ value, name: says.choices[value] }))}
          onChange={setPages}
        />
      </fieldset>
      <MakingFoot
        label={says.title}
        making={making}
        inWords={({ step, done, all }) => messages.paper.making({ step, done, all })}
        action={says.save}
        isReady
        onMake={make}
        onClose={onClose}
      />
    </Dialog>
  );
}
