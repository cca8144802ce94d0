export { KindPicker } from './KindPicker';
export { useEntryReading, useReadEntry } from './queries';
