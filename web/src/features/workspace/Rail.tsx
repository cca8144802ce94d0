import { useVirtualizer } from '@tanstack/react-virtual';
import { memo, useCallback, useEffect, useMemo, useRef, useState, type KeyboardEvent } from 'react';
import { useLocation, useNavigate, useParams } from 'react-router';
import type { Exact, PieceView } from '../../api/client';
import { common } from '../../language/text';
import { useWorkspaceRoute } from './route';
import { text } from './text';
import { Choice } from '../../ui/Choice';
import { Drawing, DrawnHere } from '../../ui/Drawing';
import { bars, ownSlot, toggled, useChosen, useDesk, useWorn, withPiece } from '../desk';
import { hang, type RailSort } from './railOrder';

/** Strips share the width of the window but for the choice of their order, as far as they stay wide enough to be distinguished. */
const widthOfTheChoice = 150;
const wideGap = 20;
const narrowGap = 8;
/** Above this many strips families move together, so that 250 pieces hang on one screen. */
const many = 150;
/** Below this width, in pixels, they do as well. */
const narrowWindow = 1000;
const narrowest = 4.6;
const widest = 16;
/** About the width of a letter of a family's name, in pixels: no name runs into the next. */
const letter = 6;
const spaceAfterName = 6;
const beyondSight = 12;

interface StripProps {
  piece: PieceView;
  index: number;
  left: number;
  width: number;
  count?: Exact;
  figure: string;
  /** How long its bar is, 0 to 1. */
  share: number;
  chosen: boolean;
  active: boolean;
  onHold: (id: string | null) => void;
  onOpen: (id: string) => void;
  onToggle: (index: number, range: boolean) => void;
}

const Strip = memo(function Strip(props: StripProps) {
  const { piece, index, left, width, count, figure, share, chosen, active, onHold, onOpen, onToggle } = props;
  return (
    <button
      type="button"
      data-strip={index}
      tabIndex={active ? 0 : -1}
      aria-label={`${piece.label}, ${figure}${chosen ? `, ${common.pieces.selected}` : ''}`}
      onMouseEnter={() => onHold(piece.id)}
      onMouseLeave={() => onHold(null)}
      onFocus={() => onHold(piece.id)}
      onBlur={() => onHold(null)}
      onClick={(event) =>
        event.ctrlKey || event.metaKey || event.shiftKey ? onToggle(index, event.shiftKey) : onOpen(piece.id)
      }
      style={{ width, left }}
      className="absolute top-0 flex flex-col items-center"
    >
      <DrawnHere svg={piece.strip} name="" className="h-[100px] w-full max-w-[14px]" />
      <span className="flex h-3 items-end" aria-hidden="true">
        {count === 0 ? (
          <span className="h-1.5 w-1.5 rounded-full border border-no" />
        ) : (
          <span className="w-[3px] bg-ink" style={{ height: count ? 2 + 9 * Math.sqrt(share) : 0 }} />
        )}
      </span>
      <span aria-hidden="true" className={`h-[3px] w-full ${chosen ? 'bg-chalk' : ''}`} />
    </button>
  );
});

/** Every piece as a thin strip hanging edge-on, with its count beneath; only the strips in sight are drawn. */
export function Rail() {
  const { clientId } = useParams();
  const navigate = useNavigate();
  const { search } = useLocation();
  const { pieces, shown, byId, live, selection, select } = useDesk();
  const [chosen] = useChosen();
  const [sort, setSort] = useState<RailSort>('family');
  const [held, setHeld] = useState<string | null>(null);
  const [active, setActive] = useState(0);
  const [moved, setMoved] = useState(false);
  const scroller = useRef<HTMLDivElement>(null);
  const [railWidth, setRailWidth] = useState(window.innerWidth - widthOfTheChoice);
  useEffect(() => {
    const measure = () => setRailWidth(window.innerWidth - widthOfTheChoice);
    window.addEventListener('resize', measure);
    return () => window.removeEventListener('resize', measure);
  }, []);
  const perPiece = live.counts?.perPiece;
  const worn = useWorn(clientId, sort === 'worn').data;
  const hung = useMemo(() => hang(shown, sort, perPiece ?? {}, worn), [shown, sort, perPiece, worn]);
  const strips = useMemo(() => hung.flatMap(({ members }) => members), [hung]);
  const familyGap = strips.length > many || railWidth < narrowWindow ? narrowGap : wideGap;
  const width = Math.max(
    narrowest,
    Math.min(widest, (railWidth - familyGap * hung.length) / Math.max(1, strips.length)),
  );
  const lefts = useMemo(() => {
    let left = 0;
    return hung.flatMap(({ name, members }) => {
      const places = members.map((_, i) => left + i * width);
      left += Math.max(members.length * width + familyGap, name.length * letter + spaceAfterName);
      return places;
    });
  }, [hung, width, familyGap]);
  const end = (lefts[lefts.length - 1] ?? 0) + width;
  const rail = useVirtualizer({
    horizontal: true,
    count: strips.length,
    getScrollElement: () => scroller.current,
    estimateSize: (i) => (lefts[i + 1] ?? end) - lefts[i]!,
    overscan: beyondSight,
  });
  useEffect(() => rail.measure(), [rail, lefts]);
  const bar = useMemo(
    () => bars(live.counts, pieces, chosen.counting),
    [live.counts, pieces, chosen.counting],
  );
  const at = Math.min(active, strips.length - 1);

  const onBench = useWorkspaceRoute().takesPieces ?? false;
  const open = useCallback(
    (id: string) => {
      const piece = byId.get(id);
      navigate(
        onBench && piece
          ? `/clients/${clientId}/outfits/bench?${withPiece(id, ownSlot(piece), new URLSearchParams(search))}`
          : `/clients/${clientId}/pieces/${id}${search}`,
      );
    },
    [navigate, clientId, search, onBench, byId],
  );
  const toggle = useCallback(
    (index: number, range: boolean) => {
      select(toggled(selection, strips, range ? at : index, index));
      setActive(index);
    },
    [select, selection, strips, at],
  );

  useEffect(() => {
    if (moved) {
      rail.scrollToIndex(at);
      const focus = () => scroller.current?.querySelector<HTMLButtonElement>(`[data-strip="${at}"]`)?.focus();
      focus();
      requestAnimationFrame(focus);
    }
  }, [moved, at, rail]);

  function keys(event: KeyboardEvent) {
    const step = { ArrowRight: 1, ArrowLeft: -1, Home: -strips.length, End: strips.length }[event.key];
    if (step) {
      event.preventDefault();
      const next = Math.min(strips.length - 1, Math.max(0, at + step));
      if (event.shiftKey) {
        select(toggled(selection, strips, next, next));
      }
      setMoved(true);
      setActive(next);
    } else if (event.key === 'x' && strips[at]) {
      toggle(at, false);
    }
  }

  const zoomed = held ? byId.get(held) : undefined;
  return (
    <section
      aria-label="Rail"
      className="print:hidden relative col-span-full min-w-0 border-t border-line bg-rail"
    >
      <div
        ref={scroller}
        onKeyDown={keys}
        className="h-full overflow-x-auto overflow-y-hidden px-5 pt-3 [scrollbar-width:thin]"
        data-testid="rail"
      >
        <div className="relative h-[132px]" style={{ width: Math.max(end, 1) }}>
          <span aria-hidden="true" className="absolute inset-x-0 top-0 border-t-2 border-soft" />
          {rail.getVirtualItems().map(({ index }) => {
            const piece = strips[index]!;
            return (
              <Strip
                key={piece.id}
                piece={piece}
                index={index}
                left={lefts[index]!}
                width={width}
                count={perPiece?.[piece.id]}
                figure={bar.figure(piece)?.full ?? common.counts.pending}
                share={bar.share(piece)}
                chosen={selection.has(piece.id)}
                active={index === at}
                onHold={setHeld}
                onOpen={open}
                onToggle={toggle}
              />
            );
          })}
          {hung.map(({ name, members }, i) => {
            const first = hung.slice(0, i).reduce((sum, h) => sum + h.members.length, 0);
            return (
              <span
                key={name}
                className="absolute top-[114px] border-t border-soft/40 text-[11px] whitespace-nowrap text-ink"
                style={{ left: lefts[first], minWidth: members.length * width }}
              >
                {name}
              </span>
            );
          })}
        </div>
      </div>
      <div className="absolute right-3 bottom-0.5 bg-rail pl-2 [&_label]:text-ink">
        <Choice
          label={text.rail.sort}
          value={sort}
          options={Object.entries(text.rail.sorts)}
          onChange={(value) => setSort(value as RailSort)}
        />
      </div>
      {zoomed && (
        <div className="pointer-events-none fixed right-[300px] bottom-[156px] z-10 flex items-center gap-3 border border-line bg-sheet p-3 shadow-sm">
          <Drawing src={zoomed.flat} name="" className="h-20 w-16" />
          <div>
            <p className="font-serif font-semibold">{zoomed.label}</p>
            <p className="text-soft">{bar.figure(zoomed)?.full ?? common.counts.pending}</p>
          </div>
        </div>
      )}
    </section>
  );
}
