/** The pages of these screens, for the router alone: each is loaded when its address is opened. */
export const pages = {
  BriefPage: async () => (await import('./BriefPage')).BriefPage,
};
