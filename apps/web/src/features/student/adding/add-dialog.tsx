/** Asks for a picture from the device, the library or the camera, or for a sign or a sticker, to add to an open area. */
import type { LibraryPicture } from '@gobrel/contract';
import type { AddedContent } from '@gobrel/core/work';
import { useEffect, useRef, useState } from 'react';
import { libraryUrl } from '../../../shared/api';
import { SignPicker } from '../../../shared/signs';
import { Button, Dialog, DialogActions, Field, FileButton } from '../../../shared/ui';
import { type AskedToAdd } from '../../walking';
import { messages } from '../../../shared/messages';
import { libraryCredit } from './library-credit';
import { LibraryPicker } from './library-picker';
import { type PictureBytes, shrunkPicture } from './shrunk-picture';

interface AddDialogProps {
  readonly what: AskedToAdd;
  readonly onAdd: (content: AddedContent) => void;
  readonly onClose: () => void;
}

export function AddDialog({ what, onAdd, onClose }: AddDialogProps) {
  const says = messages.adding;
  const [picture, setPicture] = useState<PictureBytes | null>(null);
  const [alt, setAlt] = useState('');
  const [credit, setCredit] = useState('');
  const [fault, setFault] = useState<string | null>(null);
  const take = async (source: Blob | HTMLVideoElement) => {
    const shrunk = await shrunkPicture(source);
    setPicture(shrunk);
    setFault(shrunk ? null : says.unreadable);
  };
  const takeFrom = async ({ name, shows, by, licence }: LibraryPicture) => {
    const answer = await fetch(libraryUrl(name, 'whole')).catch(() => null);
    if (!answer?.ok) return setFault(says.library.away);
    setAlt(shows);
    setCredit(libraryCredit({ by, licence }));
    await take(await answer.blob());
  };
  const add = (content: AddedContent) => {
    onAdd(content);
    onClose();
  };
  return (
    <Dialog title={says.titles[what]} open onClose={onClose}>
      {what === 'sign' ? (
        <SignPicker
          first="stickers"
          onPick={({ sticker, strokes, shows: alt }) =>
            add(sticker === '' ? { kind: 'sign', strokes, alt } : { kind: 'sticker', sticker, alt })
          }
        />
      ) : picture ? (
        <form
          className="flex flex-col gap-3"
          onSubmit={(event) => {
            event.preventDefault();
            add({ kind: 'picture', ...picture, alt: alt.trim(), credit });
          }}
        >
          <img
            src={`data:${picture.type};base64,${picture.bytes}`}
            alt=""
            className="max-h-[46vh] self-center rounded border border-edge object-contain"
          />
          <Field
            label={says.alt}
            value={alt}
            maxLength={200}
            autoFocus
            onChange={({ target }) => setAlt(target.value)}
          />
          <DialogActions>
            <Button
              onClick={() => {
                setPicture(null);
                setAlt('');
                setCredit('');
              }}
            >
              {says.another}
            </Button>
            <Button type="submit" look="main">
              {says.add}
            </Button>
          </DialogActions>
        </form>
      ) : what === 'picture' ? (
        <>
          <FileButton name={messages.common.chooseFile} accept="image/*" onFile={(file) => void take(file)} />
          <LibraryPicker onPick={(chosen) => void takeFrom(chosen)} />
        </>
      ) : (
        <Camera onTake={(video) => void take(video)} onFault={() => setFault(says.noCamera)} />
      )}
      {fault ? (
        <p role="alert" className="mt-3 text-berry">
          {fault}
        </p>
      ) : null}
    </Dialog>
  );
}

interface CameraProps {
  readonly onTake: (video: HTMLVideoElement) => void;
  readonly onFault: () => void;
}

/** What the camera sees, and taking it. The camera is let go with the dialog. */
function Camera({ onTake, onFault }: CameraProps) {
  const video = useRef<HTMLVideoElement>(null);
  const [isOn, setIsOn] = useState(false);
  const failed = useRef(onFault);
  useEffect(() => {
    failed.current = onFault;
  });
  useEffect(() => {
    // The camera is outside React; it is on for as long as this is shown.
    let stream: MediaStream | null = null;
    let isGone = false;
    const begin = async () => {
      stream = await navigator.mediaDevices.getUserMedia({ video: { facingMode: 'environment' } });
      if (isGone) return letGo(stream);
      if (video.current) video.current.srcObject = stream;
    };
    begin().catch(() => failed.current());
    return () => {
      isGone = true;
      if (stream) letGo(stream);
    };
  }, []);
  return (
    <div className="flex flex-col items-center gap-3">
      <video
        ref={video}
        autoPlay
        playsInline
        muted
        // Before there is a picture, nothing can be taken.
        onLoadedData={() => setIsOn(true)}
        aria-label={messages.adding.titles.camera}
        className="max-h-[50vh] w-full rounded border border-edge bg-black"
      />
      <Button look="main" disabled={!isOn} onClick={() => video.current && onTake(video.current)}>
        {messages.adding.take}
      </Button>
    </div>
  );
}

function letGo(stream: MediaStream): void {
  for (const track of stream.getTracks()) track.stop();
}
