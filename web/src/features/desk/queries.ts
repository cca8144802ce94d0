import { takenBack } from './takenBack';
import { useSession, useToday } from '../session';
import { keys } from '../../api/keys';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, need } from '../../api/client';
import { sentence } from '../../api/problem';
import { common } from '../../language/text';
import { useSay } from '../../ui/Notices';
import { say } from './messages';
import { useRefresh } from './useRefresh';

export function useClient(clientId: string) {
  return useQuery({
    queryKey: keys.client(clientId),
    queryFn: () => need(api.GET('/api/v1/clients/{id}', { params: { path: { id: clientId } } })),
  });
}

export function usePieces(clientId: string) {
  return useQuery({
    queryKey: keys.pieces(clientId),
    queryFn: () => need(api.GET('/api/v1/clients/{clientId}/pieces', { params: { path: { clientId } } })),
  });
}

/**
 * The wardrobe's colours, grouped, and the client's palette.
 *
 * @param stamp of the wardrobe
 */
export function usePalette(clientId: string, stamp: string) {
  return useQuery({
    queryKey: keys.palette(clientId, stamp),
    placeholderData: (before) => before,
    queryFn: () => need(api.GET('/api/v1/clients/{clientId}/palette', { params: { path: { clientId } } })),
  });
}

/** Takes back the newest step, or with `again` does again what was taken back last. */
export function useUndo(clientId: string, again = false) {
  const refresh = useRefresh();
  const tell = useSay();
  return useMutation({
    mutationFn: () =>
      need(
        api.POST(again ? '/api/v1/clients/{clientId}/redo' : '/api/v1/clients/{clientId}/undo', {
          params: { path: { clientId } },
        }),
      ),
    onSuccess: (undone) => {
      const what = takenBack(undone);
      tell(
        undone.undone
          ? say(again ? 'redone' : 'undone', { what })
          : say(again ? 'nothingToRedo' : 'nothingToUndo'),
      );
      return refresh();
    },
    onError: (error) => tell(sentence(error)),
  });
}

/** How often each piece was worn and when last, by its id. */
export function useWorn(clientId = '', enabled = true) {
  return useQuery({
    queryKey: keys.worn(clientId),
    enabled,
    queryFn: () => need(api.GET('/api/v1/clients/{clientId}/wears', { params: { path: { clientId } } })),
  });
}

/** What says how often outfits were worn. */
const countingWears = (clientId: string) => [
  keys.worn(clientId),
  keys.worn(clientId, 'outfits'),
  keys.savedOutfits(clientId),
  keys.formulas(clientId),
  keys.formulaMatches(clientId),
];

/** Writes down that pieces are worn together today. */
export function useWear(clientId: string) {
  const queries = useQueryClient();
  const say = useSay();
  const today = useToday();
  return useMutation({
    mutationFn: (pieces: string[]) =>
      need(
        api.POST('/api/v1/clients/{clientId}/wears', {
          params: { path: { clientId } },
          body: { date: today(), pieces },
        }),
      ),
    onSuccess: () => {
      say(common.worn.written);
      return Promise.all(countingWears(clientId).map((queryKey) => queries.invalidateQueries({ queryKey })));
    },
    onError: (error) => say(sentence(error)),
  });
}

/** The weather of the coming week where the client lives. */
export function useForecast(clientId: string) {
  const isKnown = useSession().isSuccess;
  const today = useToday()();
  return useQuery({
    queryKey: keys.forecast(clientId, today),
    enabled: isKnown,
    queryFn: () =>
      need(
        api.GET('/api/v1/clients/{clientId}/forecast', { params: { path: { clientId }, query: { today } } }),
      ),
  });
}

export function useVocabulary() {
  return useQuery({
    queryKey: keys.vocabulary(),
    staleTime: Infinity,
    queryFn: () => need(api.GET('/api/v1/vocabulary')),
  });
}
