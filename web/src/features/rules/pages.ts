/** The pages of these screens, for the router alone: each is loaded when its address is opened. */
export const pages = {
  RulesPage: async () => (await import('./RulesPage')).RulesPage,
};
