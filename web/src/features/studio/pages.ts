/** The pages of these screens, for the router alone: each is loaded when its address is opened. */
export const pages = {
  KindsPage: async () => (await import('./KindsPage')).KindsPage,
};
