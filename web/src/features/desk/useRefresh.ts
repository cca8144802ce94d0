import { useQueryClient } from '@tanstack/react-query';
import { useCallback } from 'react';

/** What a client's figures are made of. Everything else on screen carries the stamp of these and is asked anew with it. */
const sources = [
  'pieces',
  'client',
  'brief',
  'rules',
  'overrides',
  'capsules',
  'saved-outfits',
  'formulas',
  'worn',
  'forecast',
  'story',
];

/** Asks anew for everything the figures of a client are made of, after whatever changed them; not for what is `known` already. */
export function useRefresh(known?: (typeof sources)[number]) {
  const queries = useQueryClient();
  return useCallback(
    () =>
      Promise.all(
        sources
          .filter((source) => source !== known)
          .map((source) => queries.invalidateQueries({ queryKey: [source] })),
      ),
    [queries, known],
  );
}
