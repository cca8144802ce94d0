import { useMutation, useQueryClient } from '@tanstack/react-query';
import { ifMatch } from '../../api/merge';
import { sentence } from '../../api/problem';
import { useSay } from '../../ui/Notices';

/**
 * A change to something saved for a client, such as its capsules; it can be undone.
 *
 * @param queryKey of the answers to load again afterwards, also after a refusal
 * @param words of the notice once it is done
 */
export function useKept<T, R>(
  queryKey: unknown[],
  words: (done: R, asked: T) => string,
  run: (asked: T) => Promise<R>,
) {
  const queries = useQueryClient();
  const tell = useSay();
  return useMutation({
    mutationFn: run,
    onSuccess: (done, asked) => {
      tell(words(done, asked));
      return queries.invalidateQueries({ queryKey });
    },
    onError: (error) => {
      tell(sentence(error));
      void queries.invalidateQueries({ queryKey });
    },
  });
}

interface Entry {
  id?: string;
  change?: number;
}

/**
 * The If-Match header for an entry as it is shown: the number of the change that wrote it.
 *
 * @param queryKey of the lists it is shown in
 */
export function useSeen(queryKey: unknown[]) {
  const queries = useQueryClient();
  return (id: string) => {
    const lists = queries.getQueriesData<Entry[] | { saved: Entry[] }>({ queryKey });
    const entries = lists.flatMap(([, list]) => (Array.isArray(list) ? list : (list?.saved ?? [])));
    return ifMatch(entries.find((entry) => entry.id === id)?.change ?? 0);
  };
}
