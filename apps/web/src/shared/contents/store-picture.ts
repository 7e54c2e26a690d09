/** Stores pictures from files. */
import { LARGEST_PICTURE, type PictureView } from '@gobrel/contract';
import { ask, messageOf } from '../api';
import { messages } from '../messages';
import { showToast } from '../ui';

/** Stores a picture on the server; `null` when it was refused, after saying so. */
export async function storePicture(file: File): Promise<PictureView | null> {
  if (file.size > LARGEST_PICTURE) {
    showToast(messages.editor.pictureTooLarge({ name: file.name }), { tone: 'trouble' });
    return null;
  }
  try {
    const form = new FormData();
    form.append('picture', file);
    return await ask<PictureView>('POST', '/pictures', form);
  } catch (error) {
    showToast(messageOf(error), { tone: 'trouble' });
    return null;
  }
}
