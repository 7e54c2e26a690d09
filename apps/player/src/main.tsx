/** Plays the show that stands in the file around it. */
import './player.css';
import { DECK_PLACE, readShowFile } from '@gobrel/core/formats';
import { SurroundingsProvider } from '@gobrel/slide-view';
import { Direction } from 'radix-ui';
import { createRoot } from 'react-dom/client';
import { direction, messages, slideWords } from '../../web/src/shared/messages';
import { Tips, Toasts } from '../../web/src/shared/ui';
import { contentUrl } from './contents';
import { Player } from './player';

const surroundings = {
  pictureUrl: contentUrl,
  stillUrl: (id: string) => contentUrl(`still ${id}`),
  fileUrl: contentUrl,
  stickerUrl: (sticker: string) => contentUrl(`sticker ${sticker}`),
  words: slideWords,
};

document.documentElement.dataset['scheme'] = matchMedia('(prefers-color-scheme: dark)').matches ? 'lamp' : 'light';
const file = readShowFile(document.getElementById(DECK_PLACE)?.textContent ?? '');
const root = document.getElementById('root');
if (root)
  createRoot(root).render(
    <SurroundingsProvider value={surroundings}>
      <Direction.Provider dir={direction}>
        <Tips>
          {file ? (
            <Player file={file} />
          ) : (
            <p role="alert" className="p-8 text-lg">
              {messages.exporting.brokenFile}
            </p>
          )}
          <Toasts />
        </Tips>
      </Direction.Provider>
    </SurroundingsProvider>,
  );
