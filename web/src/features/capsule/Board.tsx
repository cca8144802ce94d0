import { Link, useLocation } from 'react-router';
import type { PieceView } from '../../api/client';
import { familyNames, monthName, spoken } from '../../app/messages';
import { Button } from '../../ui/Button';
import { Drawing } from '../../ui/Drawing';
import { Spoken } from '../../ui/Spoken';
import { useDesk } from '../workspace/context';
import { Curve } from './Curve';
import { say } from './messages';
import type { Plan, Wishes } from './queries';

interface Props {
  plan: Plan;
  wishes: Wishes;
  onWish: (change: Partial<Wishes>) => void;
}

const percent = (fraction: number) => Math.round(100 * fraction);

/** A capsule as a sheet of flats in the order of layers, with what it is worth and what would change it. */
export function Board({ plan, wishes, onWish }: Props) {
  const { byId, select } = useDesk();
  const { figures } = plan;
  const label = (id: string) => byId.get(id)?.label ?? id;
  const chosen = plan.pieces.map((id) => byId.get(id)).filter((piece) => piece !== undefined);
  const pin = (id: string) =>
    onWish({
      must: wishes.must.includes(id) ? wishes.must.filter((one) => one !== id) : [...wishes.must, id],
      never: wishes.never.filter((one) => one !== id),
    });
  const leaveOut = (id: string) =>
    onWish({ never: [...wishes.never, id], must: wishes.must.filter((one) => one !== id) });
  return (
    <div className="flex flex-col gap-5" data-testid="capsule">
      <section>
        <p className="flex flex-wrap items-baseline gap-x-3">
          <strong className="font-serif text-[34px] leading-none">
            <Spoken of={figures.outfits} />
          </strong>
          <span className="text-soft">
            {say('outfits', { n: Number(figures.outfits), pieces: plan.pieces.length })}
          </span>
          <strong className="font-medium">
            {say('needsMet', { percent: percent(figures.needsMetFraction) })}
          </strong>
          <Button look="link" onClick={() => select(new Set(plan.pieces))}>
            {say('rail')}
          </Button>
        </p>
        <p className="mt-1 text-xs text-soft">
          {say('ladder', {
            none: BigInt(figures.ladder.bases) === 0n,
            bases: spoken(figures.ladder.bases),
            clothes: spoken(figures.ladder.clothes),
            looks: spoken(figures.ladder.looks),
          })}{' '}
          · {say('fresh', { n: figures.freshDays })} ·{' '}
          {figures.laundryDays !== null &&
            `${say('washFree', {
              n: figures.laundryDays,
              more: (figures.laundryDaysAtMost ?? 0) - figures.laundryDays,
              most: figures.laundryDaysAtMost,
              family: familyNames[figures.runsOutFirst ?? ''] ?? '',
            })} · `}
          {say('tops', { tops: figures.tops, bottoms: figures.bottoms })} ·{' '}
          {say('given', { n: figures.givenUpForVariety })} ·{' '}
          {say('dark', { n: percent(figures.shareInTheDark), paper: spoken(figures.paper) })}
        </p>
        <p className="text-xs text-soft">{say(plan.quality === 'proved' ? 'proved' : 'unbounded')}</p>
        {figures.hardestToSpare && (
          <p className="text-xs text-soft">
            {say('spare', {
              piece: label(figures.hardestToSpare.piece),
              percent: percent(figures.hardestToSpare.needsMetFraction),
              outfits: figures.hardestToSpare.outfits,
            })}
          </p>
        )}
        {plan.relaxations.map((one) => (
          <p key={one.wish} role="status" className="mt-1 text-no">
            {one.text}
          </p>
        ))}
      </section>
      <ol
        className="grid grid-cols-[repeat(auto-fill,minmax(108px,1fr))] gap-2"
        aria-label={say('title')}
        data-testid="capsule-pieces"
      >
        {chosen.map((piece, i) => (
          <Card
            key={piece.id}
            piece={piece}
            family={chosen[i - 1]?.family === piece.family ? '' : (familyNames[piece.family] ?? piece.family)}
            reason={plan.reasons[piece.id]}
            pinned={wishes.must.includes(piece.id)}
            onPin={() => pin(piece.id)}
            onLeaveOut={() => leaveOut(piece.id)}
          />
        ))}
      </ol>
      <p className="text-xs text-soft">{say('keys')}</p>
      <div className="grid gap-6 @2xl:grid-cols-2">
        <Needs contexts={figures.contexts} />
        <section>
          <h2 className="font-serif text-[15px] font-semibold">{say('curve')}</h2>
          <Curve curve={plan.curve} size={plan.pieces.length} onSize={(size) => onWish({ size })} />
          <p className="text-xs text-soft">{say('elbow', { size: plan.elbow })}</p>
        </section>
        <section>
          <h2 className="font-serif text-[15px] font-semibold">{say('swaps')}</h2>
          <ul>
            {plan.swaps.map((swap) => (
              <li key={`${swap.out} ${swap.in}`} className="border-t border-hair py-1">
                <Button
                  look="link"
                  className="text-left"
                  onClick={() =>
                    onWish({
                      must: [...wishes.must.filter((one) => one !== swap.out), swap.in],
                      never: [...wishes.never.filter((one) => one !== swap.in), swap.out],
                    })
                  }
                >
                  {say('swap', { in: label(swap.in), out: label(swap.out) })}
                </Button>
                <span className="block text-xs text-soft">
                  {say('swapFigures', { outfits: swap.outfits, percent: percent(swap.needsMetFraction) })}
                </span>
              </li>
            ))}
          </ul>
        </section>
        <section>
          <h2 className="font-serif text-[15px] font-semibold">{say('nearest')}</h2>
          <ul>
            {plan.nearest.map(({ piece, adds }) => (
              <li key={piece} className="flex items-baseline gap-3 border-t border-hair py-1">
                <span className="w-14 text-right font-serif tabular-nums">{say('adds', { n: adds })}</span>
                <Button
                  look="link"
                  className="text-left"
                  aria-label={say('pin', { label: label(piece) })}
                  onClick={() => pin(piece)}
                >
                  {label(piece)}
                </Button>
              </li>
            ))}
          </ul>
        </section>
      </div>
    </div>
  );
}

function Needs({ contexts }: { contexts: Plan['figures']['contexts'] }) {
  const short = (one: Plan['figures']['contexts'][number]) =>
    Math.max(0, one.need - Number(one.weakestMonthOutfits));
  return (
    <section>
      <h2 className="font-serif text-[15px] font-semibold">{say('needs')}</h2>
      <ul data-testid="capsule-needs">
        {[...contexts]
          .sort((a, b) => short(b) - short(a))
          .map((one) => (
            <li
              key={`${one.occasion} ${one.season}`}
              className={`flex items-baseline gap-3 border-t border-hair py-1 ${short(one) > 0 ? 'text-no' : ''}`}
            >
              <strong className="w-14 text-right font-serif">
                <Spoken of={one.weakestMonthOutfits} />
              </strong>
              <span className="w-12 text-xs text-soft">{say('of', { need: one.need })}</span>
              <span>
                {one.occasion}, {one.season}
                {one.weakestMonth && (
                  <span className="text-xs text-soft"> · {monthName(one.weakestMonth)}</span>
                )}
              </span>
            </li>
          ))}
      </ul>
    </section>
  );
}

interface CardProps {
  piece: PieceView;
  /** The name of its family, where it is the first of it. */
  family: string;
  reason?: Plan['reasons'][string];
  pinned: boolean;
  onPin: () => void;
  onLeaveOut: () => void;
}

/** A piece of the capsule: its drawing, how many outfits it is in, and why. */
function Card({ piece, family, reason, pinned, onPin, onLeaveOut }: CardProps) {
  const { search } = useLocation();
  const completes = reason !== undefined && BigInt(reason.completes) > 0n;
  return (
    <li
      className={`flex flex-col border p-1.5 ${pinned ? 'border-ink' : 'border-hair'}`}
      onKeyDown={(event) => {
        const action = { p: onPin, b: onLeaveOut }[event.key];
        if (action && !event.ctrlKey && !event.metaKey) {
          event.preventDefault();
          action();
        }
      }}
    >
      <span className="h-4 text-xs text-soft">{family}</span>
      <Link
        to={`../pieces/${piece.id}${search}`}
        title={reason?.text}
        className="block text-xs leading-tight"
      >
        <Drawing src={piece.flat} name="" className="mx-auto h-[88px] w-[72px]" />
        {piece.label}
      </Link>
      {reason && (
        <p className="text-xs text-soft">
          {completes
            ? say('completes', { n: Number(reason.completes) })
            : say('in', { n: Number(reason.in) })}
        </p>
      )}
      <p className="text-xs leading-tight text-soft">{reason?.text}</p>
      <p className="mt-auto flex justify-between pt-1">
        <Button
          look="link"
          className="text-xs"
          aria-pressed={pinned}
          aria-label={say('pin', { label: piece.label })}
          onClick={onPin}
        >
          {pinned ? say('pinned') : 'pin'}
        </Button>
        <Button
          look="link"
          className="text-xs"
          aria-label={say('leaveOut', { label: piece.label })}
          onClick={onLeaveOut}
        >
          out
        </Button>
      </p>
    </li>
  );
}
