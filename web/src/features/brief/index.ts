export { useBrief, usePlaces } from './queries';
