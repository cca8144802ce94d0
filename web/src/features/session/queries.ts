import { keys } from '../../api/keys';
import { useQuery } from '@tanstack/react-query';
import { api, need } from '../../api/client';

const fallback = 'EUR';

/** The currency of the studio, as ISO 4217 has it. */
export function useStudioCurrency(): string {
  const session = useQuery({
    queryKey: keys.session(),
    staleTime: Infinity,
    queryFn: () => need(api.GET('/api/v1/session')),
  });
  return session.data?.currency ?? fallback;
}
