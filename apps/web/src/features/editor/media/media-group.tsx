/** Settings of a video or a sound: its file, what it is in words, when it plays, and how. */
import {
  type ItemFields,
  LAST_APPEARANCE,
  momentInWords,
  playedSeconds,
  setItemFields,
  slidesInOrder,
  type SoundItem,
  type VideoItem,
} from '@gobrel/core/deck';
import { Captions, ImagePlus, X } from 'lucide-react';
import { useState } from 'react';
import { messages, slideName } from '../../../shared/messages';
import { Button, Field, FileButton, IconButton, showToast } from '../../../shared/ui';
import { FoldedGroup, Group, NumberField, PickField, SwitchRow } from '../panel/parts';
import { PictureButton } from '../panel/questions/picture-button';
import type { Editing } from '../state/editing';
import { ClipDialog } from './clip-dialog';
import { useReplaceMedia } from './use-media-files';
import { useUploads } from './uploads';

interface MediaGroupProps {
  readonly editing: Editing;
  readonly item: VideoItem | SoundItem;
}

export function MediaGroup({ editing, item }: MediaGroupProps) {
  const says = messages.media;
  const [isOpen, setOpen] = useState(false);
  const isUnderWay = useUploads(({ uploads }) => uploads.some(({ kept }) => kept.goal.id === item.id));
  const replace = useReplaceMedia(item.id);
  const set = (fields: ItemFields) => editing.run(setItemFields(editing.deck, item.id, fields));
  return (
    <>
      <Group title={messages.kinds[item.kind]}>
        <p role="status" className="mb-1 text-sm text-soft">
          {isUnderWay
            ? says.underWay({ name: item.fileName })
            : item.file === ''
              ? says.none
              : says.now({ name: item.fileName, time: momentInWords(playedSeconds(item), false) })}
        </p>
        <div className="mb-2 flex flex-wrap gap-1.5">
          <Button disabled={item.file === ''} onClick={() => setOpen(true)}>
            <Captions size={18} aria-hidden /> {says.openClip}
          </Button>
          <FileButton
            name={item.file === '' ? says.choose : says.replace}
            accept={item.kind === 'video' ? 'video/*' : 'audio/*,video/mp4,video/webm'}
            disabled={isUnderWay}
            onFile={(file) => void replace(editing, item, file)}
          />
        </div>
        <Field
          label={messages.editor.alt}
          hint={item.kind === 'video' ? says.altHint : says.soundAltHint}
          value={item.alt}
          maxLength={500}
          onChange={(event) => set({ alt: event.target.value })}
        />
      </Group>
      <Group title={says.playing}>
        <PickField
          label={says.plays}
          value={item.plays === null ? 'press' : item.plays === 0 ? 'slide' : 'step'}
          onChange={(value) => set({ plays: value === 'press' ? null : value === 'slide' ? 0 : 1 })}
        >
          <option value="press">{says.whenPressed}</option>
          <option value="slide">{says.withSlide}</option>
          <option value="step">{says.withStep}</option>
        </PickField>
        {item.plays !== null && item.plays > 0 ? (
          <NumberField
            label={says.click}
            value={item.plays}
            least={1}
            most={LAST_APPEARANCE}
            onChange={(plays) => set({ plays: Math.min(LAST_APPEARANCE, Math.max(1, Math.round(plays))) })}
          />
        ) : null}
        <SwitchRow label={says.controls} on={item.controls} onChange={(controls) => set({ controls })} />
        <SwitchRow label={says.overAndOver} on={item.overAndOver} onChange={(overAndOver) => set({ overAndOver })} />
        <div className="mt-1">
          <NumberField
            label={says.volume}
            value={Math.round(item.volume * 100)}
            least={0}
            most={100}
            step={10}
            onChange={(volume) => set({ volume: Math.min(100, Math.max(0, volume)) / 100 })}
          />
        </div>
        {item.kind === 'video' ? <Poster item={item} onSet={set} /> : null}
      </Group>
      {item.kind === 'sound' ? <AlongGroup editing={editing} item={item} onSet={set} /> : null}
      {isOpen ? <ClipDialog editing={editing} item={item} onClose={() => setOpen(false)} /> : null}
    </>
  );
}

function Poster({ item, onSet }: { item: VideoItem; onSet: (fields: ItemFields) => void }) {
  const says = messages.media;
  return (
    <div className="mt-1 flex items-center gap-1 text-sm">
      {says.poster}
      <PictureButton name={says.poster} onPicture={({ id }) => onSet({ poster: id })}>
        <ImagePlus size={18} aria-hidden />
      </PictureButton>
      {item.poster === '' ? null : (
        <IconButton name={says.noPoster} onClick={() => onSet({ poster: '' })}>
          <X size={18} aria-hidden />
        </IconButton>
      )}
    </div>
  );
}

interface AlongGroupProps {
  readonly editing: Editing;
  readonly item: SoundItem;
  readonly onSet: (fields: ItemFields) => void;
}

/** Through which slides a sound is heard. */
function AlongGroup({ editing: { deck }, item, onSet }: AlongGroupProps) {
  const says = messages.media;
  const order = slidesInOrder(deck);
  const from = order.findIndex(({ id }) => id === item.slideId);
  const last = order.find(({ id }) => id === item.along);
  return (
    <FoldedGroup id="along" title={says.along} says={last ? says.until({ slide: slideName(deck, last.id) }) : ''}>
      <PickField
        label={says.lastSlide}
        value={item.along ?? ''}
        onChange={(along) => {
          onSet(along === '' ? { along: null } : { along, plays: item.plays ?? 0 });
          if (along !== '') showToast(says.alongTold);
        }}
      >
        <option value="">{says.thisSlideOnly}</option>
        {order.slice(Math.max(0, from)).map(({ id }) => (
          <option key={id} value={id}>
            {slideName(deck, id)}
          </option>
        ))}
      </PickField>
      {item.along === null ? null : (
        <>
          <NumberField
            label={says.fades}
            value={item.fades}
            least={0}
            most={10}
            step={0.5}
            onChange={(fades) => onSet({ fades: Math.min(10, Math.max(0, fades)) })}
          />
          <SwitchRow label={says.yields} on={item.yields} onChange={(yields) => onSet({ yields })} />
        </>
      )}
    </FoldedGroup>
  );
}
