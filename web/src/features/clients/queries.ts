import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, need } from '../../api/client';
import { keys } from '../../api/keys';
import { useSession, useToday } from '../session';

/** The studio's clients with their visits as they are on the day here. */
export function useClients() {
  const isKnown = useSession().isSuccess;
  const today = useToday()();
  return useQuery({
    queryKey: keys.clients(today),
    enabled: isKnown,
    queryFn: () => need(api.GET('/api/v1/clients', { params: { query: { today } } })),
  });
}

export function useAddClient() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (name: string) => need(api.POST('/api/v1/clients', { body: { name } })),
    onSuccess: () => queries.invalidateQueries({ queryKey: keys.clients() }),
  });
}
