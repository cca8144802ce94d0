export { CapsuleStage } from './CapsuleStage';
export { PlanPage } from './PlanPage';
export { SavedPage } from './SavedPage';
export { SharedPage } from './SharedPage';
export { useSavedCapsules } from './queries';
