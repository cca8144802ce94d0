import type { ReactNode } from 'react';
import { day, join, words } from '../../language/format';
import { say } from './messages';
import type { Brief, OccasionDocument } from './queries';

interface Props {
  name: string;
  brief: Brief;
  often: (occasion: OccasionDocument) => string;
}

/** The brief in sentences on one page of paper, for the client to check; the health note stays in the studio. */
export function PrintedBrief({ name, brief: { brief, seasons }, often }: Props) {
  const { boundaries, palette, laundry, heights } = brief;
  const limits = [
    boundaries.maxHeelCm !== undefined && `heels up to ${boundaries.maxHeelCm} cm`,
    boundaries.coverage.length > 0 && `${join(boundaries.coverage.map(words))} always covered`,
    boundaries.avoid.length > 0 &&
      `never ${join(boundaries.avoid.map((one) => words(String(Object.values(one)[0]))))}`,
    boundaries.sensitivities.length > 0 && `sensitive to ${join(boundaries.sensitivities.map(words))}`,
    !boundaries.tucks && 'tops are not tucked in',
  ].filter(Boolean);
  return (
    <article className="hidden text-[12px] leading-snug print:block" data-testid="printed">
      <h1 className="font-serif text-2xl font-semibold">{say('printed', { name })}</h1>
      <Part title={say('life')}>
        <ul>
          {brief.occasions
            .filter((occasion) => !occasion.paused)
            .map((occasion) => (
              <li key={occasion.name}>
                <strong>{occasion.name}</strong>, {often(occasion)}, formality {occasion.formalityLow} to{' '}
                {occasion.formalityHigh}
                {(occasion.requires?.length ?? 0) > 0 &&
                  `; ${join(occasion.requires!.filter((one) => typeof one === 'string').map((one) => words(String(one))))}`}
              </li>
            ))}
        </ul>
      </Part>
      <Part title={say('place')}>
        {brief.place ?? say('noPlace')}. {say('seasons')}: {join(seasons.map((season) => season.name))}.
      </Part>
      <Part title={say('limits')}>
        {limits.length > 0 ? `${limits.join('; ')}.` : say('limitsSum', { n: 0 })}
      </Part>
      {(heights.statureCm || brief.lengthenLeg) && (
        <Part title={say('proportion')}>
          {heights.statureCm && `${heights.statureCm} cm. `}
          {brief.lengthenLeg && say('lengthenLeg')}
        </Part>
      )}
      <Part title={say('colour')}>
        {(['base', 'accents', 'avoid'] as const).map(
          (role) =>
            palette[role].length > 0 && (
              <span key={role} className="mr-4 inline-flex items-center gap-1">
                {say(role)}
                {palette[role].map((hex) => (
                  <span
                    key={hex}
                    className="inline-block h-4 w-4 border border-ink"
                    style={{ background: hex, printColorAdjust: 'exact' }}
                  />
                ))}
              </span>
            ),
        )}
        {brief.metals && `${say('metals')}: ${words(brief.metals)}`}
      </Part>
      <Part title={say('care')}>
        {say('careLine', {
          interval: laundry.intervalDays,
          drying: laundry.dryingDays,
          visits: laundry.dryCleanVisitsPerMonth,
        })}
      </Part>
      {brief.budget && (
        <Part title={say('budget')}>
          {brief.budget.amount} {brief.budget.currency} {say('amount')}
        </Part>
      )}
      {brief.notes && <Part title={say('notes')}>{brief.notes}</Part>}
      <p className="mt-4">
        {brief.photoConsent ? say('consentOn', { date: day(brief.photoConsent) }) : say('noConsent')}
      </p>
      <p className="mt-10 border-t border-ink pt-1">{say('signature')}</p>
    </article>
  );
}

function Part({ title, children }: { title: string; children: ReactNode }) {
  return (
    <section className="mt-3">
      <h2 className="font-serif text-sm font-semibold">{title}</h2>
      <div>{children}</div>
    </section>
  );
}
