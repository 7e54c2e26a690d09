/** Saves slides as pictures: which of them, in which format, how wide. */
import { type Deck, type SlideId, slidesInOrder } from '@gobrel/core/deck';
import { useSurroundings } from '@gobrel/slide-view';
import { useState } from 'react';
import { saveBlob } from '../../../shared/downloads';
import { messages, slideName } from '../../../shared/messages';
import { Choose, Dialog, Select, showToast } from '../../../shared/ui';
import { MakingFoot } from '../making-foot';
import { useMaking } from '../use-making';
import { makePictures, type PictureFormat } from './make-pictures';

/** Widths of PNG, in pixels. */
const widths = ['1280', '1920', '3840'] as const;

interface PicturesDialogProps {
  readonly deck: Deck;
  /** The slides that are chosen. */
  readonly chosen: readonly SlideId[];
  readonly onClose: () => void;
}

export function PicturesDialog({ deck, chosen, onClose }: PicturesDialogProps) {
  const says = messages.pictures;
  const surroundings = useSurroundings();
  const [which, setWhich] = useState<'all' | 'chosen'>('all');
  const [format, setFormat] = useState<PictureFormat>('png');
  const [width, setWidth] = useState<string>('1920');
  const making = useMaking<{ readonly done: number; readonly all: number }>();
  const all = slidesInOrder(deck).map(({ id }) => id);
  const slideIds = which === 'all' ? all : all.filter((id) => chosen.includes(id));
  const [first] = chosen;
  const make = () =>
    making.run(async (signal, onProgress) => {
      const onDone = (done: number) => onProgress({ done, all: slideIds.length });
      onDone(0);
      const made = await makePictures({ deck, slideIds, format, width: Number(width), surroundings, signal, onDone });
      saveBlob(made.blob, made.name);
      showToast(messages.exporting.saved({ name: made.name }));
      onClose();
    });
  return (
    <Dialog title={says.title} open onClose={onClose}>
      <fieldset disabled={making.progress !== null} className="flex flex-col gap-3">
        <Choose
          label={says.which}
          value={which}
          options={[
            { value: 'all', name: says.all({ count: all.length }) },
            {
              value: 'chosen',
              name: chosen.length > 1 || !first ? says.chosen({ count: chosen.length }) : slideName(deck, first),
            },
          ]}
          onChange={setWhich}
        />
        <Choose
          label={says.format}
          value={format}
          options={[
            { value: 'png', name: 'PNG' },
            { value: 'svg', name: 'SVG' },
          ]}
          onChange={setFormat}
        />
        <p className="text-sm text-soft">{says.about({ format })}</p>
        {format === 'png' ? (
          <Select
            label={says.width}
            value={width}
            options={widths.map((value) => ({ value, name: says.pixels({ width: Number(value) }) }))}
            onChange={setWidth}
          />
        ) : null}
      </fieldset>
      {slideIds.length > 1 ? <p className="mt-3">{says.zipped}</p> : null}
      <MakingFoot
        label={says.title}
        making={making}
        inWords={says.making}
        action={says.save({ count: slideIds.length })}
        isReady={slideIds.length > 0}
        onMake={make}
        onClose={onClose}
      />
    </Dialog>
  );
}
