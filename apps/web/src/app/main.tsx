/** Starts the web application. */
import './index.css';
import { SurroundingsProvider } from '@gobrel/slide-view';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { Direction } from 'radix-ui';
import { createRoot } from 'react-dom/client';
import { RouterProvider } from 'react-router';
import './frame/scheme';
import { followLeaving } from '../shared/sync';
import { installOfflineUse } from './offline/offline-use';
import { withRetries } from './retry';
import { router } from './router';
import { fileUrl, followOtherWindows, mayPass, pictureUrl, stickerUrl, stillUrl } from '../shared/api';
import { focusMain, listenForRegionKeys, Tips, Toasts } from '../shared/ui';
import { direction, messages, slideWords } from '../shared/messages';

followLeaving();
listenForRegionKeys();

const queries = new QueryClient({
  defaultOptions: {
    queries: {
      networkMode: 'always',
      staleTime: 10_000,
      // What the server refuses stays refused; what it could not do just now may work in a moment.
      retry: (count, error) => mayPass(error) && count < 2,
      retryDelay: (count) => 600 * 2 ** count,
      // A screen that says so goes on trying, so that nobody has to press anything once the server is back.
      refetchInterval: ({ state }) => (mayPass(state.error) ? 3000 : false),
    },
    mutations: { networkMode: 'always' },
  },
});

followOtherWindows(queries);

const surroundings = { fileUrl, pictureUrl, stickerUrl, stillUrl, words: slideWords };
const root = document.getElementById('root');
if (!root) throw new Error('the page has no root element');
createRoot(root).render(
  <QueryClientProvider client={queries}>
    <SurroundingsProvider value={surroundings}>
      <Direction.Provider dir={direction}>
        <Tips>
          {/* The first stop of the Tab key, seen only while it has the focus. */}
          <button
            type="button"
            onClick={focusMain}
            className="fixed -top-20 start-2 z-50 rounded-md border border-edge bg-card px-4 py-2 font-semibold focus:top-2"
          >
            {messages.frame.skip}
          </button>
          <RouterProvider router={router} />
          <Toasts />
        </Tips>
      </Direction.Provider>
    </SurroundingsProvider>
  </QueryClientProvider>,
);

if (import.meta.env.PROD && 'serviceWorker' in navigator) void withRetries(installOfflineUse).catch(console.error);
