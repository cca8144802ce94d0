import { useVirtualizer } from '@tanstack/react-virtual';
import { memo, useMemo, useRef, useState, type KeyboardEvent } from 'react';
import type { Counts, PieceView } from '../../api/client';
import { figure } from '../../language/format';
import { common } from '../../language/text';
import { Choice } from '../../ui/Choice';
import { Drawing } from '../../ui/Drawing';
import { Mark } from '../../ui/Mark';
import { Spoken } from '../../ui/Spoken';
import { useTitles } from '../rules';
import { useChosen, useDesk } from '../desk';

interface Props {
  counts: Counts;
  cell: { top: string; bottom: string } | null;
  onPick: (cell: { top: string; bottom: string }) => void;
}

type Sort = 'count' | 'colour' | 'family';

interface Headed {
  piece: PieceView;
  total: bigint;
}

const rowHeight = 34;
const rowsBeyondSight = 6;

function sorted(pieces: Headed[], sort: Sort): Headed[] {
  const by = {
    count: (a: Headed, b: Headed) => (a.total < b.total ? 1 : a.total > b.total ? -1 : 0),
    colour: (a: Headed, b: Headed) => a.piece.order.colour - b.piece.order.colour,
    family: (a: Headed, b: Headed) => a.piece.kindName.localeCompare(b.piece.kindName),
  };
  return [...pieces].sort(by[sort]);
}

/**
 * The pieces of one slot across those of another; a cell's square grows with its count, a barred ring marks a pair that never works.
 * Only the rows in sight are drawn; arrow keys go from cell to cell.
 */
export function CrossingTable({ counts, cell, onPick }: Props) {
  const { within, shown } = useDesk();
  const [chosen] = useChosen();
  const [sort, setSort] = useState<Sort>('count');
  const scroller = useRef<HTMLDivElement>(null);
  // where the keys have got to while the row they went to is not drawn yet: keys are typed faster than rows appear
  const aim = useRef<[number, number] | null>(null);
  // the one cell that Tab reaches; arrow keys go on from there
  const [stop, setStop] = useState({ row: 0, column: 0 });
  const titles = useTitles();
  const crossings = counts.perPair[`${chosen.rows}×${chosen.columns}`];
  const table = useMemo(() => {
    const n = new Map<string, bigint>();
    const sums = new Map<string, bigint>();
    let most = 1;
    crossings?.forEach((c) => {
      const exact = BigInt(c.n);
      n.set(`${c.a} ${c.b}`, exact);
      [c.a, c.b].forEach((id) => sums.set(id, (sums.get(id) ?? 0n) + exact));
      most = Math.max(most, Number(exact));
    });
    return { n, sums, most };
  }, [crossings]);
  const reasons = useMemo(
    () => new Map(counts.neverTogether.map((pair) => [`${pair.a} ${pair.b}`, pair.rule])),
    [counts.neverTogether],
  );
  const [tops, bottoms] = useMemo(() => {
    const inSlot = (slot: string, among: PieceView[]) =>
      sorted(
        among
          .filter((piece) => piece.roles.includes(slot))
          .map((piece) => ({ piece, total: table.sums.get(piece.id) ?? 0n })),
        sort,
      );
    return [inSlot(chosen.rows, shown), inSlot(chosen.columns, within)];
  }, [chosen.rows, chosen.columns, shown, within, table, sort]);
  const rows = useVirtualizer({
    count: tops.length,
    getScrollElement: () => scroller.current,
    estimateSize: () => rowHeight,
    overscan: rowsBeyondSight,
  });
  if (bottoms.length === 0 || tops.length === 0) {
    return <p className="text-soft">{common.counts.empty}</p>;
  }

  function keys(event: KeyboardEvent) {
    const step = {
      ArrowUp: [-1, 0],
      ArrowDown: [1, 0],
      ArrowLeft: [0, -1],
      ArrowRight: [0, 1],
    }[event.key];
    const at = (event.target as HTMLElement).dataset;
    if (!step || at.row === undefined) {
      return;
    }
    event.preventDefault();
    let [row, column] = aim.current ?? [Number(at.row), Number(at.column)];
    do {
      row += step[0]!;
      column += step[1]!;
    } while (tops[row] && tops[row]?.piece.id === bottoms[column]?.piece.id);
    if (tops[row] && bottoms[column]) {
      aim.current = [row, column];
      rows.scrollToIndex(row);
      requestAnimationFrame(() => {
        aim.current = null;
        scroller.current?.querySelector<HTMLElement>(`[data-row="${row}"][data-column="${column}"]`)?.focus();
      });
    }
  }

  const inSight = rows.getVirtualItems();
  const stopRow = inSight.some(({ index }) => index === stop.row) ? stop.row : inSight[0]?.index;
  const stopIn = (index: number) => {
    const column = Math.min(stop.column, bottoms.length - 1);
    // a piece does not meet itself: the cell beside it is the one to reach
    const meets = tops[index]?.piece.id !== bottoms[column]?.piece.id;
    return index === stopRow ? (meets ? column : (column + 1) % bottoms.length) : -1;
  };
  const above = inSight[0]?.start ?? 0;
  const below = rows.getTotalSize() - (inSight[inSight.length - 1]?.end ?? 0);
  return (
    <div
      ref={scroller}
      className="max-h-[calc(100vh-282px)] overflow-auto"
      onKeyDown={keys}
      onFocus={({ target: { dataset } }) =>
        dataset.row !== undefined && setStop({ row: Number(dataset.row), column: Number(dataset.column) })
      }
    >
      <table className="border-collapse" aria-rowcount={tops.length + 1}>
        <thead className="sticky top-0 z-10 bg-sheet">
          <tr>
            <td className="sticky left-0 bg-sheet pb-1 align-bottom">
              <Choice
                label={common.counts.sorted}
                value={sort}
                options={Object.entries(common.counts.sorts)}
                onChange={(value) => setSort(value as Sort)}
              />
            </td>
            {bottoms.map(({ piece }) => (
              <Head key={piece.id} piece={piece} />
            ))}
            <th scope="col" className="pl-3 text-right align-bottom text-xs font-normal text-soft">
              {common.counts.total}
            </th>
          </tr>
        </thead>
        <tbody>
          {above > 0 && <tr aria-hidden="true" style={{ height: above }} />}
          {inSight.map(({ index }) => (
            <Row
              key={tops[index]!.piece.id}
              top={tops[index]!}
              index={index}
              bottoms={bottoms}
              n={table.n}
              most={table.most}
              reasons={reasons}
              titles={titles}
              stop={stopIn(index)}
              picked={cell?.top === tops[index]!.piece.id ? cell.bottom : null}
              onPick={onPick}
            />
          ))}
          {below > 0 && <tr aria-hidden="true" style={{ height: below }} />}
        </tbody>
      </table>
    </div>
  );
}

interface RowProps {
  top: Headed;
  index: number;
  bottoms: Headed[];
  n: Map<string, bigint>;
  most: number;
  reasons: Map<string, string>;
  titles: Map<string, string>;
  /** The column of the cell that Tab reaches, or −1. */
  stop: number;
  picked: string | null;
  onPick: Props['onPick'];
}

const Row = memo(function Row({
  top,
  index,
  bottoms,
  n,
  most,
  reasons,
  titles,
  stop,
  picked,
  onPick,
}: RowProps) {
  const { piece, total } = top;
  return (
    <tr aria-rowindex={index + 2} style={{ height: rowHeight }}>
      <th scope="row" className="sticky left-0 bg-sheet pr-3 text-left font-normal whitespace-nowrap">
        <span className="flex items-center gap-2">
          <Drawing src={piece.flat} name="" className="h-7 w-6" />
          <span className="max-w-40 truncate">{piece.label}</span>
        </span>
      </th>
      {bottoms.map(({ piece: bottom }, column) => {
        const value = n.get(`${piece.id} ${bottom.id}`) ?? 0n;
        const side = 16 + 16 * Math.sqrt(Number(value) / most);
        const rule = reasons.get(`${piece.id} ${bottom.id}`);
        const why = rule ? `, ${common.counts.mostly} “${titles.get(rule) ?? rule}”` : '';
        return (
          <td key={bottom.id} className="h-[34px] w-[46px] border border-hair p-0 text-center">
            {piece.id !== bottom.id && (
              <button
                type="button"
                data-cell={`${piece.id} ${bottom.id}`}
                data-row={index}
                data-column={column}
                tabIndex={column === stop ? 0 : -1}
                aria-pressed={picked === bottom.id}
                aria-label={`${piece.label} with ${bottom.label}: ${value === 0n ? common.counts.never + why : `${figure(value)} ${common.counts.total}`}`}
                title={value === 0n ? common.counts.never + why : figure(value)}
                onClick={() => onPick({ top: piece.id, bottom: bottom.id })}
                className={`flex h-full w-full items-center justify-center ${picked === bottom.id ? 'outline-2 outline-chalk' : ''}`}
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
      <td className="pl-3 text-right font-serif font-semibold whitespace-nowrap">
        <Spoken of={total} />
      </td>
    </tr>
  );
});

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
    <th
      scope="col"
      className="w-[46px] min-w-[46px] px-0.5 pb-1 align-bottom text-[11px] leading-tight font-normal"
    >
      <Drawing src={piece.flat} name="" className="mx-auto h-9 w-7" />
      <span className="line-clamp-2 wrap-break-word">{piece.label}</span>
    </th>
  );
}
