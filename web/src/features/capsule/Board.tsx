import type { PieceView } from '../../api/client';
import { monthName } from '../../language/format';
import { Spoken } from '../../ui/Spoken';
import { useDesk } from '../desk';
import { useKeys } from '../../ui/useKeys';
import { Candidates } from './Candidates';
import { Curve } from './Curve';
import { Figures } from './Figures';
import { say } from './messages';
import type { NeedMet, Plan } from './queries';
import { Sheet } from './Sheet';
import type { BoardOf, Step } from './useBoard';

interface Props {
  step: Step;
  board: BoardOf;
  /** What it is worth; of the step before until it is known. */
  plan: Plan;
  stale: boolean;
  onSize: (size: number) => void;
}

const layers = [
  'base-layer',
  'top',
  'bottom',
  'one-piece',
  'drape',
  'mid-layer',
  'jacket',
  'coat',
  'shoes',
  'legwear',
  'accessory',
];

/** A capsule as a sheet of flats, with what it is worth and what would change it. */
export function Board({ step, board, plan, stale, onSize }: Props) {
  const { byId } = useDesk();
  const chosen = step.pieces
    .map((id) => byId.get(id))
    .filter((piece) => piece !== undefined)
    .sort((a, b) => layers.indexOf(a.family) - layers.indexOf(b.family));
  const swap = (at: number) => () => {
    const one = plan.swaps[at];
    if (one && !stale) {
      board.swap(one.out, one.in);
    }
  };
  useKeys({ '1': swap(0), '2': swap(1), '3': swap(2), '4': swap(3), '5': swap(4), u: board.undo });
  const curve = board.lastPlan;
  return (
    <div className="flex flex-col gap-5" data-testid="capsule">
      <Figures plan={plan} planned={step.plan !== undefined} stale={stale} />
      <div className="grid gap-5 @3xl:grid-cols-[minmax(0,1fr)_15rem]">
        <div>
          <Sheet
            pieces={chosen}
            plan={plan}
            stale={stale}
            pinned={step.wishes.must}
            onPin={board.pin}
            onLeaveOut={board.leaveOut}
            onTakeOut={board.takeOrBring}
          />
          <p className="mt-2 text-xs text-soft">{say('keys')}</p>
        </div>
        <Candidates plan={plan} onSwap={board.swap} onBringIn={board.takeOrBring} />
      </div>
      <div className="grid gap-6 @2xl:grid-cols-2">
        <Needs contexts={plan.figures.contexts} />
        <div className="flex min-w-0 flex-col gap-5">
          {curve && (
            <section>
              <h2 className="font-serif text-[15px] font-semibold">{say('curve')}</h2>
              <Curve curve={curve.curve} size={step.pieces.length} onSize={onSize} />
              <p className="text-xs text-soft">
                {say('curveKey')} · {say('elbow', { size: curve.elbow })}
              </p>
            </section>
          )}
          <Colours pieces={chosen} />
        </div>
      </div>
    </div>
  );
}

/** The colours of the pieces, those of most pieces first. */
function Colours({ pieces }: { pieces: PieceView[] }) {
  const named = new Map<string, { hex: string; n: number }>();
  pieces.forEach((piece) => {
    const name = piece.colourNames[0];
    const hex = (piece.resolved.colours as (string | { hex: string })[] | undefined)?.[0];
    if (name && hex) {
      const before = named.get(name);
      named.set(name, { hex: before?.hex ?? hexOf(hex), n: (before?.n ?? 0) + 1 });
    }
  });
  return (
    <section>
      <h2 className="font-serif text-[15px] font-semibold">{say('palette')}</h2>
      <ul className="flex flex-wrap gap-x-4 gap-y-1">
        {[...named]
          .sort(([, a], [, b]) => b.n - a.n)
          .map(([name, { hex, n }]) => (
            <li key={name} className="flex items-center gap-1.5">
              <span className="h-4 w-4 border border-line" style={{ background: hex }} />
              {name}
              <span className="text-xs text-soft tabular-nums">{n}</span>
            </li>
          ))}
      </ul>
    </section>
  );
}

function hexOf(colour: string | { hex: string }): string {
  return typeof colour === 'string' ? colour : colour.hex;
}

function Needs({ contexts }: { contexts: NeedMet[] }) {
  const short = (one: NeedMet) => Math.max(0, one.need - Number(one.weakestMonthOutfits));
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
