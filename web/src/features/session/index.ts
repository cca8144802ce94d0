export { SignInPage } from './SignInPage';
export { useStudioCurrency } from './queries';
