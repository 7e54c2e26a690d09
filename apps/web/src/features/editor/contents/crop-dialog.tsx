/** Cropping a picture: the part that is left inside the frame is shown, where it stands on the slide. */
import { cropTo, pictureBehind, type PictureItem, setItemFields, WHOLE_PICTURE } from '@gobrel/core/deck';
import { useState } from 'react';
import ReactCrop, { type PercentCrop } from 'react-image-crop';
import 'react-image-crop/dist/ReactCrop.css';
import { pictureUrl } from '../../../shared/api';
import { Button, Dialog, DialogActions } from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import type { Editing } from '../state/editing';

interface CropDialogProps {
  readonly editing: Editing;
  readonly item: PictureItem;
  readonly onClose: () => void;
}

export function CropDialog({ editing, item, onClose }: CropDialogProps) {
  const { crop: present } = item;
  const [crop, setCrop] = useState<PercentCrop>({
    unit: '%',
    x: present.x * 100,
    y: present.y * 100,
    width: present.width * 100,
    height: present.height * 100,
  });
  const keep = (next: PercentCrop) => {
    const behind = pictureBehind(present, item.frame);
    const parts = { x: next.x / 100, y: next.y / 100, width: next.width / 100, height: next.height / 100 };
    const changed = cropTo(item.frame, present, {
      left: (parts.x - present.x) * behind.width,
      top: (parts.y - present.y) * behind.height,
      right: (present.x + present.width - parts.x - parts.width) * behind.width,
      bottom: (present.y + present.height - parts.y - parts.height) * behind.height,
    });
    editing.run(setItemFields(editing.deck, item.id, changed));
    onClose();
  };
  const all = WHOLE_PICTURE;
  return (
    <Dialog title={messages.editor.cropTitle} open onClose={onClose} wide>
      <ReactCrop
        crop={crop}
        onChange={(_pixels, percent) => setCrop(percent)}
        keepSelection
        minWidth={8}
        minHeight={8}
        ariaLabels={messages.editor.cropHandles}
      >
        <img src={pictureUrl(item.picture)} alt={item.alt} className="max-h-[60vh]" />
      </ReactCrop>
      <p className="my-2 text-sm text-soft">{messages.editor.cropHint}</p>
      <DialogActions>
        <Button onClick={() => setCrop({ unit: '%', x: all.x, y: all.y, width: 100, height: 100 })}>
          {messages.editor.wholePicture}
        </Button>
        <Button onClick={onClose}>{messages.common.cancel}</Button>
        <Button look="main" onClick={() => keep(crop)}>
          {messages.common.keep}
        </Button>
      </DialogActions>
    </Dialog>
  );
}
