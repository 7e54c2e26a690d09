/** Uploads under way: how far each is, paused, gone on with, and given up. */
import { Pause, Play, RotateCcw, X } from 'lucide-react';
import { messages, fileSize } from '../../../shared/messages';
import { IconButton } from '../../../shared/ui';
import { endUpload, pauseUpload, resumeUpload, type UploadState, useUploads } from './uploads';

export function UploadsTray() {
  const uploads = useUploads((store) => store.uploads).filter(({ stands }) => stands !== 'stored');
  if (uploads.length === 0) return null;
  return (
    <section
      aria-label={messages.media.uploads}
      className="absolute end-3 bottom-3 z-20 w-72 max-w-[90%] rounded-md border border-edge bg-card p-2"
    >
      <ul className="flex flex-col gap-2">
        {uploads.map((upload) => (
          <li key={upload.kept.id}>
            <UploadRow upload={upload} />
          </li>
        ))}
      </ul>
    </section>
  );
}

function UploadRow({ upload: { kept, sent, stands, fault } }: { upload: UploadState }) {
  const says = messages.media;
  const { id, name, file } = kept;
  return (
    <>
      <div className="flex items-center gap-1">
        <span className="min-w-0 flex-1 truncate font-semibold">{name}</span>
        {stands === 'goes' ? (
          <IconButton name={says.pause({ name })} onClick={() => pauseUpload(id)}>
            <Pause size={18} aria-hidden />
          </IconButton>
        ) : (
          <IconButton name={says.goOn({ name })} onClick={() => resumeUpload(id)}>
            {stands === 'failed' ? <RotateCcw size={18} aria-hidden /> : <Play size={18} aria-hidden />}
          </IconButton>
        )}
        <IconButton name={says.giveUp({ name })} onClick={() => void endUpload(id)}>
          <X size={18} aria-hidden />
        </IconButton>
      </div>
      <progress
        aria-label={name}
        max={Math.max(1, file.size)}
        value={sent}
        className="block h-2 w-full overflow-hidden rounded-full accent-tide"
      />
      <p role="status" className={`text-sm tabular-nums ${stands === 'failed' ? 'text-berry' : 'text-soft'}`}>
        {stands === 'failed'
          ? fault
          : stands === 'waits'
            ? says.waits
            : stands === 'paused'
              ? says.paused({ sent: fileSize(sent), all: fileSize(file.size) })
              : says.sent({ sent: fileSize(sent), all: fileSize(file.size) })}
      </p>
    </>
  );
}
