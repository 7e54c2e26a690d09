/** The screens by address; each is loaded when it is first needed, so that a student never loads the editor. */
import { createBrowserRouter, type RouteObject } from 'react-router';
import { loadStudentScreen } from './ahead';
import { ForTeachers } from './frame';
import { patiently } from './patience';
import { Broken, NotHere } from './screens/elsewhere';

/** A route whose screen is the export `Screen` of a module that is loaded on demand. */
function screen(path: string, load: () => Promise<{ Screen: () => React.ReactNode }>): RouteObject {
  return {
    path,
    errorElement: <Broken />,
    hydrateFallbackElement: <></>,
    lazy: async () => ({ Component: (await patiently(load)).Screen }),
  };
}

export const router = createBrowserRouter([
  screen('/sign-in', () => import('./screens/sign-in')),
  screen('/join/:code?', () => import('./screens/join')),
  screen('/work', loadStudentScreen),
  {
    element: <ForTeachers />,
    children: [
      screen('/', () => import('./screens/library')),
      screen('/lessons', () => import('./screens/lessons')),
      screen('/classes', () => import('./screens/classes')),
      screen('/classes/:classId/gradebook', () => import('./screens/gradebook')),
      screen('/classes/:classId/cards', () => import('./screens/cards')),
      screen('/decks/:deckId', () => import('./screens/editor')),
      screen('/decks/:deckId/show/:slideId?', () => import('./screens/show')),
      screen('/decks/:deckId/present/:slideId?', () => import('./screens/presenter')),
      screen('/decks/:deckId/trial/:slideId?', () => import('./screens/trial')),
      screen('/lessons/:lessonId', () => import('./screens/board')),
      screen('/lessons/:lessonId/screen', () => import('./screens/class-screen')),
    ],
  },
  { path: '*', element: <NotHere />, errorElement: <Broken /> },
]);
