import { keys } from '../../../api/keys';
import { useQuery } from '@tanstack/react-query';
import { api, need, type SavedOutfit } from '../../../api/client';
import { useKept, useSeen } from '../../desk';
import { say } from '../messages';
import type { Slots } from '../queries';

/** Name, notes and purpose of a saved outfit. */
export interface About {
  name: string;
  notes: string;
  occasions: string[];
  seasons: string[];
  tags: string[];
  favourite: boolean;
}

/** The pieces worn. */
export interface WornAs {
  slots: Slots;
  finishes: Record<string, string[]>;
}

/** The saved outfits, judged as the wardrobe is now; loaded again whenever anything they depend on changes. */
export function useSavedOutfits(clientId: string) {
  return useQuery({
    queryKey: keys.savedOutfits(clientId),
    queryFn: () =>
      need(
        api.GET('/api/v1/clients/{clientId}/saved-outfits', { params: { path: { clientId } } }),
      ) as Promise<SavedOutfit[]>,
  });
}

export function useSaveOutfit(clientId: string) {
  return useKept(
    keys.savedOutfits(clientId),
    (saved: SavedOutfit) => say('savedAs', { name: saved.name }),
    (body: About & WornAs) =>
      need(
        api.POST('/api/v1/clients/{clientId}/saved-outfits', {
          params: { path: { clientId } },
          body: { ...body },
        }),
      ) as Promise<SavedOutfit>,
  );
}

export function useChangeOutfit(clientId: string) {
  const header = useSeen(keys.savedOutfits(clientId));
  return useKept(
    keys.savedOutfits(clientId),
    (saved: SavedOutfit) => say('changedTo', { name: saved.name, version: saved.version }),
    ({ id, ...body }: { id: string; version?: number } & Partial<About> & Partial<WornAs>) =>
      need(
        api.PATCH('/api/v1/clients/{clientId}/saved-outfits/{id}', {
          params: { path: { clientId, id }, header: header(id) },
          body: { ...body },
        }),
      ) as Promise<SavedOutfit>,
  );
}

export function useDeleteOutfit(clientId: string) {
  const header = useSeen(keys.savedOutfits(clientId));
  return useKept(
    keys.savedOutfits(clientId),
    (_: unknown, { name }: { id: string; name: string }) => say('deleted', { name }),
    ({ id }: { id: string; name: string }) =>
      need(
        api.DELETE('/api/v1/clients/{clientId}/saved-outfits/{id}', {
          params: { path: { clientId, id }, header: header(id) },
        }),
      ),
  );
}
