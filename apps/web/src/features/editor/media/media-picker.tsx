/** What a video or a sound can be placed from: a file, or a recording made on the spot. */
import { AudioLines, Camera, FileText, Globe, type LucideIcon, Mic, MonitorUp } from 'lucide-react';
import { useRef } from 'react';
import { messages } from '../../../shared/messages';
import { type Source, sources } from './use-media-recorder';

const icons: Readonly<Record<Source, LucideIcon>> = { camera: Camera, microphone: Mic, screen: MonitorUp };

interface MediaPickerProps {
  readonly onFiles: (files: readonly File[]) => void;
  readonly onRecord: (source: Source) => void;
  readonly onWebCard: () => void;
}

export function MediaPicker({ onFiles, onRecord, onWebCard }: MediaPickerProps) {
  const input = useRef<HTMLInputElement>(null);
  const document = useRef<HTMLInputElement>(null);
  const says = messages.media;
  return (
    <div className="flex w-64 flex-col">
      <Choice icon={AudioLines} name={says.fromFile} onPick={() => input.current?.click()} />
      <p className="px-2 pb-1 text-sm text-soft">{says.fromFileHint}</p>
      {sources.map((source) => (
        <Choice key={source} icon={icons[source]} name={says.recordFrom[source]} onPick={() => onRecord(source)} />
      ))}
      <Choice icon={FileText} name={messages.documents.fromPdf} onPick={() => document.current?.click()} />
      <Choice icon={Globe} name={messages.webCards.place} onPick={onWebCard} />
      <input
        ref={input}
        type="file"
        hidden
        multiple
        accept="video/*,audio/*"
        aria-label={says.fromFile}
        onChange={({ target }) => {
          onFiles([...(target.files ?? [])]);
          target.value = '';
        }}
      />
      <input
        ref={document}
        type="file"
        hidden
        accept="application/pdf,.pdf"
        aria-label={messages.documents.fromPdf}
        onChange={({ target }) => {
          onFiles([...(target.files ?? [])]);
          target.value = '';
        }}
      />
    </div>
  );
}

function Choice({ icon: Icon, name, onPick }: { icon: LucideIcon; name: string; onPick: () => void }) {
  return (
    <button
      type="button"
      onClick={onPick}
      className="flex min-h-control items-center gap-2 rounded-md px-2 text-start font-semibold hover:bg-rule/50 pointer-coarse:min-h-11"
    >
      <Icon size={18} aria-hidden className="flex-none" /> {name}
    </button>
  );
}
