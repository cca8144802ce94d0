import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, need } from '../../api/client';
import { ifMatch } from '../../api/merge';
import { keys } from '../../api/keys';
import type { components } from '../../api/schema';

export type Visit = Required<components['schemas']['VisitView']>;

export interface VisitFields {
  date: string;
  note: string;
}

export function useVisits(clientId: string) {
  return useQuery({
    queryKey: keys.visits(clientId),
    queryFn: () => need(api.GET('/api/v1/clients/{clientId}/visits', { params: { path: { clientId } } })),
  });
}

/** A change of a client's visits; the list of clients, which has the last and the next, is loaded anew as well. */
function useVisitChange<T>(clientId: string, change: (of: T) => Promise<unknown>) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: change,
    onSettled: () =>
      Promise.all(
        [keys.visits(clientId), keys.clients()].map((queryKey) => queries.invalidateQueries({ queryKey })),
      ),
  });
}

export function useAddVisit(clientId: string) {
  return useVisitChange(clientId, (body: VisitFields) =>
    need(api.POST('/api/v1/clients/{clientId}/visits', { params: { path: { clientId } }, body })),
  );
}

export function useChangeVisit(clientId: string) {
  return useVisitChange(clientId, ({ visit, fields }: { visit: Visit; fields: VisitFields }) =>
    need(
      api.PATCH('/api/v1/clients/{clientId}/visits/{id}', {
        params: { path: { clientId, id: visit.id }, header: ifMatch(visit.version) },
        body: fields,
      }),
    ),
  );
}

export function useDeleteVisit(clientId: string) {
  return useVisitChange(clientId, (visit: Visit) =>
    need(
      api.DELETE('/api/v1/clients/{clientId}/visits/{id}', {
        params: { path: { clientId, id: visit.id }, header: ifMatch(visit.version) },
      }),
    ),
  );
}
