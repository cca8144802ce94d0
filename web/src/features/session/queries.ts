import { keys } from '../../api/keys';
import { queryOptions, useQuery } from '@tanstack/react-query';
import { api, need } from '../../api/client';
import { calendarDay } from '../../language/format';

const fallback = 'EUR';

/** Who is signed in, and how far the clock of this machine is behind the server's, in milliseconds. */
export const session = queryOptions({
  queryKey: keys.session(),
  staleTime: Infinity,
  queryFn: async () => {
    const view = await need(api.GET('/api/v1/session'));
    return { ...view, behindMs: Date.parse(view.now) - Date.now() };
  },
});

export function useSession() {
  return useQuery(session);
}

/** The currency of the studio, as ISO 4217 has it. */
export function useStudioCurrency(): string {
  return useSession().data?.currency ?? fallback;
}

/**
 * Tells the calendar day where this page is shown, by the server's clock. Ask when it is needed: a page may be left
 * open over midnight.
 */
export function useToday(): () => string {
  const behindMs = useSession().data?.behindMs ?? 0;
  return () => calendarDay(new Date(Date.now() + behindMs));
}
