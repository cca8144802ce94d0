/** The pages of these screens, for the router alone: each is loaded when its address is opened. */
export const pages = {
  BenchPage: async () => (await import('./bench/BenchPage')).BenchPage,
  ChangesPage: async () => (await import('./vary/ChangesPage')).ChangesPage,
  FormulasPage: async () => (await import('./formulas/FormulasPage')).FormulasPage,
  OutfitsLayout: async () => (await import('./OutfitsLayout')).OutfitsLayout,
  OutfitsPage: async () => (await import('./OutfitsPage')).OutfitsPage,
  PathsPage: async () => (await import('./vary/PathsPage')).PathsPage,
  RegistersPage: async () => (await import('./bench/RegistersPage')).RegistersPage,
  SavedOutfitsPage: async () => (await import('./saved/SavedOutfitsPage')).SavedOutfitsPage,
  SuitsPage: async () => (await import('./suits/SuitsPage')).SuitsPage,
  WaysPage: async () => (await import('./vary/WaysPage')).WaysPage,
  WornOutfitsPage: async () => (await import('./saved/WornOutfitsPage')).WornOutfitsPage,
};
