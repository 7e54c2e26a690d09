/** Saves slides as a file for other programs: as what, and what of them does not fit there. */
import type { Deck } from '@gobrel/core/deck';
import type { NotCarried } from '@gobrel/core/formats';
import { useState } from 'react';
import { NotCarriedList, type SlidesFormat } from '../../../shared/deck-files';
import { fileName, saveBlob } from '../../../shared/downloads';
import { messages } from '../../../shared/messages';
import { Button, Dialog, DialogActions, showToast } from '../../../shared/ui';
import { MakingFoot } from '../making-foot';
import { useMaking } from '../use-making';
import { makeSlidesFile, slidesFiles, type SlidesProgress } from './make-slides-file';

const formats: readonly SlidesFormat[] = ['odp', 'pptx', 'markdown', 'outline'];

export function SlidesFileDialog({ deck, onClose }: { deck: Deck; onClose: () => void }) {
  const says = messages.slidesFile;
  const [format, setFormat] = useState<SlidesFormat>('odp');
  /** The file that was saved with something left behind. */
  const [saved, setSaved] = useState<{ readonly name: string; readonly left: readonly NotCarried[] } | null>(null);
  const making = useMaking<SlidesProgress>();
  const make = () =>
    making.run(async (signal, onProgress) => {
      const written = await makeSlidesFile(deck, format, signal, onProgress);
      const { ending, type } = slidesFiles[format];
      const name = `${fileName(deck.title)}.${ending}`;
      saveBlob(new Blob([written.bytes.slice()], { type }), name);
      if (written.left.length > 0) return setSaved({ name, left: written.left });
      showToast(says.saved({ name }));
      onClose();
    });
  return (
    <Dialog title={says.title} open onClose={onClose}>
      <p className="mb-3">{says.text}</p>
      <fieldset disabled={making.progress !== null}>
        <legend className="mb-1 font-semibold">{says.format}</legend>
        {formats.map((each) => (
          <label key={each} className="flex min-h-control items-start gap-2 py-1">
            <input
              type="radio"
              name="slides-format"
              className="mt-0.5 size-5 flex-none accent-tide"
              checked={format === each}
              onChange={() => {
                setFormat(each);
                setSaved(null);
              }}
            />
            <span>
              <strong>{says.formats[each]}</strong>{' '}
              <span className="block text-sm text-soft">{says.formatHints[each]}</span>
            </span>
          </label>
        ))}
      </fieldset>
      {saved === null ? (
        <MakingFoot
          label={says.title}
          making={making}
          inWords={({ step, done, all }) =>
            step === 'fetching' ? says.fetching({ done, all }) : says.writing({ done, all })
          }
          action={says.save}
          isReady
          onMake={make}
          onClose={onClose}
        />
      ) : (
        <>
          <p role="status" className="mt-3 font-semibold text-tide">
            {says.saved({ name: saved.name })}
          </p>
          <NotCarriedList title={says.left} left={saved.left} />
          <DialogActions>
            <Button look="main" onClick={onClose}>
              {messages.common.close}
            </Button>
          </DialogActions>
        </>
      )}
    </Dialog>
  );
}
