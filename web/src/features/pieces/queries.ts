import { useMutation, useQuery, useQueryClient, type QueryClient } from '@tanstack/react-query';
import { api, need, type PieceView } from '../../api/client';
import { sentence } from '../../api/problem';
import { text } from '../../app/messages';
import { useSay } from '../../ui/Notices';
import { useUndo } from '../workspace/queries';

function put(queries: QueryClient, clientId: string, piece: PieceView) {
  queries.setQueryData<PieceView[]>(['pieces', clientId], (before = []) =>
    before.some((p) => p.id === piece.id)
      ? before.map((p) => (p.id === piece.id ? piece : p))
      : [...before, piece],
  );
}

/** What the server understands of the line as it is typed. */
export function useEntryReading(line: string) {
  return useQuery({
    queryKey: ['entry', line],
    enabled: line.trim() !== '',
    placeholderData: (before) => before,
    queryFn: () => need(api.POST('/api/v1/entry', { body: { line } })),
  });
}

export function useEnter(clientId: string) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (line: string) =>
      need(
        api.POST('/api/v1/clients/{clientId}/pieces/entry', {
          params: { path: { clientId } },
          body: { line },
        }),
      ),
    onSuccess: (piece) => put(queries, clientId, piece),
  });
}

export function useChange(clientId: string) {
  const queries = useQueryClient();
  const say = useSay();
  return useMutation({
    mutationFn: ({ piece, set }: { piece: PieceView; set: Record<string, unknown> }) =>
      need(
        api.PUT('/api/v1/clients/{clientId}/pieces/{ref}', {
          params: { path: { clientId, ref: piece.id ?? '' }, header: { 'If-Match': `"${piece.version}"` } },
          body: set as never,
        }),
      ),
    onSuccess: (piece) => {
      put(queries, clientId, piece);
      say(`${text.pieces.saved}: ${piece.label}`);
    },
    onError: (error) => say(sentence(error)),
  });
}

export function useDelete(clientId: string) {
  const queries = useQueryClient();
  const say = useSay();
  const undo = useUndo(clientId);
  return useMutation({
    mutationFn: (piece: PieceView) =>
      need(
        api.DELETE('/api/v1/clients/{clientId}/pieces/{ref}', {
          params: { path: { clientId, ref: piece.id ?? '' } },
        }),
      ),
    onSuccess: (_, piece) => {
      queries.setQueryData<PieceView[]>(['pieces', clientId], (before = []) =>
        before.filter((p) => p.id !== piece.id),
      );
      say(`${text.pieces.deleted}: ${piece.label}`, { label: text.pieces.undo, run: () => undo.mutate() });
    },
    onError: (error) => say(sentence(error)),
  });
}
