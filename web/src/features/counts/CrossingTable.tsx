import type { Counts, PieceView } from '../../api/client';
import { figure, text } from '../../app/messages';
import { Drawing } from '../../ui/Drawing';
import { Mark } from '../../ui/Mark';
import { useChosen, useDesk } from '../workspace/context';

interface Props {
  counts: Counts;
  cell: { top: string; bottom: string } | null;
  onPick: (cell: { top: string; bottom: string }) => void;
}

/** The pieces of one slot across those of another; a cell's square grows with its count, a barred ring marks a pair that never works. */
export function CrossingTable({ counts, cell, onPick }: Props) {
  const { pieces, shown } = useDesk();
  const [chosen] = useChosen();
  const crossings = counts.perPair[`${chosen.rows}×${chosen.columns}`] ?? [];
  const n = new Map<string, bigint>();
  const sums = new Map<string, bigint>();
  let most = 1;
  crossings.forEach((c) => {
    const exact = BigInt(c.n);
    n.set(`${c.a} ${c.b}`, exact);
    [c.a, c.b].forEach((id) => sums.set(id, (sums.get(id) ?? 0n) + exact));
    most = Math.max(most, Number(exact));
  });
  const inSlot = (slot: string) =>
    pieces
      .filter((piece) => piece.roles?.includes(slot))
      .map((piece) => ({ piece, total: sums.get(piece.id ?? '') ?? 0n }))
      .sort((a, b) => (a.total < b.total ? 1 : a.total > b.total ? -1 : 0));
  const bottoms = inSlot(chosen.columns);
  const tops = inSlot(chosen.rows).filter(({ piece }) => shown.includes(piece));
  if (bottoms.length === 0 || tops.length === 0) {
    return <p className="text-soft">{text.counts.empty}</p>;
  }
  return (
    <div className="overflow-x-auto">
      <table className="border-collapse">
        <thead>
          <tr>
            <td />
            {bottoms.map(({ piece }) => (
              <Head key={piece.id} piece={piece} />
            ))}
            <th scope="col" className="pl-3 text-right align-bottom text-xs font-normal text-soft">
              {text.counts.total}
            </th>
          </tr>
        </thead>
        <tbody>
          {tops.map(({ piece: top, total }) => (
            <tr key={top.id}>
              <th scope="row" className="pr-3 text-left font-normal whitespace-nowrap">
                <span className="flex items-center gap-2">
                  <Drawing src={top.flat ?? ''} name="" className="h-7 w-6" />
                  <span className="max-w-40 truncate">{top.label}</span>
                </span>
              </th>
              {bottoms.map(({ piece: bottom }) => {
                const value = n.get(`${top.id} ${bottom.id}`) ?? 0n;
                const same = top.id === bottom.id;
                const picked = cell?.top === top.id && cell?.bottom === bottom.id;
                const side = 16 + 16 * Math.sqrt(Number(value) / most);
                return (
                  <td key={bottom.id} className="h-[34px] w-[46px] border border-hair p-0 text-center">
                    {!same && (
                      <button
                        type="button"
                        data-cell={`${top.id} ${bottom.id}`}
                        aria-pressed={picked}
                        aria-label={`${top.label} with ${bottom.label}: ${value === 0n ? text.counts.never : `${figure(value)} ${text.counts.total}`}`}
                        onClick={() => onPick({ top: top.id ?? '', bottom: bottom.id ?? '' })}
                        className={`flex h-full w-full items-center justify-center ${picked ? 'outline-2 outline-chalk' : ''}`}
                      >
                        {value === 0n ? (
                          <Mark kind="no" />
                        ) : (
                          <span
                            className="flex items-center justify-center bg-line font-serif text-[11px] leading-none font-bold text-ink"
                            style={{ minWidth: side, height: side }}
                          >
                            {short(value)}
                          </span>
                        )}
                      </button>
                    )}
                  </td>
                );
              })}
              <td className="pl-3 text-right font-serif font-semibold">{figure(total)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

const shortened = new Intl.NumberFormat('en-GB', {
  notation: 'compact',
  maximumSignificantDigits: 3,
  roundingMode: 'floor',
} as Intl.NumberFormatOptions);

/** A count that fits its cell; the exact figure is in the cell's name and in its list. */
function short(value: bigint): string {
  return value < 10_000n ? String(value) : shortened.format(value);
}

function Head({ piece }: { piece: PieceView }) {
  return (
    <th scope="col" className="w-[46px] px-0.5 pb-1 align-bottom text-[11px] leading-tight font-normal">
      <Drawing src={piece.flat ?? ''} name="" className="mx-auto h-9 w-7" />
      <span className="line-clamp-2 wrap-break-word">{piece.label}</span>
    </th>
  );
}
