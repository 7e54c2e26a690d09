/** A clip seen through: which part of it is played, and what is said in it. */
import {
  type Caption,
  inOrder,
  type ItemFields,
  momentInWords,
  readVtt,
  setItemFields,
  type SoundItem,
  type VideoItem,
  writeVtt,
} from '@gobrel/core/deck';
import { Captions, Download } from 'lucide-react';
import { useRef, useState } from 'react';
import { fileUrl } from '../../../shared/api';
import { saveText } from '../../../shared/downloads';
import { messages } from '../../../shared/messages';
import { Button, Dialog, FileButton } from '../../../shared/ui';
import type { Editing } from '../state/editing';
import { CaptionRows } from './caption-rows';
import { TrimStrip } from './trim-strip';

/** How long a new caption lasts, in seconds. */
const LASTS = 3;

interface ClipDialogProps {
  readonly editing: Editing;
  readonly item: VideoItem | SoundItem;
  readonly onClose: () => void;
}

export function ClipDialog({ editing, item, onClose }: ClipDialogProps) {
  const says = messages.media;
  const player = useRef<HTMLVideoElement>(null);
  const [at, setAt] = useState(item.starts);
  const [found, setFound] = useState(0);
  const [fresh, setFresh] = useState<number | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const seconds = item.seconds > 0 ? item.seconds : found;
  const set = (fields: ItemFields) => editing.run(setItemFields(editing.deck, item.id, fields));
  const seek = (moment: number) => {
    if (player.current) player.current.currentTime = moment;
    setAt(moment);
  };
  const add = (from: number, before: readonly Caption[] = item.captions) => {
    const caption: Caption = { from, to: Math.min(from + LASTS, Math.max(seconds, from + 1)), text: '' };
    const captions = inOrder([...before, caption]);
    set({ captions });
    setFresh(captions.indexOf(caption));
  };
  const bring = async (file: File) => {
    const captions = readVtt(await file.text());
    setFault(captions ? null : says.noCaptionsIn({ name: file.name }));
    if (captions) set({ captions });
  };
  return (
    <Dialog title={says.clipOf({ name: item.fileName })} open wide="widest" onClose={onClose}>
      <div className="grid gap-6 md:grid-cols-[minmax(0,5fr)_minmax(0,4fr)]">
        <div>
          {/* Its captions are written beside it. */}
          <video
            ref={player}
            src={fileUrl(item.file)}
            controls
            playsInline
            aria-label={says.preview}
            className={`mb-3 w-full rounded-md bg-[#0d1413] ${item.kind === 'sound' ? 'h-14' : 'aspect-video'}`}
            onTimeUpdate={({ currentTarget }) => setAt(currentTarget.currentTime)}
            onDurationChange={({ currentTarget }) =>
              setFound(Number.isFinite(currentTarget.duration) ? currentTarget.duration : 0)
            }
          />
          <h3 className="mb-1 font-sans text-sm font-semibold text-soft">{says.trim}</h3>
          {seconds > 0 ? (
            <TrimStrip
              url={fileUrl(item.file)}
              kind={item.kind}
              seconds={seconds}
              starts={item.starts}
              ends={item.ends}
              at={at}
              onTrim={set}
              onSeek={seek}
            />
          ) : null}
        </div>
        <section aria-label={says.captions}>
          <div className="mb-2 flex flex-wrap items-center gap-2">
            <Button onClick={() => add(at)}>
              <Captions size={18} aria-hidden /> {says.addCaption({ time: momentInWords(at, false) })}
            </Button>
            <FileButton name={says.importCaptions} accept=".vtt,.srt,text/vtt" onFile={(file) => void bring(file)} />
            {item.captions.length > 0 ? (
              <Button
                look="quiet"
                onClick={() => saveText(writeVtt(item.captions), 'text/vtt', `${item.fileName}.vtt`)}
              >
                <Download size={18} aria-hidden /> {says.exportCaptions}
              </Button>
            ) : null}
          </div>
          {fault ? (
            <p role="alert" className="mb-2 text-berry">
              {fault}
            </p>
          ) : null}
          {item.captions.length === 0 ? (
            <p className="text-soft">{says.noCaptions}</p>
          ) : (
            <>
              <p className="mb-1 text-sm text-soft">{says.captionsHint}</p>
              <CaptionRows
                captions={item.captions}
                at={at}
                fresh={fresh}
                onChange={(captions) => set({ captions })}
                onSeek={seek}
                onAdd={add}
              />
            </>
          )}
        </section>
      </div>
    </Dialog>
  );
}
