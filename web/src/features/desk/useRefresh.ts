import { useQueryClient } from '@tanstack/react-query';
import { useCallback } from 'react';
import { keys } from '../../api/keys';

/**
 * The sources of a client's figures. Everything else on screen carries a stamp of these and is loaded again with it.
 */
const sources = [
  'pieces',
  'client',
  'brief',
  'rules',
  'overrides',
  'capsules',
  'savedOutfits',
  'formulas',
  'worn',
  'forecast',
  'story',
  'visits',
  'clients',
] as const;

/** Loads all sources of a client's figures again after a change, except one that is `known`. */
export function useRefresh(known?: (typeof sources)[number]) {
  const queries = useQueryClient();
  return useCallback(
    () =>
      Promise.all(
        sources
          .filter((source) => source !== known)
          .map((source) => queries.invalidateQueries({ queryKey: keys[source]() })),
      ),
    [queries, known],
  );
}
