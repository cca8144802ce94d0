export { HelpPage } from './HelpPage';
