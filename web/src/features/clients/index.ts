export { ClientsPage } from './ClientsPage';
