export { LastAndNext } from './LastAndNext';
export { VisitsDialog } from './VisitsDialog';
