/** The pages of these screens, for the router alone: each is loaded when its address is opened. */
export const pages = {
  PieceSheet: async () => (await import('./PieceSheet')).PieceSheet,
  PiecesStage: async () => (await import('./PiecesStage')).PiecesStage,
};
