import { keys } from '../../api/keys';
import { useMutation, useQuery, useQueryClient, type QueryClient } from '@tanstack/react-query';
import { api, need, type PieceView } from '../../api/client';
import { ifMatch } from '../../api/merge';
import { sentence } from '../../api/problem';
import { common } from '../../language/text';
import { useSay } from '../../ui/Notices';
import { say } from './messages';
import { useRefresh, useUndo } from '../desk';

function put(queries: QueryClient, clientId: string, ...changed: PieceView[]) {
  queries.setQueryData<PieceView[]>(keys.pieces(clientId), (before = []) => {
    const byId = new Map(changed.map((piece) => [piece.id, piece]));
    const kept = before.map((piece) => byId.get(piece.id) ?? piece);
    return [...kept, ...changed.filter((piece) => !before.some((p) => p.id === piece.id))];
  });
}

export interface AttributeSpec {
  name: string;
  form: string;
  least: number;
  most: number;
  words: string[];
}

export interface Vocabulary {
  words: Record<string, string[]>;
}

/** Loads the pieces again, bypassing the cache. */
export function usePiecesOf(clientId: string) {
  const queries = useQueryClient();
  return () =>
    queries.fetchQuery({
      queryKey: keys.pieces(clientId),
      staleTime: 0,
      queryFn: () => need(api.GET('/api/v1/clients/{clientId}/pieces', { params: { path: { clientId } } })),
    });
}

export function useStory(clientId: string, piece: PieceView) {
  return useQuery({
    queryKey: keys.story(clientId, piece.id, piece.version),
    placeholderData: (before) => before,
    queryFn: () =>
      need(
        api.GET('/api/v1/clients/{clientId}/pieces/{ref}/story', {
          params: { path: { clientId, ref: piece.id } },
        }),
      ),
  });
}

function entryReading(line: string) {
  return {
    queryKey: keys.entry(line),
    queryFn: () => need(api.POST('/api/v1/entry', { body: { line, keepUnknown: false } })),
  };
}

/** What the server understands of the line as it is typed. */
export function useEntryReading(line: string) {
  return useQuery({
    ...entryReading(line),
    enabled: line.trim() !== '',
    placeholderData: (before) => before,
  });
}

/** Reads a line that was entered, however fast it was typed. */
export function useReadEntry() {
  const queries = useQueryClient();
  return (line: string) => queries.fetchQuery(entryReading(line));
}

/** What the server understands of many lines. */
export function useLinesReading(lines: string[]) {
  return useQuery({
    queryKey: keys.lines(lines),
    enabled: lines.length > 0,
    placeholderData: (before) => before,
    queryFn: () => need(api.POST('/api/v1/entry/lines', { body: { lines, keepUnknown: false } })),
  });
}

interface Entry {
  key: string;
  line: string;
  keepUnknown: boolean;
  also: Record<string, unknown>;
}

export function useEnter(clientId: string) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (entry: Entry) =>
      need(
        api.POST('/api/v1/clients/{clientId}/pieces/entry', {
          params: { path: { clientId } },
          body: entry,
        }),
      ),
    onSuccess: (piece) => put(queries, clientId, piece),
  });
}

export function useEnterAll(clientId: string) {
  const queries = useQueryClient();
  const tell = useSay();
  return useMutation({
    mutationFn: (lines: string[]) =>
      need(
        api.POST('/api/v1/clients/{clientId}/pieces/entries', {
          params: { path: { clientId } },
          body: { lines, keepUnknown: true },
        }),
      ),
    onSuccess: (_, lines) => {
      tell(say('linesSaved', { n: lines.length }));
      return queries.invalidateQueries({ queryKey: keys.pieces(clientId) });
    },
  });
}

export function useChange(clientId: string) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: ({ piece, set }: { piece: PieceView; set: Record<string, unknown> }) =>
      need(
        api.PUT('/api/v1/clients/{clientId}/pieces/{ref}', {
          params: { path: { clientId, ref: piece.id }, header: ifMatch(piece.version) },
          body: set,
        }),
      ),
    onSuccess: (piece) => put(queries, clientId, piece),
  });
}

function seen(pieces: PieceView[]): Record<string, number> {
  return Object.fromEntries(pieces.map((piece) => [piece.id, piece.version]));
}

interface ChangeOfMany {
  pieces: PieceView[];
  set?: Record<string, unknown>;
  /** Entries for attributes that are lists, beside those each piece has. */
  add?: Record<string, unknown[]>;
}

/** Says what an unclear word of a piece means, or with null that it may stay a note. */
export function useExplain(clientId: string) {
  const queries = useQueryClient();
  const tell = useSay();
  return useMutation({
    mutationFn: ({ piece, word, as }: { piece: PieceView; word: string; as: string | null }) =>
      need(
        api.POST('/api/v1/clients/{clientId}/pieces/{ref}/words', {
          params: { path: { clientId, ref: piece.id } },
          body: { word, as: as ?? undefined },
        }),
      ),
    onSuccess: (piece) => put(queries, clientId, piece),
    onError: (error) => {
      tell(sentence(error));
      return queries.invalidateQueries({ queryKey: keys.pieces(clientId) });
    },
  });
}

/** Changes many pieces in one step. */
export function useChangeMany(clientId: string) {
  const queries = useQueryClient();
  const tell = useSay();
  const undo = useUndo(clientId);
  return useMutation({
    mutationFn: ({ pieces, set = {}, add = {} }: ChangeOfMany) =>
      need(
        api.POST('/api/v1/clients/{clientId}/pieces/change', {
          params: { path: { clientId } },
          body: { seen: seen(pieces), set, add },
        }),
      ),
    onSuccess: (pieces) => {
      put(queries, clientId, ...pieces);
      tell(say('changedPieces', { n: pieces.length }), {
        label: common.pieces.undo,
        run: () => undo.mutate(),
      });
    },
    onError: (error) => {
      tell(sentence(error));
      return queries.invalidateQueries({ queryKey: keys.pieces(clientId) });
    },
  });
}

export function useDeleteMany(clientId: string) {
  const queries = useQueryClient();
  const tell = useSay();
  const undo = useUndo(clientId);
  return useMutation({
    mutationFn: (pieces: PieceView[]) =>
      need(
        api.POST('/api/v1/clients/{clientId}/pieces/delete', {
          params: { path: { clientId } },
          body: { seen: seen(pieces) },
        }),
      ),
    onSuccess: (_, pieces) => {
      const gone = new Set(pieces.map((piece) => piece.id));
      queries.setQueryData<PieceView[]>(keys.pieces(clientId), (before = []) =>
        before.filter((piece) => !gone.has(piece.id)),
      );
      tell(say('deletedPieces', { n: pieces.length, label: pieces[0]?.label }), {
        label: common.pieces.undo,
        run: () => undo.mutate(),
      });
    },
    onError: (error) => {
      tell(sentence(error));
      return queries.invalidateQueries({ queryKey: keys.pieces(clientId) });
    },
  });
}

export function useDelete(clientId: string) {
  const many = useDeleteMany(clientId);
  return {
    ...many,
    mutate: (piece: PieceView, options?: { onSuccess: () => void }) => many.mutate([piece], options),
  };
}

interface SetOfPieces {
  id: string;
  /** Of a set that is there already. */
  version?: number;
  kind: string;
  label: string;
  pieces: string[];
}

export function useJoinSet(clientId: string) {
  const refresh = useRefresh();
  return useMutation({
    mutationFn: ({ id, version, kind, label, pieces }: SetOfPieces) =>
      need(
        api.PUT('/api/v1/clients/{clientId}/sets/{setId}', {
          params: { path: { clientId, setId: id }, header: version === undefined ? {} : ifMatch(version) },
          body: { kind, label, pieces },
        }),
      ),
    onSuccess: refresh,
  });
}

/** Makes a kind of the studio's own by copying one. */
export function useMakeKind() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (kind: { name: string; like: string; set: Record<string, unknown> }) =>
      need(api.POST('/api/v1/kinds', { body: kind })),
    onSuccess: () =>
      Promise.all(
        [keys.kinds(), keys.vocabulary()].map((queryKey) => queries.invalidateQueries({ queryKey })),
      ),
  });
}
