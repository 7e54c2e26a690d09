/** Opening a document for its dialog: waiting, asking for its password, and saying why it cannot be opened. */
import { useCallback, useEffect, useRef, useState } from 'react';
import { openDocument } from './open-document';
import type { PdfDocument } from './pdf-document';

/** How far it is. */
export type OpeningPdf =
  | { readonly is: 'opening' }
  | { readonly is: 'locked'; readonly wasWrong: boolean }
  | { readonly is: 'broken' }
  | { readonly is: 'open'; readonly document: PdfDocument };

/** Opens a file, and closes it with the dialog. Gives how far it is, and what takes a password. */
export function useOpenPdf(file: File): readonly [OpeningPdf, (password: string) => void] {
  const [opening, setOpening] = useState<OpeningPdf>({ is: 'opening' });
  const give = useRef<((password: string | null) => void) | null>(null);
  useEffect(() => {
    let document: PdfDocument | null = null;
    let isCurrent = true;
    const askPassword = (wasWrong: boolean) =>
      new Promise<string | null>((resolve) => {
        give.current = resolve;
        if (isCurrent) setOpening({ is: 'locked', wasWrong });
        else resolve(null);
      });
    const open = async () => {
      try {
        document = await openDocument(file, askPassword);
        if (isCurrent) setOpening({ is: 'open', document });
        else document.close();
      } catch {
        if (isCurrent) setOpening({ is: 'broken' });
      }
    };
    void open();
    return () => {
      isCurrent = false;
      give.current?.(null);
      document?.close();
    };
  }, [file]);
  const unlock = useCallback((password: string) => {
    setOpening({ is: 'opening' });
    give.current?.(password);
  }, []);
  return [opening, unlock];
}
