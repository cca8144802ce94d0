export { Workspace } from './Workspace';
