/** The picture that is pointed at or drawn on, and what it shows in words. */
import type { DrawItem, PointItem } from '@gobrel/core/deck';
import { Image, ImageOff } from 'lucide-react';
import { Field, IconButton } from '../../../../shared/ui';
import { messages } from '../../../../shared/messages';
import { Group } from '../parts';
import type { SetFields } from './fields';
import { PictureButton } from './picture-button';

export function GroundFields({ item, set }: { item: DrawItem | PointItem; set: SetFields }) {
  const says = messages.questions;
  return (
    <Group title={says.picture}>
      <div className="flex items-center">
        <PictureButton
          name={says.takePicture}
          onPicture={({ id: picture, width, height }) => set({ picture, pixels: { width, height } })}
        >
          <Image size={18} aria-hidden />
        </PictureButton>
        {item.picture === '' ? (
          <span className="text-sm text-soft">{says.noPicture}</span>
        ) : (
          <IconButton name={says.noPicture} onClick={() => set({ picture: '' })}>
            <ImageOff size={18} aria-hidden />
          </IconButton>
        )}
      </div>
      {item.picture === '' ? null : (
        <Field label={says.alt} value={item.alt} onChange={(event) => set({ alt: event.target.value })} />
      )}
    </Group>
  );
}
