export { CountsStage } from './CountsStage';
export { StreamState } from './StreamState';
