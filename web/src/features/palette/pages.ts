/** The pages of these screens, for the router alone: each is loaded when its address is opened. */
export const pages = {
  PalettePage: async () => (await import('./PalettePage')).PalettePage,
};
