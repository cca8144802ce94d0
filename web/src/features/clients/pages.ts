/** The pages of these screens, for the router alone: each is loaded when its address is opened. */
export const pages = {
  ClientsPage: async () => (await import('./ClientsPage')).ClientsPage,
};
