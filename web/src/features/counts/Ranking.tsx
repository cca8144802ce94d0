import { useState } from 'react';
import { Link, useLocation } from 'react-router';
import type { Counts, PieceView } from '../../api/client';
import { compareExact } from '../../language/exact';
import { figure, join } from '../../language/format';
import { common } from '../../language/text';
import { Choice } from '../../ui/Choice';
import { Drawing } from '../../ui/Drawing';
import { Mark } from '../../ui/Mark';
import { bars, listQuery, useChosen, useDesk } from '../desk';

type Order = 'weakest' | 'strongest' | 'reach' | 'keeps';

/** Pieces in an order; those not counted yet come last. */
function ranked(pieces: PieceView[], counts: Counts, order: Order): PieceView[] {
  const n = (piece: PieceView) => counts.perPiece[piece.id];
  const number = {
    reach: (piece: PieceView) => counts.reach[piece.id] ?? 0,
    keeps: (piece: PieceView) => counts.keeps[piece.id]?.length ?? 0,
  };
  return [...pieces].sort((a, b) => {
    if (order === 'reach' || order === 'keeps') {
      return number[order](b) - number[order](a);
    }
    const [one, other] = [n(a), n(b)];
    if (one === undefined || other === undefined) {
      return Number(one === undefined) - Number(other === undefined);
    }
    return order === 'weakest' ? compareExact(one, other) : compareExact(other, one);
  });
}

/** Every piece with its count, how many others it is worn with, and which pieces depend on it. */
export function Ranking({ counts }: { counts: Counts }) {
  const { pieces, shown, byId } = useDesk();
  const { search } = useLocation();
  const [order, setOrder] = useState<Order>('weakest');
  const [chosen] = useChosen();
  const bar = bars(counts, pieces, chosen.counting);
  const keeping = Object.keys(counts.keeps).length > 0;
  return (
    <>
      <div className="mb-2 flex items-baseline justify-between gap-4">
        <p id="ranking" className="text-xs text-soft">
          {common.counts.ranking}
          {shown.some((piece) => !bar.isCounted(piece)) && ` · ${common.counts.paleBars}`}
        </p>
        <Choice
          label={common.counts.sorted}
          value={order}
          options={Object.entries(common.counts.rankings)}
          onChange={(value) => setOrder(value as Order)}
        />
      </div>
      <table className="w-full" data-testid="ranking" aria-labelledby="ranking">
        <thead className="text-left text-xs text-soft">
          <tr>
            <td />
            <th scope="col" className="font-normal">
              {common.counts.piece}
            </th>
            <td />
            <th scope="col" className="text-right font-normal">
              {common.counts.total}
            </th>
            <th scope="col" className="pl-4 text-right font-normal whitespace-nowrap">
              {common.counts.reach}
            </th>
            {keeping && (
              <th scope="col" className="pl-4 font-normal whitespace-nowrap">
                {common.counts.keeps}
              </th>
            )}
          </tr>
        </thead>
        <tbody>
          {ranked(shown, counts, order).map((piece) => {
            const n = counts.perPiece[piece.id];
            const words = bar.figure(piece);
            const kept = (counts.keeps[piece.id] ?? []).map((id) => byId.get(id)?.label ?? id);
            return (
              <tr key={piece.id} className="border-t border-hair">
                <td className="w-9">
                  <Drawing src={piece.flat} name="" className="h-7 w-6" />
                </td>
                <th scope="row" className="w-60 pr-3 text-left font-normal">
                  {piece.label}
                </th>
                <td>
                  <span
                    aria-hidden="true"
                    className={`block h-2.5 ${bar.isCounted(piece) ? 'bg-soft' : 'bg-rail'}`}
                    style={{ width: `${100 * bar.share(piece)}%` }}
                  />
                </td>
                <td className="w-28 pl-3 text-right font-serif font-semibold whitespace-nowrap">
                  {n === undefined ? (
                    <span className="font-sans text-xs font-normal text-soft">{common.counts.pending}</span>
                  ) : BigInt(n) === 0n ? (
                    <span className="inline-flex items-center gap-1.5 font-sans text-xs font-normal text-no">
                      <Mark kind="no" /> {common.counts.orphan}
                    </span>
                  ) : (
                    <Link
                      to={`../outfits?${listQuery(search, { containing: piece.id })}`}
                      title={words?.full}
                      aria-label={words?.full}
                      className="hover:text-chalk"
                    >
                      {words?.short}
                    </Link>
                  )}
                </td>
                <td className="w-16 pl-4 text-right text-soft">
                  {counts.reach[piece.id] === undefined ? '–' : figure(counts.reach[piece.id]!)}
                </td>
                {keeping && (
                  <td className="w-56 pl-4 text-xs">
                    {kept.length > 0 && (
                      <span title={`${join(kept)} ${common.counts.keepsWhy}`}>
                        <strong className="font-serif text-[13px]">{figure(kept.length)}</strong>{' '}
                        <span className="text-soft">
                          {kept.length > 2 ? `${kept.slice(0, 2).join(', ')} …` : join(kept)}
                        </span>
                      </span>
                    )}
                  </td>
                )}
              </tr>
            );
          })}
        </tbody>
      </table>
    </>
  );
}
