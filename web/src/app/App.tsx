import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { Tooltip } from 'radix-ui';
import { createBrowserRouter, Navigate, RouterProvider } from 'react-router';
import { isProblem } from '../api/problem';
import { BriefStage } from '../features/brief';
import { CapsuleStage, PlanPage, SavedPage, SharedPage } from '../features/capsule';
import { ClientsPage } from '../features/clients';
import { CountsStage } from '../features/counts';
import { HelpPage } from '../features/help';
import {
  BenchPage,
  ChangesPage,
  FormulasPage,
  OutfitsLayout,
  OutfitsStage,
  PathsPage,
  RegistersPage,
  SavedOutfitsPage,
  SuitsPage,
  WaysPage,
  WornOutfitsPage,
} from '../features/outfits';
import { PaletteStage } from '../features/palette';
import { PieceSheet, PiecesStage } from '../features/pieces';
import { RulesStage } from '../features/rules';
import { useFocusNearby } from './focusNearby';
import { SignInPage } from '../features/session';
import { KindsPage } from '../features/studio';
import { Workspace } from '../features/workspace';
import { Notices } from '../ui/Notices';

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

/** A gallery of the kit; not part of the production build. */
const kit = import.meta.env.DEV
  ? [{ path: '/ui', lazy: async () => ({ Component: (await import('./Gallery')).Gallery }) }]
  : [];

const router = createBrowserRouter([
  { path: '/', element: <Navigate to="/clients" replace /> },
  { path: '/sign-in', element: <SignInPage /> },
  { path: '/clients', element: <ClientsPage /> },
  { path: '/kinds', element: <KindsPage /> },
  { path: '/help', element: <HelpPage /> },
  ...kit,
  {
    path: '/clients/:clientId',
    element: <Workspace />,
    children: [
      { index: true, element: <Navigate to="brief" replace /> },
      { path: 'brief', element: <BriefStage /> },
      { path: 'pieces', element: <PiecesStage /> },
      { path: 'pieces/:ref', element: <PieceSheet /> },
      { path: 'palette', element: <PaletteStage /> },
      {
        path: 'capsule',
        element: <CapsuleStage />,
        children: [
          { index: true, element: <PlanPage /> },
          { path: 'saved', element: <SavedPage /> },
          { path: 'shared', element: <SharedPage /> },
        ],
      },
      {
        element: <OutfitsLayout />,
        children: [
          { path: 'outfits', element: <OutfitsStage /> },
          { path: 'outfits/bench', element: <BenchPage /> },
          { path: 'outfits/ways', element: <WaysPage /> },
          { path: 'outfits/changes', element: <ChangesPage /> },
          { path: 'outfits/paths', element: <PathsPage /> },
          { path: 'outfits/registers', element: <RegistersPage /> },
          { path: 'outfits/worn', element: <WornOutfitsPage /> },
          { path: 'outfits/saved', element: <SavedOutfitsPage /> },
          { path: 'outfits/formulas', element: <FormulasPage /> },
          { path: 'outfits/suits', element: <SuitsPage /> },
        ],
      },
      { path: 'counts', element: <CountsStage /> },
      { path: 'rules', element: <RulesStage /> },
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
