export { useSavedCapsules } from './queries';
