import { useMutation, useQueryClient } from '@tanstack/react-query';
import { sentence } from '../../api/problem';
import { useSay } from '../../ui/Notices';

/**
 * Something done to what is kept of a client, such as its saved capsules; it can be undone.
 *
 * @param queryKey of what is asked anew after it, also where it was refused
 * @param words what is said once it is done
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
