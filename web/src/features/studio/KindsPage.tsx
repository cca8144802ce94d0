import { keys } from '../../api/keys';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Link } from 'react-router';
import { api, need } from '../../api/client';
import { ifMatch } from '../../api/merge';
import { sentence } from '../../api/problem';
import { usePageTitle } from '../../language/pageTitle';
import { words } from '../../language/format';
import { common } from '../../language/text';
import { Button } from '../../ui/Button';

/** The kinds the studio made for itself, with what each has otherwise than the kind it was copied from. */
export function KindsPage() {
  usePageTitle(common.kinds.title);
  const queries = useQueryClient();
  const kinds = useQuery({ queryKey: keys.kinds(), queryFn: () => need(api.GET('/api/v1/kinds')) });
  const offer = useMutation({
    mutationFn: ({ id, version, offered }: { id: string; version: number; offered: boolean }) =>
      need(
        api.PUT('/api/v1/kinds/{id}/offered', {
          params: { path: { id }, header: ifMatch(version) },
          body: { offered },
        }),
      ),
    onSuccess: () =>
      Promise.all(
        [keys.kinds(), keys.vocabulary()].map((queryKey) => queries.invalidateQueries({ queryKey })),
      ),
  });
  const problem = kinds.error ?? offer.error;
  return (
    <main className="mx-auto flex max-w-3xl flex-col gap-4 p-8">
      <Link to="/clients" className="text-chalk">
        ← {common.clients.title}
      </Link>
      <h1 className="font-serif text-2xl font-semibold">{common.kinds.title}</h1>
      <p className="text-soft">{common.kinds.what}</p>
      {problem && <p role="alert">{sentence(problem)}</p>}
      {kinds.data?.length === 0 && <p>{common.kinds.empty}</p>}
      <ul className="border-t border-line">
        {kinds.data?.map((kind) => (
          <li key={kind.id} className="flex items-baseline gap-4 border-b border-line bg-sheet px-4 py-3">
            <span className="w-44 shrink-0">
              <strong className="block font-serif text-[15px]">{kind.name}</strong>
              <span className="text-soft">
                {common.kinds.like} {words(kind.like)}
              </span>
            </span>
            <span className="grow text-[13px]">
              {Object.entries(kind.set)
                .map(([name, value]) => `${words(name)}: ${inWords(value)}`)
                .join(' · ')}
            </span>
            <span className="w-36 shrink-0 text-right">
              <span className="block text-xs text-soft">
                {kind.offered ? common.kinds.offered : common.kinds.notOffered}
              </span>
              <Button look="link" onClick={() => offer.mutate({ ...kind, offered: !kind.offered })}>
                {kind.offered ? common.kinds.retire : common.kinds.offer}
              </Button>
            </span>
          </li>
        ))}
      </ul>
    </main>
  );
}

function inWords(value: unknown): string {
  if (Array.isArray(value)) {
    return value.map(inWords).join(', ');
  }
  if (typeof value === 'object' && value !== null) {
    return Object.values(value).map(inWords).join(' ');
  }
  return words(String(value));
}
