/** How a picture looks: what of it is shown, in which shape, with which border, and how sharp it will be. */
import { type OwnFields, type PictureItem, setItemFields, sharpnessOf, sizeOf, undistorted } from '@gobrel/core/deck';
import { Crop, FlipHorizontal2, FlipVertical2, RefreshCw } from 'lucide-react';
import { type ChangeEvent, useRef, useState } from 'react';
import { Button, Field, IconButton } from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import { creditOfFile } from '../contents/file-credit';
import { CropDialog } from '../contents/crop-dialog';
import { useDragPreview } from '../canvas/drag-preview';
import type { Editing } from '../state/editing';
import { storePicture } from '../../../shared/contents';
import { OutlineGroup } from './outline-group';
import { Group } from './parts';
import { themeAt } from './theme-at';
import { ShapeField } from './shape-field';

export function PictureGroup({ editing, item }: { editing: Editing; item: PictureItem }) {
  const { deck, run } = editing;
  const [cropping, setCropping] = useState(false);
  const file = useRef<HTMLInputElement>(null);
  const set = (fields: Partial<OwnFields<'picture'>>) => run(setItemFields(deck, item.id, { ...fields }));
  const replace = async (event: ChangeEvent<HTMLInputElement>) => {
    const [chosen] = event.target.files ?? [];
    event.target.value = '';
    const picture = chosen && (await storePicture(chosen));
    if (!picture) return;
    // Another picture has papers of its own.
    const credit = await creditOfFile(chosen);
    const pixels = { width: picture.width, height: picture.height };
    set({ picture: picture.id, moving: picture.moving, pixels, credit, crop: undistorted(pixels, item.frame) });
  };
  return (
    <>
      <div className="mb-4">
        <Field
          label={messages.editor.alt}
          hint={messages.editor.altHint}
          value={item.alt}
          onChange={(event) => set({ alt: event.target.value })}
        />
      </div>
      <Group title={messages.editor.picture}>
        <div className="mb-1 flex">
          <Button className="flex-1" disabled={item.picture === ''} onClick={() => setCropping(true)}>
            <Crop size={18} aria-hidden /> {messages.editor.crop}
          </Button>
          <IconButton
            name={messages.editor.flipAcross}
            pressed={item.flippedAcross}
            onClick={() => set({ flippedAcross: !item.flippedAcross })}
          >
            <FlipHorizontal2 size={18} aria-hidden />
          </IconButton>
          <IconButton
            name={messages.editor.flipDown}
            pressed={item.flippedDown}
            onClick={() => set({ flippedDown: !item.flippedDown })}
          >
            <FlipVertical2 size={18} aria-hidden />
          </IconButton>
          <IconButton name={messages.editor.replacePicture} onClick={() => file.current?.click()}>
            <RefreshCw size={18} aria-hidden />
          </IconButton>
        </div>
        <SharpnessNote item={item} slideWidth={sizeOf(deck).width} />
        <input
          ref={file}
          type="file"
          accept="image/*"
          hidden
          aria-label={messages.editor.replacePicture}
          onChange={(event) => void replace(event)}
        />
      </Group>
      <ShapeField title={messages.editor.cutOut} value={item.shape} onPick={(shape) => set({ shape })} />
      <OutlineGroup theme={themeAt(deck, item.slideId)} item={item} onChange={set} />
      {cropping ? <CropDialog editing={editing} item={item} onClose={() => setCropping(false)} /> : null}
    </>
  );
}

/** How sharp the picture will be on the projector, also while it is being resized. */
function SharpnessNote({ item, slideWidth }: { item: PictureItem; slideWidth: number }) {
  const frame = useDragPreview((drag) => drag.frames[item.id]) ?? item.frame;
  if (item.pixels.width === 0) return null;
  const { verdict, ratio } = sharpnessOf(item.pixels, item.crop, frame, slideWidth);
  const colours = { sharp: 'text-reed', soft: 'text-amber', blurred: 'text-berry' } as const;
  return (
    <p role="status" className={`text-sm font-semibold ${colours[verdict]}`}>
      {messages.editor.sharpness[verdict]} <span className="font-normal">{messages.editor.pixelsPer({ ratio })}</span>
    </p>
  );
}
