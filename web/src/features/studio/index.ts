export { KindsPage } from './KindsPage';
