import { useRef, type KeyboardEvent } from 'react';
import { Link, useLocation } from 'react-router';
import type { PieceView } from '../../api/client';
import { familyNames } from '../../language/format';
import { Button } from '../../ui/Button';
import { Drawing } from '../../ui/Drawing';
import { say } from './messages';
import type { Plan } from './queries';

interface Props {
  pieces: PieceView[];
  plan: Plan;
  /** Whether what it says of the pieces is of before. */
  stale: boolean;
  pinned: string[];
  onPin: (id: string) => void;
  onLeaveOut: (id: string) => void;
  onTakeOut: (id: string) => void;
}

/** The pieces of a capsule as flats in the order of layers. Arrow keys go from piece to piece. */
export function Sheet({ pieces, plan, stale, pinned, onPin, onLeaveOut, onTakeOut }: Props) {
  const list = useRef<HTMLOListElement>(null);
  const onKeyDown = (event: KeyboardEvent, id: string, at: number) => {
    const act = { p: onPin, b: onLeaveOut, '.': onTakeOut }[event.key];
    const links = [...(list.current?.querySelectorAll<HTMLElement>('[data-piece]') ?? [])];
    const to = moved(event.key, at, links);
    if (act && !event.ctrlKey && !event.metaKey) {
      event.preventDefault();
      act(id);
      requestAnimationFrame(() => {
        const left = list.current?.querySelectorAll<HTMLElement>('[data-piece]');
        left?.[Math.min(at, left.length - 1)]?.focus();
      });
    } else if (to) {
      event.preventDefault();
      to.focus();
    }
  };
  return (
    <ol
      ref={list}
      className="grid grid-cols-[repeat(auto-fill,minmax(116px,1fr))] gap-2"
      aria-label={say('title')}
      data-testid="capsule-pieces"
    >
      {pieces.map((piece, at) => (
        <Card
          key={piece.id}
          piece={piece}
          family={pieces[at - 1]?.family === piece.family ? '' : (familyNames[piece.family] ?? piece.family)}
          plan={plan}
          stale={stale}
          pinned={pinned.includes(piece.id)}
          onKeyDown={(event) => onKeyDown(event, piece.id, at)}
          onPin={() => onPin(piece.id)}
          onLeaveOut={() => onLeaveOut(piece.id)}
          onTakeOut={() => onTakeOut(piece.id)}
        />
      ))}
    </ol>
  );
}

/** The piece an arrow key goes to: up and down to the nearest of the next row. */
function moved(key: string, at: number, links: HTMLElement[]): HTMLElement | undefined {
  if (key === 'ArrowRight' || key === 'ArrowLeft') {
    return links[at + (key === 'ArrowRight' ? 1 : -1)];
  }
  if (key !== 'ArrowDown' && key !== 'ArrowUp') {
    return undefined;
  }
  const here = links[at]!.getBoundingClientRect();
  const inOrder = key === 'ArrowDown' ? links.slice(at + 1) : links.slice(0, at).reverse();
  const row = inOrder.find((link) => link.getBoundingClientRect().left === here.left);
  return row ?? inOrder[0];
}

interface CardProps {
  piece: PieceView;
  /** The name of its family, where it is the first of it. */
  family: string;
  plan: Plan;
  stale: boolean;
  pinned: boolean;
  onKeyDown: (event: KeyboardEvent) => void;
  onPin: () => void;
  onLeaveOut: () => void;
  onTakeOut: () => void;
}

function Card({ piece, family, plan, stale, pinned, onKeyDown, onPin, onLeaveOut, onTakeOut }: CardProps) {
  const { search } = useLocation();
  const reason = plan.reasons[piece.id];
  const seasons = plan.seasonal[piece.id];
  const completes = reason !== undefined && BigInt(reason.completes) > 0n;
  return (
    <li
      className={`flex flex-col border p-1.5 focus-within:border-chalk ${pinned ? 'border-ink' : 'border-hair'}`}
      onKeyDown={onKeyDown}
    >
      <span className="flex h-4 justify-between text-xs text-soft">
        {family}
        {reason?.essential && (
          <span className="ml-auto text-ink" title={reason.text}>
            ◆ {say('essential')}
          </span>
        )}
      </span>
      <Link
        to={`../pieces/${piece.id}${search}`}
        data-piece={piece.id}
        className="block text-xs leading-tight"
      >
        <Drawing src={piece.flat} name="" className="mx-auto h-[88px] w-[72px]" />
        {piece.label}
      </Link>
      <div className={stale ? 'opacity-50' : ''}>
        {reason && (
          <p className="text-xs font-semibold tabular-nums">
            {completes
              ? say('completes', { n: Number(reason.completes) })
              : say('in', { n: Number(reason.in) })}
          </p>
        )}
        <p className="text-xs leading-tight text-soft">{reason?.text}</p>
        {seasons && <p className="text-xs leading-tight">{say('only', { seasons: seasons.join(', ') })}</p>}
      </div>
      <p className="mt-auto flex justify-between pt-1">
        <Button
          look="link"
          className="text-xs"
          aria-pressed={pinned}
          aria-label={say('pin', { label: piece.label })}
          onClick={onPin}
        >
          {say(pinned ? 'pinned' : 'pinShort')}
        </Button>
        <Button
          look="link"
          className="text-xs"
          aria-label={say('takeOut', { label: piece.label })}
          onClick={onTakeOut}
        >
          {say('takeOutShort')}
        </Button>
        <Button
          look="link"
          className="text-xs"
          aria-label={say('leaveOut', { label: piece.label })}
          onClick={onLeaveOut}
        >
          {say('leaveOutShort')}
        </Button>
      </p>
    </li>
  );
}
