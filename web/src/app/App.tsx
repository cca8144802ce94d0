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
import { pages as workspace } from '../features/workspace/pages';
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
        page('brief', brief.BriefPage),
        page('pieces', pieces.PiecesPage),
        page('pieces/:ref', pieces.PiecePage),
        page('palette', palette.PalettePage),
        page('capsule', capsule.CapsuleLayout, [
          { index: true, lazy: { Component: capsule.CapsulePlanPage } },
          page('saved', capsule.SavedPage),
          page('shared', capsule.SharedPage),
        ]),
        {
          lazy: { Component: outfits.OutfitsLayout },
          children: [
            page('outfits', outfits.OutfitsPage),
            page('outfits/bench', outfits.BenchPage),
            page('outfits/ways', outfits.WaysPage),
            page('outfits/changes', outfits.ChangesPage),
            page('outfits/paths', outfits.PathsPage),
            page('outfits/registers', outfits.RegistersPage),
            page('outfits/worn', outfits.WornOutfitsPage),
            page('outfits/saved', outfits.SavedOutfitsPage),
            page('outfits/formulas', outfits.FormulasPage),
            page('outfits/suits', outfits.SuitsPage),
          ],
        },
        page('counts', counts.CountsPage),
        page('rules', rules.RulesPage),
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
