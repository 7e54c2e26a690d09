/** The screens by address; each is loaded when it is first needed, so that a student never loads the editor. */
import { createBrowserRouter, type RouteObject } from 'react-router';
import { loadStudentScreen } from './prefetch';
import { ForTeachers } from './frame';
import { withRetries } from './retry';
import { Broken, NotHere } from './error-pages';

/** A route whose screen is the export `Screen` of a module that is loaded on demand. */
function screen(path: string, load: () => Promise<{ Screen: () => React.ReactNode }>): RouteObject {
  return {
    path,
    errorElement: <Broken />,
    hydrateFallbackElement: <></>,
    lazy: async () => ({ Component: (await withRetries(load)).Screen }),
  };
}

export const router = createBrowserRouter([
  screen('/sign-in', () => import('../features/account/sign-in')),
  screen('/forgotten-password', () => import('../features/account/password/forgotten')),
  screen('/new-password/:token', () => import('../features/account/password/new-password')),
  screen('/confirm-account/:token', () => import('../features/account/confirm-account')),
  screen('/confirm-email/:token', () => import('../features/account/confirm-email')),
  screen('/arrived/:who', () => import('../features/account/arrived')),
  screen('/outbox', () => import('../features/account/outbox')),
  screen('/join/:code?', () => import('../features/student/join')),
  screen('/work', loadStudentScreen),
  screen('/show/:address', () => import('../features/sharing/show')),
  screen('/embed/:address', () => import('../features/sharing/show/embedded')),
  screen('/try-embedding/:address', () => import('../features/sharing/try-embedding')),
  screen('/school/invited/:token', () => import('../features/school/invited')),
  screen('/invited/:token', () => import('../features/sharing/invited')),
  {
    element: <ForTeachers />,
    children: [
      screen('/', () => import('../features/library/library')),
      screen('/lessons', () => import('../features/lessons/lessons')),
      screen('/classes', () => import('../features/classes/classes')),
      screen('/classes/:classId/gradebook', () => import('../features/classes/gradebook')),
      screen('/classes/:classId/cards', () => import('../features/classes/cards')),
      screen('/school', () => import('../features/school/school')),
      screen('/account', () => import('../features/account/settings')),
      screen('/decks/:deckId', () => import('../features/editor')),
      screen('/decks/:deckId/show/:slideId?', () => import('../features/player/show')),
      screen('/decks/:deckId/present/:slideId?', () => import('../features/player/presenter')),
      screen('/decks/:deckId/trial/:slideId?', () => import('../features/player/trial')),
      screen('/choosing/:token', () => import('../features/lessons/placing/choosing')),
      screen('/places/:placeId', () => import('../features/lessons/placing/place')),
      screen('/lessons/:lessonId', () => import('../features/board/board')),
      screen('/lessons/:lessonId/screen', () => import('../features/board/class-screen')),
    ],
  },
  { path: '*', element: <NotHere />, errorElement: <Broken /> },
]);
