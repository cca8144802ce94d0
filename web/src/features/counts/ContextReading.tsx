import type { ContextCell } from '../../api/client';
import { Link, useLocation, useParams } from 'react-router';
import { join, monthName } from '../../language/format';
import { common } from '../../language/text';
import { Spoken } from '../../ui/Spoken';
import { listQuery, seasonWords, useChosen, useDesk } from '../desk';
import { streamAddress } from '../../api/streams';
import { useStream } from '../../api/useStream';

interface Props {
  cell: ContextCell;
  /** The same occasion without weather. */
  plain?: ContextCell;
  counting: string;
}

/** A season and occasion: how many, what the weather takes away, and the pieces that drop out. */
export function ContextReading({ cell, plain, counting }: Props) {
  const { clientId = '' } = useParams();
  const { search } = useLocation();
  const [chosen] = useChosen();
  const { byId, stamp } = useDesk();
  const { season, occasion } = cell;
  const inWeather = streamAddress('/api/v1/clients/{clientId}/counts/difference', {
    path: { clientId },
    query: {
      counting,
      daring: chosen.daring,
      occasion,
      capsule: chosen.capsule,
      thenDaring: chosen.daring,
      thenSeason: season,
      thenOccasion: occasion,
    },
  });
  const difference = useStream(season ? inWeather : null, 'difference', stamp);
  const found = difference.events[difference.events.length - 1];
  const out =
    found?.perPiece.filter((piece) => BigInt(piece.before) > 0n && BigInt(piece.after) === 0n) ?? [];
  const lost = season && plain ? BigInt(plain.total) - BigInt(cell.total) : 0n;
  const opened = { season, occasion, counting, table: '' };
  return (
    <section aria-live="polite" data-testid="context-reading">
      <h2 className="font-serif text-[15px] leading-tight font-semibold">
        {occasion || common.context.anyOccasion}, {seasonWords(season)}
      </h2>
      <p className="text-soft">
        <Spoken of={cell.total} /> {common.context.presets[counting]}
        {BigInt(cell.total) > 0n && (
          <>
            {' · '}
            <Link to={`../outfits?${listQuery(search, opened)}`} className="font-medium text-chalk">
              {common.counts.open}
            </Link>
          </>
        )}
      </p>
      {lost > 0n && (
        <p className="text-soft">
          <Spoken of={lost} /> {common.counts.lostToWeather}
        </p>
      )}
      {cell.weakest && cell.weakest.month !== null && (
        <p className="text-soft">
          {common.counts.weakestMonth}: {monthName(cell.weakest.month)}, <Spoken of={cell.weakest.total} />
        </p>
      )}
      {season && (
        <>
          <h3 className="mt-3 font-semibold">
            {common.counts.dropOut}
            {out.length > 0 && ` · ${out.length}`}
          </h3>
          {difference.state === 'running' && <p className="text-soft">{common.counts.pending} …</p>}
          {difference.refused && <p role="alert">{difference.refused}</p>}
          {difference.state === 'failed' && !difference.refused && <p role="alert">{common.counts.failed}</p>}
          {out.length > 0 && (
            <p className="text-soft">{join(out.map((piece) => byId.get(piece.id)?.label ?? piece.id))}</p>
          )}
          {difference.state === 'done' && out.length === 0 && (
            <p className="text-soft">{common.counts.noneDropOut}</p>
          )}
        </>
      )}
    </section>
  );
}
