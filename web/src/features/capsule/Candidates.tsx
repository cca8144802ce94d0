import { Button } from '../../ui/Button';
import { Drawing } from '../../ui/Drawing';
import { useDesk } from '../desk';
import { say } from './messages';
import { costPerWear, type Plan } from './queries';

interface Props {
  plan: Plan;
  onSwap: (out: string, into: string) => void;
  onBringIn: (id: string) => void;
}

/** The best swaps, and the pieces left out by what they would add now. */
export function Candidates({ plan, onSwap, onBringIn }: Props) {
  const { byId } = useDesk();
  const label = (id: string) => byId.get(id)?.label ?? id;
  const { figures } = plan;
  const alike = ({ variety, preferred }: Plan['swaps'][number]) => {
    const before = figures.preferred;
    const cost = costPerWear(preferred);
    return say('swapVariety', {
      variety: Math.round(100 * variety) - Math.round(100 * figures.variety),
      favourites: preferred.favourites - before.favourites,
      cost: cost === undefined || cost === costPerWear(before) ? 'same' : cost,
      wholeYear: preferred.wholeYear - before.wholeYear,
    });
  };
  return (
    <div className="flex flex-col gap-4">
      <section>
        <h2 className="font-serif text-[15px] font-semibold">{say('swaps')}</h2>
        <ol data-testid="capsule-swaps">
          {plan.swaps.map((swap, at) => (
            <li key={`${swap.out} ${swap.in}`} className="flex gap-2 border-t border-hair py-1">
              <kbd
                className="h-5 border border-line px-1 text-xs text-soft"
                title={say('swapKey', { n: at + 1 })}
              >
                {at + 1}
              </kbd>
              <div className="min-w-0">
                <Button look="link" className="text-left" onClick={() => onSwap(swap.out, swap.in)}>
                  {say('swap', { in: label(swap.in), out: label(swap.out) })}
                </Button>
                <span className="block text-xs text-soft tabular-nums">
                  {say('swapFigures', {
                    change: swap.outfits - Number(figures.outfits),
                    outfits: swap.outfits,
                    percent: Math.round(100 * swap.needsMetFraction),
                    earning: Math.max(0, figures.earning - swap.earning),
                    missed: swap.missed,
                  })}
                  <span className="block">{alike(swap)}</span>
                </span>
              </div>
            </li>
          ))}
        </ol>
      </section>
      <section>
        <h2 className="font-serif text-[15px] font-semibold">{say('nearest')}</h2>
        <ul data-testid="capsule-candidates">
          {plan.nearest.map(({ piece, adds, instead }) => (
            <li key={piece} className="flex items-center gap-2 border-t border-hair py-1">
              <span className="w-12 text-right font-serif tabular-nums">{say('adds', { n: adds })}</span>
              <Drawing src={byId.get(piece)?.flat ?? ''} name="" className="h-9 w-8 shrink-0" />
              <Button
                look="link"
                className="text-left"
                title={say('swap', { in: label(piece), out: label(instead) })}
                aria-label={say('bringIn', { label: label(piece) })}
                onClick={() => onBringIn(piece)}
              >
                {label(piece)}
              </Button>
            </li>
          ))}
        </ul>
      </section>
    </div>
  );
}
