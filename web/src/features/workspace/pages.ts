/** The pages of these screens, for the router alone: each is loaded when its address is opened. */
export const pages = {
  Workspace: async () => (await import('./Workspace')).Workspace,
};

export type { WorkspaceRoute } from './route';
