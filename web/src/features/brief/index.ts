export { BriefStage } from './BriefStage';
export { useBrief, usePlaces } from './queries';
