import { useMatches } from 'react-router';

/** The steps of the work with a client, in their order. */
export const steps = ['brief', 'pieces', 'palette', 'capsule', 'outfits', 'counts', 'rules'] as const;

export type Step = (typeof steps)[number];

/** What the workspace knows of the page it shows; the router keeps it as the handle of the route. */
export interface WorkspaceRoute {
  step: Step;
  /** Whether what the page has to say comes before the figures. */
  readsFirst?: boolean;
  /** Whether a piece chosen on the rail is worn there, instead of opened. */
  takesPieces?: boolean;
}

/** Of the page shown now; empty where the address leads nowhere. */
export function useWorkspaceRoute(): Partial<WorkspaceRoute> {
  const handles = useMatches().map((match) => match.handle as WorkspaceRoute | undefined);
  return handles.findLast((handle) => handle !== undefined) ?? {};
}
