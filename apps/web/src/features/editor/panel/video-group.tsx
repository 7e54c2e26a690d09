/** Settings of a video: its file, the picture before it plays, what it shows in words, and its controls. */
import { type OwnFields, setItemFields, type VideoItem } from '@gobrel/core/deck';
import { ImagePlus, X } from 'lucide-react';
import { useState } from 'react';
import { messageOf } from '../../../shared/api';
import { Field, FileButton, IconButton, showToast } from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import type { Editing } from '../state/editing';
import { storeFile } from '../../../shared/contents';
import { Group } from './parts';
import { PictureButton } from './questions/picture-button';
import { Tick } from './questions';

export function VideoGroup({ editing, item }: { editing: Editing; item: VideoItem }) {
  const says = messages.video;
  const [underWay, setUnderWay] = useState(false);
  const set = (fields: Partial<OwnFields<'video'>>) => editing.run(setItemFields(editing.deck, item.id, { ...fields }));
  const take = async (file: File) => {
    setUnderWay(true);
    try {
      const stored = await storeFile(file);
      set({ file: stored.id, fileName: stored.name });
    } catch (error) {
      showToast(messageOf(error), { tone: 'trouble' });
    } finally {
      setUnderWay(false);
    }
  };
  return (
    <>
      <Group title={messages.kinds.video}>
        <FileButton name={says.file} accept="video/*" disabled={underWay} onFile={(file) => void take(file)} />
        <p role="status" className="my-1 text-sm text-soft">
          {underWay ? says.underWay : item.file === '' ? says.none : says.now({ name: item.fileName })}
        </p>
        <div className="mb-2 flex items-center gap-1 text-sm">
          {says.poster}
          <PictureButton name={says.poster} onPicture={({ id }) => set({ poster: id })}>
            <ImagePlus size={18} aria-hidden />
          </PictureButton>
          {item.poster === '' ? null : (
            <IconButton name={says.noPoster} onClick={() => set({ poster: '' })}>
              <X size={18} aria-hidden />
            </IconButton>
          )}
        </div>
        <Tick label={says.controls} checked={item.controls} onChange={(controls) => set({ controls })} />
      </Group>
      <div className="mb-4">
        <Field
          label={says.alt}
          hint={says.altHint}
          value={item.alt}
          onChange={(event) => set({ alt: event.target.value })}
        />
      </div>
    </>
  );
}
