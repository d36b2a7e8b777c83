import type { QueryClient } from '@tanstack/react-query';
import { createBrowserRouter, redirect } from 'react-router';
import { ApiError, Unreachable } from './api/client.js';
import { keepAnswers, openKeptAnswers } from './api/kept-answers.js';
import { hasLeft } from './api/leave.js';
import { classesQuery, peopleQuery, sequencesQuery, sessionQuery } from './api/queries.js';
import { AppFrame } from './parts/AppFrame.js';
import { RouteFailure } from './parts/Failure.js';
import { t } from './words/t.js';

/** The same as the page shows before any of this is loaded. */
function Opening() {
  return (
    <div className="p-8 font-[system-ui]">
      <p className="text-xl">{t('Lotus Steady')}</p>
      <p className="text-soft">{t('Opening …')}</p>
    </div>
  );
}

/** Every screen is loaded when it is opened. */
export function routes(queries: QueryClient) {
  return createBrowserRouter([
    {
      path: '/sign-in',
      errorElement: <RouteFailure />,
      hydrateFallbackElement: <Opening />,
      lazy: async () => ({ Component: (await import('./screens/sign-in/SignInScreen.js')).SignInScreen }),
    },
    {
      // A tablet on the wall is signed in to nothing.
      path: '/room',
      errorElement: <RouteFailure />,
      hydrateFallbackElement: <Opening />,
      lazy: async () => ({ Component: (await import('./screens/room/RoomScreen.js')).RoomScreen }),
    },
    {
      path: '/',
      element: <AppFrame />,
      errorElement: <RouteFailure />,
      hydrateFallbackElement: <Opening />,
      loader: async ({ request }) => {
        try {
          if (await hasLeft()) return redirect('/sign-in');
          await keepAnswers(queries, await queries.ensureQueryData(sessionQuery));
          // Asked for while the desk itself is on its way.
          if (new URL(request.url).pathname === '/') {
            void queries.prefetchQuery(peopleQuery);
            void queries.prefetchQuery(sequencesQuery);
            void queries.prefetchQuery(classesQuery);
          }
          return null;
        } catch (error) {
          if (error instanceof Unreachable && (await openKeptAnswers(queries))) return null;
          if (!(error instanceof ApiError) || error.status !== 401) throw error;
          const { pathname, search } = new URL(request.url);
          const to = `${pathname}${search}`;
          return redirect(to === '/' ? '/sign-in' : `/sign-in?to=${encodeURIComponent(to)}`);
        }
      },
      children: [
        { index: true, lazy: async () => ({ Component: (await import('./screens/desk/DeskScreen.js')).DeskScreen }) },
        { path: 'asanas', lazy: async () => ({ Component: (await import('./screens/asanas/AsanasScreen.js')).AsanasScreen }) },
        { path: 'asanas/:asana', lazy: async () => ({ Component: (await import('./screens/asana/AsanaScreen.js')).AsanaScreen }) },
        { path: 'limits', lazy: async () => ({ Component: (await import('./screens/limits/LimitsScreen.js')).LimitsScreen }) },
        {
          path: 'limits/:condition',
          lazy: async () => ({ Component: (await import('./screens/limits/ConditionScreen.js')).ConditionScreen }),
        },
        { path: 'studio', lazy: async () => ({ Component: (await import('./screens/studio/StudioScreen.js')).StudioScreen }) },
        { path: 'account', lazy: async () => ({ Component: (await import('./screens/account/AccountScreen.js')).AccountScreen }) },
        { path: 'account/trail', lazy: async () => ({ Component: (await import('./screens/account/TrailScreen.js')).TrailScreen }) },
        { path: 'words', lazy: async () => ({ Component: (await import('./screens/words/WordsScreen.js')).WordsScreen }) },
        { path: 'people', lazy: async () => ({ Component: (await import('./screens/people/PeopleScreen.js')).PeopleScreen }) },
        { path: 'people/import', lazy: async () => ({ Component: (await import('./screens/import/ImportScreen.js')).ImportScreen }) },
        { path: 'people/:person', lazy: async () => ({ Component: (await import('./screens/person/PersonScreen.js')).PersonScreen }) },
        { path: 'sequences', lazy: async () => ({ Component: (await import('./screens/sequences/SequencesScreen.js')).SequencesScreen }) },
        { path: 'sequences/build', lazy: async () => ({ Component: (await import('./screens/build/BuildScreen.js')).BuildScreen }) },
        {
          path: 'sequences/:sequence',
          lazy: async () => ({ Component: (await import('./screens/sequence/SequenceScreen.js')).SequenceScreen }),
        },
        {
          path: 'sequences/:sequence/for/:person',
          lazy: async () => ({ Component: (await import('./screens/score/ScoreScreen.js')).ScoreScreen }),
        },
        {
          path: 'sequences/:sequence/for/:person/teach',
          lazy: async () => ({ Component: (await import('./screens/teach/TeachScreen.js')).TeachScreen }),
        },
        {
          path: 'sequences/:sequence/for/:person/log',
          lazy: async () => ({ Component: (await import('./screens/log/LogScreen.js')).LogScreen }),
        },
        {
          path: 'sequences/:sequence/for/:person/door',
          lazy: async () => ({ Component: (await import('./screens/door/DoorScreen.js')).DoorScreen }),
        },
        {
          path: 'sequences/:sequence/for/:person/sheet',
          lazy: async () => ({ Component: (await import('./screens/sheet/SheetScreen.js')).SheetScreen }),
        },
        {
          path: 'sequences/:sequence/for/:person/home',
          lazy: async () => ({ Component: (await import('./screens/home/HomeScreen.js')).HomeScreen }),
        },
        {
          path: 'sequences/:sequence/for/:person/schools',
          lazy: async () => ({ Component: (await import('./screens/schools/SchoolsScreen.js')).SchoolsScreen }),
        },
        { path: 'lesson', lazy: async () => ({ Component: (await import('./screens/lesson/LessonScreen.js')).LessonScreen }) },
        { path: 'practice', lazy: async () => ({ Component: (await import('./screens/practice/PracticeScreen.js')).PracticeScreen }) },
        { path: 'practice/cases', lazy: async () => ({ Component: (await import('./screens/practice/CasesScreen.js')).CasesScreen }) },
        { path: 'help', lazy: async () => ({ Component: (await import('./screens/help/HelpScreen.js')).HelpScreen }) },
        { path: 'register', lazy: async () => ({ Component: (await import('./screens/register/RegisterScreen.js')).RegisterScreen }) },
        { path: '*', element: <RouteFailure /> },
      ],
    },
  ]);
}
