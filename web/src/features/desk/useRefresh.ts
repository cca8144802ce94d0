import { useQueryClient } from '@tanstack/react-query';
import { useCallback } from 'react';
import { keys } from '../../api/keys';

/** What a client's figures are made of. Everything else on screen carries the stamp of these and is asked anew with it. */
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
] as const;

/** Asks anew for everything the figures of a client are made of, after whatever changed them; not for what is `known` already. */
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
