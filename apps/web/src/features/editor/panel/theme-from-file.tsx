/** Takes the theme of a presentation: its colours, fonts and sizes. */
import { emptyDeck, type Theme } from '@gobrel/core/deck';
import { useEffect, useRef, useState } from 'react';
import { NotReadable, PRESENTATION_ENDINGS, readSlides } from '../../../shared/deck-files';
import { messages } from '../../../shared/messages';
import { FileButton, showToast } from '../../../shared/ui';

export function ThemeFromFile({ onTake }: { onTake: (theme: Theme) => void }) {
  const says = messages.ownThemes;
  const [reading, setReading] = useState('');
  const stop = useRef<AbortController | null>(null);
  useEffect(() => () => stop.current?.abort(), []);
  const take = async (file: File) => {
    stop.current?.abort();
    const own = new AbortController();
    stop.current = own;
    setReading(file.name);
    const name = file.name.replace(/\.[^.]+$/, '');
    try {
      const { deck } = await readSlides(file, emptyDeck(name), own.signal);
      onTake(deck.theme.backdrop === 'plain' ? { ...deck.theme, name: name.slice(0, 80) } : deck.theme);
      showToast(says.taken({ name }));
    } catch (error) {
      if (!own.signal.aborted)
        showToast(error instanceof NotReadable ? error.message : messages.library.import.notRead({ name: file.name }), {
          tone: 'trouble',
        });
    }
    if (stop.current === own) setReading('');
  };
  return (
    <div className="mt-3 flex flex-wrap items-center gap-3">
      <FileButton
        name={says.fromFile}
        accept={`.${PRESENTATION_ENDINGS.join(',.')}`}
        disabled={reading !== ''}
        onFile={(file) => void take(file)}
      />
      <p role="status" className="text-sm text-soft">
        {reading === '' ? says.fromFileHint : says.reading({ name: reading })}
      </p>
    </div>
  );
}
