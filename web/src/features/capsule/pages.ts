/** The pages of these screens, for the router alone: each is loaded when its address is opened. */
export const pages = {
  CapsuleLayout: async () => (await import('./CapsuleLayout')).CapsuleLayout,
  CapsulePlanPage: async () => (await import('./CapsulePlanPage')).CapsulePlanPage,
  SavedPage: async () => (await import('./SavedPage')).SavedPage,
  SharedPage: async () => (await import('./SharedPage')).SharedPage,
};
