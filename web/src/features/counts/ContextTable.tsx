import { Link, useParams, useSearchParams } from 'react-router';
import type { Exact } from '../../api/client';
import { compareExact, greatest, shareOf } from '../../app/exact';
import { figure, text } from '../../app/messages';
import { Choice } from '../../ui/Choice';
import { listQuery } from '../outfits/address';
import { useChosen, useDesk } from '../workspace/context';
import { useEventStream } from '../workspace/useEventStream';
import { StreamState } from './StreamState';

interface Cell {
  season: string;
  occasion: string;
  total: Exact;
  daring: Exact;
}

/** What the weather takes away from the same occasion. */
function Lost({ cell, plain }: { cell: Cell; plain?: Cell }) {
  const lost = cell.season && plain ? BigInt(plain.total) - BigInt(cell.total) : 0n;
  return lost > 0n ? <span className="text-xs text-soft tabular-nums">−{figure(lost)}</span> : null;
}

/** What the wardrobe makes possible in every season and for every occasion of the brief. */
export function ContextTable() {
  const { clientId = '' } = useParams();
  const [chosen] = useChosen();
  const { client, stamp } = useDesk();
  const [search, setSearch] = useSearchParams();
  const counting = search.get('table') ?? 'bases';
  const query = new URLSearchParams({ counting, daring: String(chosen.daring) });
  const table = useEventStream<Cell>(`/api/v1/clients/${clientId}/counts/contexts?${query}`, 'cell', stamp);
  const occasions = ['', ...client.occasions.map((occasion) => occasion.name)];
  const seasons = Object.entries({ '': text.context.noWeather, ...text.context.seasons });
  const known = new Map(table.events.map((cell) => [`${cell.season} ${cell.occasion}`, cell]));
  const reached = seasons.filter(([season]) => table.state !== 'done' || known.has(`${season} `));
  const most = greatest(table.events.map((cell) => cell.total));
  const all = seasons.length * occasions.length;
  return (
    <div data-testid="contexts">
      <p className="mb-3 max-w-prose text-xs text-soft">{text.counts.contextsWhy}</p>
      <Choice
        label={text.context.counting}
        value={counting}
        options={Object.entries(text.context.presets)}
        onChange={(table) => {
          const next = new URLSearchParams(search);
          next.set('table', table);
          setSearch(next);
        }}
      />
      <StreamState
        streamed={table}
        words={`${figure(table.events.length)} of ${figure(all)} ${text.counts.counted}`}
        fraction={table.events.length / all}
      />
      <div className="overflow-x-auto">
        <table className="border-collapse">
          <caption className="sr-only">{text.counts.contexts}</caption>
          <thead>
            <tr>
              <td />
              {occasions.map((occasion) => (
                <th
                  key={occasion}
                  scope="col"
                  className="w-28 px-2 pb-2 align-bottom text-xs leading-tight font-normal"
                >
                  {occasion || text.context.anyOccasion}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {reached.map(([season, name]) => (
              <tr key={season}>
                <th scope="row" className="pr-4 text-left font-normal whitespace-nowrap">
                  {name}
                </th>
                {occasions.map((occasion) => {
                  const cell = known.get(`${season} ${occasion}`);
                  const here = season === chosen.season && occasion === chosen.occasion;
                  return (
                    <td
                      key={occasion}
                      className={`h-14 border border-hair p-0 text-center ${here ? 'outline-2 -outline-offset-2 outline-ink' : ''}`}
                    >
                      {cell ? (
                        <Link
                          to={`../outfits?${listQuery(search, { season, occasion, counting, table: '' })}`}
                          className="flex h-full flex-col items-center justify-center px-2 hover:text-chalk"
                        >
                          <span className="font-serif text-[15px] font-semibold">{figure(cell.total)}</span>
                          <Lost cell={cell} plain={known.get(` ${occasion}`)} />
                          <span
                            aria-hidden="true"
                            className="mt-1 block h-1 bg-soft"
                            style={{
                              width: `${Math.max(compareExact(cell.total, 0) > 0 ? 2 : 0, 80 * shareOf(cell.total, most))}px`,
                            }}
                          />
                        </Link>
                      ) : (
                        <span className="text-soft">·</span>
                      )}
                    </td>
                  );
                })}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      {reached.length < seasons.length && <p className="mt-3 text-soft">{text.counts.noClimate}</p>}
    </div>
  );
}
