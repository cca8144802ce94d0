import { useVirtualizer } from '@tanstack/react-virtual';
import { memo, useCallback, useMemo, useRef, useState, type KeyboardEvent } from 'react';
import { Link, useLocation } from 'react-router';
import type { PieceView } from '../../api/client';
import { sentence } from '../../api/problem';
import { familyNames, words } from '../../language/format';
import { common } from '../../language/text';
import { text } from './text';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Drawing } from '../../ui/Drawing';
import { useSay } from '../../ui/Notices';
import { bars, type FigureWords, tagsOf, toggled, useChosen, useDesk, useUndo, useVocabulary } from '../desk';
import { money } from './money';
import { say } from './messages';
import { useChangeMany, useDeleteMany, useJoinSet } from './queries';
import { UnclearWords } from './UnclearWords';
import { Tick } from '../../ui/Tick';

const rowHeight = 45;
const columns =
  'grid grid-cols-[28px_44px_minmax(0,2fr)_minmax(0,1fr)_minmax(0,1fr)_64px_72px_64px_64px] items-center gap-2 px-5';

/** Every piece, newest first; only the rows in sight are drawn. Chosen ones are changed, moved or deleted together. */
export function PiecesTable({ clientId }: { clientId: string }) {
  const { search } = useLocation();
  const { pieces, live, shown, filter, setFilter, selection: chosen, select: setChosen } = useDesk();
  const [context] = useChosen();
  const { figure: figureOf } = bars(live.counts, pieces, context.counting);
  const vocabulary = useVocabulary();
  const changeMany = useChangeMany(clientId);
  const deleteMany = useDeleteMany(clientId);
  const join = useJoinSet(clientId);
  const undo = useUndo(clientId);
  const tell = useSay();
  const [last, setLast] = useState(0);
  const [stop, setStop] = useState(0);
  const scroller = useRef<HTMLDivElement>(null);

  const listed = useMemo(() => [...shown].reverse(), [shown]);
  const tags = useMemo(() => [...new Set(pieces.flatMap(tagsOf))].sort(), [pieces]);
  const rows = useVirtualizer({
    count: listed.length,
    getScrollElement: () => scroller.current,
    estimateSize: () => rowHeight,
    getItemKey: (index) => listed[index]!.id,
    overscan: 8,
  });
  const picked = pieces.filter((piece) => chosen.has(piece.id));

  const toggle = useCallback(
    (index: number, range: boolean) => {
      setChosen(toggled(chosen, listed, range ? last : index, index));
      setLast(index);
    },
    [setChosen, chosen, listed, last],
  );

  const remove = deleteMany.mutate;
  const keys = useCallback(
    (event: KeyboardEvent, index: number) => {
      if (event.key === 'x') {
        toggle(index, event.shiftKey);
      }
      if (event.key === 'Delete') {
        remove([listed[index]!]);
      }
      const to = { ArrowDown: index + 1, ArrowUp: index - 1, Home: 0, End: listed.length - 1 }[event.key];
      if (
        to !== undefined &&
        listed[to] &&
        !(event.target instanceof HTMLInputElement && event.key === 'Home')
      ) {
        event.preventDefault();
        setStop(to);
        rows.scrollToIndex(to);
        requestAnimationFrame(() =>
          scroller.current?.querySelector<HTMLElement>(`[data-index="${to}"] a`)?.focus(),
        );
      }
    },
    [toggle, remove, listed, rows],
  );
  // rows are one stop for Tab: the one that was last in hand, or the first in sight
  const inSight = rows.getVirtualItems();
  const stopAt = inSight.some(({ index }) => index === stop) ? stop : inSight[0]?.index;

  const change = (set: Record<string, unknown>) =>
    changeMany.mutate({ pieces: picked, set }, { onSuccess: () => setChosen(new Set()) });
  const tagMany = (tag: string) =>
    changeMany.mutate({ pieces: picked, add: { tags: [tag] } }, { onSuccess: () => setChosen(new Set()) });
  const makeSet = (kind: string) => {
    const label = `${picked[0]!.colourNames[0] ?? ''} ${words(kind)}`.trim();
    join.mutate(
      { id: `s-${crypto.randomUUID().slice(0, 8)}`, kind, label, pieces: picked.map((piece) => piece.id) },
      {
        onSuccess: () => {
          tell(say('setMade', { label }), { label: common.pieces.undo, run: () => undo.mutate() });
          setChosen(new Set());
        },
        onError: (error) => tell(sentence(error)),
      },
    );
  };
  const options = (name: string, first: string) => [
    ['', first] as const,
    ...(vocabulary.data?.words[name] ?? []).map((id) => [id, words(id)] as const),
  ];

  return (
    <div className="flex h-full flex-col">
      <div className="flex min-h-9 items-baseline gap-5 px-5 pt-1.5 text-[13px]">
        {picked.length === 0 ? (
          <>
            <Choice
              label={common.pieces.show}
              value={filter.family}
              options={[['', common.pieces.all], ...Object.entries(familyNames)]}
              onChange={(family) => setFilter({ family })}
            />
            <Choice
              label={common.pieces.decision}
              value={filter.decision}
              options={options('decision', common.pieces.anyDecision)}
              onChange={(decision) => setFilter({ decision })}
            />
            {(tags.length > 0 || filter.tag !== '') && (
              <Choice
                label={text.tags.title}
                value={filter.tag}
                options={[['', text.tags.any], ...tags.map((tag) => [tag, tag] as const)]}
                onChange={(tag) => setFilter({ tag })}
              />
            )}
            <span className="text-soft" data-testid="shown-pieces">
              {say('shown', { n: listed.length })}
            </span>
          </>
        ) : (
          <>
            <strong>{say('chosen', { n: picked.length })}</strong>
            <Choice
              label={common.pieces.setDecision}
              value=""
              options={options('decision', '…')}
              onChange={(value) => change({ decision: value })}
            />
            <Choice
              label={common.pieces.setWhere}
              value=""
              options={options('whereabouts', '…')}
              onChange={(value) => change({ whereabouts: value })}
            />
            {picked.length > 1 && (
              <Choice
                label={say('makeSet')}
                value=""
                options={[
                  ['', '…'],
                  ...(vocabulary.data?.setKinds ?? []).map((id) => [id, words(id)] as const),
                ]}
                onChange={(kind) => makeSet(kind)}
              />
            )}
            <TagMany tags={tags} onTag={(tag) => tagMany(tag)} />
            <Button
              look="link"
              onClick={() => deleteMany.mutate(picked, { onSuccess: () => setChosen(new Set()) })}
            >
              {common.pieces.delete}
            </Button>
            <Button look="link" onClick={() => setChosen(new Set())}>
              {say('clearSelection')}
            </Button>
          </>
        )}
      </div>
      <div role="table" aria-rowcount={listed.length + 1} className="flex min-h-0 grow flex-col">
        <div
          role="row"
          aria-rowindex={1}
          className={`${columns} shrink-0 overflow-hidden border-b border-line py-1 text-xs text-soft [scrollbar-gutter:stable]`}
        >
          <span role="columnheader">
            <Tick
              bare
              label={common.pieces.selectAll}
              checked={listed.length > 0 && listed.every((piece) => chosen.has(piece.id))}
              onChange={(all) => setChosen(all ? new Set(listed.map((piece) => piece.id)) : new Set())}
            />
          </span>
          <span role="columnheader" className="sr-only">
            {common.pieces.piece}
          </span>
          <span role="columnheader" className="col-start-3">
            {common.pieces.piece}
          </span>
          <span role="columnheader">{common.pieces.cloth}</span>
          <span role="columnheader">{common.pieces.decision}</span>
          <span role="columnheader" className="text-right">
            {common.pieces.formality}
          </span>
          <span role="columnheader" className="text-right">
            {common.pieces.cost}
          </span>
          <span role="columnheader" className="text-right">
            {common.pieces.outfits}
          </span>
          <span role="columnheader" className="text-right">
            {say('goesWith')}
          </span>
        </div>
        {listed.length === 0 && <p className="px-5 py-8 text-soft">{common.pieces.noneFound}</p>}
        <div
          ref={scroller}
          role="rowgroup"
          data-testid="pieces-rows"
          tabIndex={0}
          aria-label={common.pieces.title}
          className="min-h-0 grow overflow-auto [scrollbar-gutter:stable]"
        >
          <div role="presentation" style={{ height: rows.getTotalSize(), position: 'relative' }}>
            {inSight.map((item) => (
              <Row
                key={listed[item.index]!.id}
                clientId={clientId}
                piece={listed[item.index]!}
                index={item.index}
                top={item.start}
                {...counted(figureOf(listed[item.index]!))}
                chosen={chosen.has(listed[item.index]!.id)}
                search={search}
                onToggle={toggle}
                onKeyDown={keys}
                measure={rows.measureElement}
                isStop={item.index === stopAt}
              />
            ))}
          </div>
        </div>
      </div>
    </div>
  );
}

interface RowProps {
  clientId: string;
  piece: PieceView;
  index: number;
  top: number;
  /** Its outfits or, for one that only completes them, the share it goes with; in full as the title. */
  count: string;
  share: string;
  title?: string;
  chosen: boolean;
  search: string;
  onToggle: (index: number, range: boolean) => void;
  onKeyDown: (event: KeyboardEvent, index: number) => void;
  measure: (row: Element | null) => void;
  /** Whether Tab reaches it. */
  isStop: boolean;
}

/** The figure of a piece in one of two columns: outfits and shares are never in the same. */
function counted(words: FigureWords | undefined) {
  return {
    count: words === undefined ? '·' : words.isShare ? '' : words.short,
    share: words?.isShare ? words.short : '',
    title: words?.full,
  };
}

/** Words of the stylist's own for all the chosen pieces. */
function TagMany({ tags, onTag }: { tags: string[]; onTag: (tag: string) => void }) {
  const [typed, setTyped] = useState('');
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        const tag = typed.replaceAll(',', ' ').trim();
        if (tag) {
          onTag(tag);
        }
      }}
    >
      <label className="flex items-baseline gap-1.5">
        <span className="text-xs text-soft">{text.tags.add}</span>
        <input
          list="known-tags"
          value={typed}
          maxLength={40}
          onChange={(event) => setTyped(event.target.value)}
          className="w-28 border-b border-dotted border-ink bg-transparent"
        />
        <datalist id="known-tags">
          {tags.map((tag) => (
            <option key={tag} value={tag} />
          ))}
        </datalist>
      </label>
    </form>
  );
}

const Row = memo(function Row({
  clientId,
  piece,
  index,
  top,
  count,
  share,
  title,
  chosen,
  search,
  onToggle,
  onKeyDown,
  measure,
  isStop,
}: RowProps) {
  const elsewhere = piece.resolved.whereabouts !== 'wardrobe' ? String(piece.resolved.whereabouts) : '';
  return (
    <div
      role="row"
      aria-rowindex={index + 2}
      data-row={piece.id}
      onKeyDown={(event) => onKeyDown(event, index)}
      ref={measure}
      data-index={index}
      className={`${columns} absolute inset-x-0 border-b border-hair ${chosen ? 'bg-hair' : 'hover:bg-paper'}`}
      style={{ minHeight: rowHeight, transform: `translateY(${top}px)` }}
    >
      <span role="cell">
        <Tick
          bare
          label={say('selectPiece', { piece: piece.label })}
          checked={chosen}
          tabIndex={isStop ? 0 : -1}
          onClick={(event) => onToggle(index, event.shiftKey)}
        />
      </span>
      <span role="cell">
        <Drawing src={piece.flat} name="" className="h-10 w-8" />
      </span>
      <span role="cell" className="min-w-0">
        <Link
          to={`${piece.id}${search}`}
          tabIndex={isStop ? 0 : -1}
          className="block min-h-6 truncate font-medium hover:text-chalk"
        >
          {piece.label}
        </Link>
        {piece.unclear.length > 0 ? (
          <UnclearWords clientId={clientId} piece={piece} />
        ) : (
          <span className="block truncate text-xs text-soft">
            {[piece.kindName, ...tagsOf(piece)].join(' · ')}
          </span>
        )}
      </span>
      <span role="cell">{words(String(piece.resolved.cloth ?? ''))}</span>
      <span role="cell" className="text-[13px]">
        {words(String(piece.resolved.decision))}
        {elsewhere && <span className="block text-xs text-soft">{words(elsewhere)}</span>}
      </span>
      <span role="cell" className="text-right">
        {String(piece.resolved.formality ?? '')}
      </span>
      <span role="cell" className="text-right">
        {money(piece.resolved.cost)}
      </span>
      <span role="cell" title={title} className="text-right font-serif font-semibold">
        {count}
      </span>
      <span role="cell" title={title} className="text-right text-soft">
        {share}
      </span>
    </div>
  );
});
