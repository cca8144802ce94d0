/** The pages of these screens, for the router alone: each is loaded when its address is opened. */
export const pages = {
  PiecePage: async () => (await import('./PiecePage')).PiecePage,
  PiecesPage: async () => (await import('./PiecesPage')).PiecesPage,
};
