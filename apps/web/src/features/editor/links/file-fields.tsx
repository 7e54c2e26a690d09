/** Leads a link to a file: uploads it, and says which one it is. */
import type { ToFile } from '@gobrel/core/deck';
import { FileUp } from 'lucide-react';
import { useRef, useState } from 'react';
import { messageOf } from '../../../shared/api';
import { Button } from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import { storeFile } from '../../../shared/contents';

interface FileFieldsProps {
  readonly present: ToFile | null;
  readonly onPick: (place: ToFile) => void;
}

export function FileFields({ present, onPick }: FileFieldsProps) {
  const input = useRef<HTMLInputElement>(null);
  const [state, setState] = useState<{ readonly underWay: boolean; readonly fault: string | null }>({
    underWay: false,
    fault: null,
  });
  const upload = async (file: File) => {
    setState({ underWay: true, fault: null });
    try {
      const stored = await storeFile(file, file.name);
      onPick({ to: 'file', file: stored.id, name: stored.name, plays: stored.media === 'sound' });
    } catch (error) {
      setState({ underWay: false, fault: messageOf(error) });
    }
  };
  return (
    <div className="flex flex-col items-start gap-2">
      {present ? <p>{messages.links.fileNow({ name: present.name })}</p> : null}
      <Button disabled={state.underWay} onClick={() => input.current?.click()}>
        <FileUp size={18} aria-hidden /> {messages.common.chooseFile}
      </Button>
      <p role="status" className="text-sm text-soft">
        {state.underWay ? messages.links.uploading : messages.links.fileHint}
      </p>
      {state.fault ? (
        <p role="alert" className="text-berry">
          {state.fault}
        </p>
      ) : null}
      <input
        ref={input}
        type="file"
        hidden
        aria-label={messages.common.chooseFile}
        onChange={(event) => {
          const [file] = event.target.files ?? [];
          event.target.value = '';
          if (file) void upload(file);
        }}
      />
    </div>
  );
}
