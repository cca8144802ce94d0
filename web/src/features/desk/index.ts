export { ColourPicker } from './ColourPicker';
export { Ladder } from './Ladder';
export { NoCount } from './NoCount';
export { PieceChoice } from './PieceChoice';
export { PieceFigure } from './PieceFigure';
export { PieceFinder } from './PieceFinder';
export { StreamState } from './StreamState';
export {
  benchAddress,
  benchOf,
  finishesOf,
  listQuery,
  pathsOf,
  slotsOf,
  withFinish,
  withPiece,
  withSlots,
  worn,
} from './address';
export { bars, type FigureWords } from './bars';
export {
  type Chosen,
  contextQuery,
  type Desk,
  DeskContext,
  everything,
  type Filter,
  isDay,
  type LiveCounts,
  seasonOptions,
  seasonWords,
  useChosen,
  useDesk,
  weatherWords,
} from './context';
export { narrowed, tagsOf, toggled } from './matches';
export {
  useClient,
  useForecast,
  usePalette,
  usePieces,
  useUndo,
  useVocabulary,
  useWear,
  useWorn,
} from './queries';
export { countedSlots, countingOf, isPreset, ownSlot } from './slots';
export { useKept, useSeen } from './useKept';
export { useLiveCounts } from './useLiveCounts';
export { useRefresh } from './useRefresh';
