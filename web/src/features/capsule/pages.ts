/** The pages of these screens, for the router alone: each is loaded when its address is opened. */
export const pages = {
  CapsuleStage: async () => (await import('./CapsuleStage')).CapsuleStage,
  PlanPage: async () => (await import('./PlanPage')).PlanPage,
  SavedPage: async () => (await import('./SavedPage')).SavedPage,
  SharedPage: async () => (await import('./SharedPage')).SharedPage,
};
