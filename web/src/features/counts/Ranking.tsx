import { Link, useLocation } from 'react-router';
import type { Counts } from '../../api/client';
import { figure, text } from '../../app/messages';
import { Drawing } from '../../ui/Drawing';
import { Mark } from '../../ui/Mark';
import { useDesk } from '../workspace/context';

/** Every piece with its count, weakest first; orphans lead the list. */
export function Ranking({ counts }: { counts: Counts }) {
  const { shown } = useDesk();
  const { search } = useLocation();
  const ranked = shown
    .map((piece) => ({ piece, n: counts.perPiece[piece.id ?? ''] }))
    .sort((a, b) => (a.n ?? Infinity) - (b.n ?? Infinity));
  const most = Math.max(1, ...ranked.map(({ n }) => n ?? 0));
  return (
    <table className="w-full" data-testid="ranking">
      <caption className="pb-2 text-left text-xs text-soft">{text.counts.ranking}</caption>
      <tbody>
        {ranked.map(({ piece, n }) => {
          const list = new URLSearchParams(search);
          list.delete('containing');
          list.delete('placed');
          list.append('containing', piece.id ?? '');
          return (
            <tr key={piece.id} className="border-t border-hair">
              <td className="w-9">
                <Drawing src={piece.flat ?? ''} name="" className="h-7 w-6" />
              </td>
              <th scope="row" className="w-60 text-left font-normal">
                {piece.label}
              </th>
              <td>
                <span
                  aria-hidden="true"
                  className="block h-2.5 bg-soft"
                  style={{ width: `${(100 * (n ?? 0)) / most}%` }}
                />
              </td>
              <td className="w-32 pl-3 text-right font-serif font-semibold">
                {n === undefined ? (
                  <span className="font-sans text-xs font-normal text-soft">{text.counts.pending}</span>
                ) : n === 0 ? (
                  <span className="inline-flex items-center gap-1.5 font-sans text-xs font-normal text-no">
                    <Mark kind="no" /> {text.counts.orphan}
                  </span>
                ) : (
                  <Link to={`../outfits?${list}`} className="hover:text-chalk">
                    {figure(n)}
                  </Link>
                )}
              </td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}
