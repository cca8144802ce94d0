import { familyNames, join, spoken } from '../../language/format';
import { common } from '../../language/text';
import { useDesk } from '../desk';
import { Headline, steps, useStep } from './Headline';
import { say } from './messages';
import { costPerWear, type Plan } from './queries';

const percent = (fraction: number) => Math.round(100 * fraction);

interface Props {
  plan: Plan;
  /** Whether it was planned, and not put together by hand. */
  planned: boolean;
  /** Whether other pieces lie on the board already, and these figures are those of before. */
  stale: boolean;
}

/** How good it is, as far as that is known. */
function howGood(plan: Plan): string {
  const n = plan.pieces.length;
  if (plan.quality === 'proved') {
    return say('proved', { n });
  }
  const criteria = join(plan.provedFor.map((criterion) => say('criterion', { criterion })));
  const bound = plan.upperBoundOutfits;
  return [
    criteria ? say('provedFor', { criteria }) : say('best'),
    bound === undefined
      ? say('noBound')
      : say('bound', { n, bound, granted: String(plan.relaxations.length === 0) }),
  ].join(' ');
}

/** What a capsule is worth: its outfits and needs first, then everything else there is to say. */
export function Figures({ plan, planned, stale }: Props) {
  const { byId } = useDesk();
  const { figures } = plan;
  const n = plan.pieces.length;
  const step = useStep();
  const facts = [
    ...steps
      .filter((one) => one !== step)
      .map((one) => `${spoken(figures.ladder[one])} ${common.context.presets[one]}`),
    say('earning', { n: n - figures.earning }),
    say('fresh', { n: figures.freshDays }),
    figures.laundryDays !== null &&
      say('washFree', {
        n: figures.laundryDays,
        more: (figures.laundryDaysAtMost ?? 0) - figures.laundryDays,
        most: figures.laundryDaysAtMost,
        family: familyNames[figures.runsOutFirst ?? ''] ?? '',
      }),
    `${say('tops', { tops: figures.tops, bottoms: figures.bottoms })} (${say('guide', { share: figures.topsGuide === 'top-led' ? 'top' : figures.topsGuide === 'even' ? 'even' : 'other' })})`,
    planned && say('given', { n: figures.givenUpForVariety }),
    say('preferred', {
      favourites: figures.preferred.favourites,
      cost: costPerWear(figures.preferred) ?? 'none',
      wholeYear: figures.preferred.wholeYear,
    }),
    say('free', { n: plan.free.length }),
    say('dark', { n: percent(figures.shareInTheDark), paper: spoken(figures.paper) }),
  ].filter(Boolean);
  return (
    <section aria-live="polite" className={stale ? 'opacity-60' : ''} data-testid="capsule-figures">
      <p className="flex flex-wrap items-baseline gap-x-3">
        <Headline ladder={figures.ladder} pieces={n} className="text-[34px] leading-none" />
        <strong className="font-medium">
          {say('needsMet', { percent: percent(figures.needsMetFraction) })}
        </strong>
      </p>
      <p className="mt-1 text-xs text-soft">{facts.join(' · ')}</p>
      <p className="text-xs text-soft">{planned ? howGood(plan) : say('byHand')}</p>
      {figures.hardestToSpare && (
        <p className="text-xs text-soft">
          {say('spare', {
            piece: byId.get(figures.hardestToSpare.piece)?.label ?? '',
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
  );
}
