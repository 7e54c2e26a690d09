/** A button that asks for a picture and stores it. */
import type { PictureView } from '@gobrel/contract';
import { type ReactNode, useRef } from 'react';
import { IconButton } from '../../../../shared/ui';
import { storePicture } from '../../../../shared/contents';

interface PictureButtonProps {
  readonly name: string;
  readonly onPicture: (picture: PictureView) => void;
  readonly children: ReactNode;
}

export function PictureButton({ name, onPicture, children }: PictureButtonProps) {
  const file = useRef<HTMLInputElement>(null);
  const take = async (files: FileList | null) => {
    const [chosen] = files ?? [];
    const picture = chosen && (await storePicture(chosen));
    if (picture) onPicture(picture);
  };
  return (
    <>
      <IconButton className="!w-8 pointer-coarse:!w-11" name={name} onClick={() => file.current?.click()}>
        {children}
      </IconButton>
      <input
        ref={file}
        type="file"
        accept="image/*"
        hidden
        aria-label={name}
        onChange={(event) => {
          void take(event.target.files).then(() => {
            if (file.current) file.current.value = '';
          });
        }}
      />
    </>
  );
}
