export { KindPicker } from './KindPicker';
export { PieceSheet } from './PieceSheet';
export { PiecesStage } from './PiecesStage';
export { useEntryReading, useReadEntry } from './queries';
