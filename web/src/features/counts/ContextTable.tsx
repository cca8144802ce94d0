import type { ContextCell } from '../../api/client';
import { useState } from 'react';
import { createPortal } from 'react-dom';
import { Link, useLocation, useParams } from 'react-router';
import { compareExact, greatest, shareOf } from '../../language/exact';
import { figure, spoken } from '../../language/format';
import { common } from '../../language/text';
import { seasonOptions, StreamState, useChosen, useDesk } from '../desk';
import { streamAddress } from '../../api/streams';
import { useStream } from '../../api/useStream';
import { ContextReading } from './ContextReading';

const at = (season: string, occasion: string) => `${season} ${occasion}`;

/** What the weather takes away from the same occasion. */
function Lost({ cell, plain }: { cell: ContextCell; plain?: ContextCell }) {
  const lost = cell.season && plain ? BigInt(plain.total) - BigInt(cell.total) : 0n;
  return lost > 0n ? <span className="text-xs text-soft tabular-nums">−{spoken(lost)}</span> : null;
}

/** What the wardrobe makes possible in every season and for every occasion of the brief. */
export function ContextTable() {
  const { clientId = '' } = useParams();
  const [chosen] = useChosen();
  const { client, stamp, readingSlot } = useDesk();
  const { search } = useLocation();
  const { counting } = chosen;
  const [picked, setPicked] = useState(at(chosen.season, chosen.occasion));
  const table = useStream(
    streamAddress('/api/v1/clients/{clientId}/counts/contexts', {
      path: { clientId },
      query: { counting, daring: chosen.daring, capsule: chosen.capsule },
    }),
    'cell',
    stamp,
  );
  const occasions = ['', ...client.occasions.map((occasion) => occasion.name)];
  const seasons = seasonOptions(client);
  const known = new Map(table.events.map((cell) => [at(cell.season, cell.occasion), cell]));
  const most = greatest(table.events.map((cell) => cell.total));
  const all = seasons.length * occasions.length;
  const cellPicked = known.get(picked);
  return (
    <div data-testid="contexts">
      <p className="mb-3 max-w-prose text-xs text-soft">{common.counts.contextsWhy}</p>
      <StreamState
        of={table}
        words={`${figure(known.size)} of ${figure(all)} ${common.counts.counted}`}
        fraction={table.events.length / (2 * all - occasions.length)}
      />
      <div className="overflow-x-auto">
        <table className="border-collapse">
          <caption className="sr-only">{common.counts.contexts}</caption>
          <thead>
            <tr>
              <td />
              {occasions.map((occasion) => (
                <th
                  key={occasion}
                  scope="col"
                  className="w-28 px-2 pb-2 align-bottom text-xs leading-tight font-normal"
                >
                  {occasion || common.context.anyOccasion}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {seasons.map(([season, name]) => (
              <tr key={season}>
                <th scope="row" className="pr-4 text-left font-normal whitespace-nowrap">
                  {name}
                </th>
                {occasions.map((occasion) => {
                  const cell = known.get(at(season, occasion));
                  const here = picked === at(season, occasion);
                  return (
                    <td
                      key={occasion}
                      className={`h-14 border border-hair p-0 text-center ${here ? 'outline-2 -outline-offset-2 outline-ink' : ''}`}
                    >
                      {cell ? (
                        <button
                          type="button"
                          aria-pressed={here}
                          aria-label={`${occasion || common.context.anyOccasion}, ${name}: ${figure(cell.total)}`}
                          title={figure(cell.total)}
                          data-context={at(season, occasion)}
                          onClick={() => setPicked(at(season, occasion))}
                          className="flex h-full w-full flex-col items-center justify-center px-2 hover:text-chalk"
                        >
                          <span className="font-serif text-[15px] font-semibold whitespace-nowrap">
                            {spoken(cell.total)}
                          </span>
                          <Lost cell={cell} plain={known.get(at('', occasion))} />
                          <span
                            aria-hidden="true"
                            className="mt-1 block h-1 bg-soft"
                            style={{
                              width: `${Math.max(compareExact(cell.total, 0) > 0 ? 2 : 0, 80 * shareOf(cell.total, most))}px`,
                            }}
                          />
                        </button>
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
      {client.climate.length < 12 && (
        <p className="mt-3 text-soft">
          {common.counts.noClimate}{' '}
          <Link to={`../brief${search}`} className="font-medium text-chalk">
            {common.counts.addClimate}
          </Link>
        </p>
      )}
      {readingSlot &&
        createPortal(
          cellPicked ? (
            <ContextReading
              key={picked}
              cell={cellPicked}
              plain={known.get(at('', cellPicked.occasion))}
              counting={counting}
            />
          ) : (
            <p className="text-soft">{common.counts.pickContext}</p>
          ),
          readingSlot,
        )}
    </div>
  );
}
