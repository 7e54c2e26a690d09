/** A button that asks for a file. */
import { FileInput } from 'lucide-react';
import { useRef } from 'react';
import { Button } from './button';

interface FileButtonProps {
  readonly name: string;
  /** Endings and types that are offered. */
  readonly accept: string;
  readonly disabled?: boolean;
  readonly className?: string;
  /** Whether several can be chosen at once. */
  readonly several?: boolean;
  readonly onFile: (file: File, all: readonly File[]) => void;
}

export function FileButton({
  name,
  accept,
  disabled = false,
  className = '',
  several = false,
  onFile,
}: FileButtonProps) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <Button className={className} disabled={disabled} onClick={() => input.current?.click()}>
        <FileInput size={18} aria-hidden /> {name}
      </Button>
      <input
        ref={input}
        type="file"
        hidden
        multiple={several}
        accept={accept}
        aria-label={name}
        onChange={(event) => {
          const all = [...(event.target.files ?? [])];
          const [chosen] = all;
          // The same file can be chosen again.
          event.target.value = '';
          if (chosen) onFile(chosen, all);
        }}
      />
    </>
  );
}
