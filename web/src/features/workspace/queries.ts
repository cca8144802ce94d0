import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, need } from '../../api/client';
import { sentence } from '../../api/problem';
import { text } from '../../app/messages';
import { useSay } from '../../ui/Notices';

export function useClient(clientId: string) {
  return useQuery({
    queryKey: ['client', clientId],
    queryFn: () => need(api.GET('/api/v1/clients/{id}', { params: { path: { id: clientId } } })),
  });
}

export function usePieces(clientId: string) {
  return useQuery({
    queryKey: ['pieces', clientId],
    queryFn: () => need(api.GET('/api/v1/clients/{clientId}/pieces', { params: { path: { clientId } } })),
  });
}

/** Takes back the newest change of this client's wardrobe. */
export function useUndo(clientId: string) {
  const queries = useQueryClient();
  const say = useSay();
  return useMutation({
    mutationFn: () => need(api.POST('/api/v1/clients/{clientId}/undo', { params: { path: { clientId } } })),
    onSuccess: (undone) => {
      say(undone.undone ? `${text.pieces.undone}: ${undone.label}` : text.pieces.nothingToUndo);
      return queries.invalidateQueries({ queryKey: ['pieces', clientId] });
    },
    onError: (error) => say(sentence(error)),
  });
}
