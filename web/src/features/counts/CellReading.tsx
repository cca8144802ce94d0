import { Link, useLocation, useParams } from 'react-router';
import { sentence } from '../../api/problem';
import { join } from '../../language/format';
import { common } from '../../language/text';
import { Spoken } from '../../ui/Spoken';
import { Changes, OutfitCard, Reasons, useOutfits, useVerdict } from '../outfits';
import { RulingMaker } from '../rules';
import { listQuery, useChosen, useDesk, withSlots } from '../desk';

function verdict(id?: string) {
  return common.sheet[(id ?? 'no') as 'works' | 'daring' | 'no'];
}

/** A cell of the crossing table: its first outfits, or why there are none. */
export function CellReading({ top, bottom }: { top: string; bottom: string }) {
  const { clientId = '' } = useParams();
  const { search } = useLocation();
  const [chosen] = useChosen();
  const { byId, live, stamp } = useDesk();
  const found = BigInt(
    live.counts?.perPair[`${chosen.rows}×${chosen.columns}`]?.find((c) => c.a === top && c.b === bottom)?.n ??
      0,
  );
  const placed = [`${chosen.rows}=${top}`, `${chosen.columns}=${bottom}`];
  const outfits = useOutfits(clientId, chosen, { containing: [], placed }, stamp, 'best', found > 0);
  const why = useVerdict(
    clientId,
    chosen,
    { [chosen.rows]: top, [chosen.columns]: bottom },
    true,
    stamp,
    found === 0n,
  );
  const buildQuery = withSlots({ [chosen.rows]: top, [chosen.columns]: bottom }, search);
  const error = outfits.error ?? why.error;
  const beside = Object.entries(why.data?.slots ?? {})
    .filter(([slot]) => slot !== chosen.rows && slot !== chosen.columns)
    .map(([, id]) => byId.get(String(id))?.label ?? String(id));

  return (
    <section aria-live="polite" data-testid="cell-reading">
      <h2 className="font-serif text-[15px] leading-tight font-semibold">
        {byId.get(top)?.label} with {byId.get(bottom)?.label}
      </h2>
      <p className="flex gap-4">
        {found === 0n && <RulingMaker pieces={[top, bottom]} decision="approved" />}
        <RulingMaker pieces={[top, bottom]} decision="never" />
      </p>
      {error && <p role="alert">{sentence(error)}</p>}
      {found > 0n ? (
        <>
          <p className="mb-2 text-soft">
            <Spoken of={found} /> {common.counts.total} ·{' '}
            <Link to={`../outfits?${listQuery(search, { placed })}`} className="font-medium text-chalk">
              {common.counts.open}
            </Link>{' '}
            ·{' '}
            <Link to={`../outfits/bench?${buildQuery}`} className="font-medium text-chalk">
              {common.counts.build}
            </Link>
          </p>
          <div className="flex flex-col gap-2">
            {outfits.data?.pages[0]?.outfits?.slice(0, 3).map((outfit, i) => (
              <OutfitCard key={i} outfit={outfit} byId={byId} small />
            ))}
          </div>
        </>
      ) : (
        <>
          <p className="mb-2 text-soft">{common.counts.noOutfit}</p>
          {why.data && (
            <>
              {beside.length > 0 && (
                <p className="mb-2 text-soft">
                  {common.counts.nearest}: {verdict(why.data.judgement?.verdict)} with {join(beside)}.
                </p>
              )}
              <Reasons findings={why.data.judgement?.findings ?? []} />
              <Changes slots={why.data.slots} changes={why.data.changes} />
            </>
          )}
        </>
      )}
    </section>
  );
}
