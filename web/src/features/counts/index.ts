export { CountsStage } from './CountsStage';
