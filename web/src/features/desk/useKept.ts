import { useMutation, useQueryClient } from '@tanstack/react-query';
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
