export { useSession, useStudioCurrency, useToday } from './queries';
