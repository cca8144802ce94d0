import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { Tooltip } from 'radix-ui';
import type { ComponentType } from 'react';
import { createBrowserRouter, Navigate, RouterProvider, type RouteObject } from 'react-router';
import { isProblem } from '../api/problem';
import { pages as brief } from '../features/brief/pages';
import { pages as capsule } from '../features/capsule/pages';
import { pages as clients } from '../features/clients/pages';
import { pages as counts } from '../features/counts/pages';
import { pages as help } from '../features/help/pages';
import { pages as outfits } from '../features/outfits/pages';
import { pages as palette } from '../features/palette/pages';
import { pages as pieces } from '../features/pieces/pages';
import { pages as rules } from '../features/rules/pages';
import { pages as session } from '../features/session/pages';
import { pages as studio } from '../features/studio/pages';
import { pages as workspace, type WorkspaceRoute } from '../features/workspace/pages';
import { Notices } from '../ui/Notices';
import { ErrorPage, MissingPage } from './ErrorPage';
import { useFocusNearby } from './focusNearby';

const queries = new QueryClient({
  defaultOptions: {
    // the server may be on this very machine: whether there is a network says nothing about it
    mutations: { networkMode: 'always' },
    queries: {
      networkMode: 'always',
      staleTime: 30_000,
      refetchOnWindowFocus: false,
      retry: (tries, error) => tries < 2 && !(isProblem(error) && error.status < 500),
    },
  },
});

/** A route whose page is loaded when its address is opened; what goes wrong in it is shown in its place. */
function page(path: string, load: () => Promise<ComponentType>, children?: RouteObject[]): RouteObject {
  return { path, errorElement: <ErrorPage />, lazy: { Component: load }, children };
}

/** A page of the workspace, at a step of the work. */
function step(path: string, load: () => Promise<ComponentType>, handle: WorkspaceRoute): RouteObject {
  return { ...page(path, load), handle };
}

/** A gallery of the kit; not part of the production build. */
const kit = import.meta.env.DEV ? [page('/ui', async () => (await import('./Gallery')).Gallery)] : [];

const router = createBrowserRouter([
  {
    errorElement: <ErrorPage />,
    HydrateFallback: () => null,
    children: [
      { path: '/', element: <Navigate to="/clients" replace /> },
      page('/sign-in', session.SignInPage),
      page('/clients', clients.ClientsPage),
      page('/kinds', studio.KindsPage),
      page('/help', help.HelpPage),
      ...kit,
      page('/clients/:clientId', workspace.Workspace, [
        { index: true, element: <Navigate to="brief" replace /> },
        step('brief', brief.BriefPage, { step: 'brief' }),
        step('pieces', pieces.PiecesPage, { step: 'pieces' }),
        step('pieces/:ref', pieces.PiecePage, { step: 'pieces' }),
        step('palette', palette.PalettePage, { step: 'palette' }),
        {
          path: 'capsule',
          errorElement: <ErrorPage />,
          lazy: { Component: capsule.CapsuleLayout },
          handle: { step: 'capsule' } satisfies WorkspaceRoute,
          children: [
            { index: true, lazy: { Component: capsule.CapsulePlanPage } },
            page('saved', capsule.SavedPage),
            page('shared', capsule.SharedPage),
          ],
        },
        {
          lazy: { Component: outfits.OutfitsLayout },
          handle: { step: 'outfits' } satisfies WorkspaceRoute,
          children: [
            page('outfits', outfits.OutfitsPage),
            step('outfits/bench', outfits.BenchPage, {
              step: 'outfits',
              readsFirst: true,
              takesPieces: true,
            }),
            page('outfits/ways', outfits.WaysPage),
            page('outfits/changes', outfits.ChangesPage),
            page('outfits/paths', outfits.PathsPage),
            page('outfits/registers', outfits.RegistersPage),
            page('outfits/worn', outfits.WornOutfitsPage),
            page('outfits/saved', outfits.SavedOutfitsPage),
            page('outfits/formulas', outfits.FormulasPage),
            step('outfits/suits', outfits.SuitsPage, { step: 'outfits', readsFirst: true }),
          ],
        },
        step('counts', counts.CountsPage, { step: 'counts' }),
        step('rules', rules.RulesPage, { step: 'rules' }),
        { path: '*', element: <MissingPage /> },
      ]),
      { path: '*', element: <MissingPage /> },
    ],
  },
]);

export function App() {
  useFocusNearby();
  return (
    <QueryClientProvider client={queries}>
      <Tooltip.Provider delayDuration={200}>
        <Notices>
          <RouterProvider router={router} />
        </Notices>
      </Tooltip.Provider>
    </QueryClientProvider>
  );
}
