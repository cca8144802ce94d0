import { ToggleGroup } from 'radix-ui';
import { useParams } from 'react-router';
import { figure, monthName, spoken } from '../../language/format';
import { common } from '../../language/text';
import type { Chosen } from './context';
import { say } from './messages';
import { streamAddress } from '../../api/streams';
import { useStream } from '../../api/useStream';

const sizes: Record<string, string> = {
  bases: 'text-[34px] leading-none',
  clothes: 'text-[20px]',
  outfits: 'text-[16px]',
  looks: 'text-[13px]',
};

interface Props {
  chosen: Chosen;
  stamp: string;
  onChoose: (counting: string) => void;
}

/**
 * The number of combinations as more and more is distinguished, smallest first and in the largest type; selecting a
 * step changes what is counted.
 */
export function Ladder({ chosen, stamp, onChoose }: Props) {
  const { clientId = '' } = useParams();
  const { season, occasion, daring, capsule } = chosen;
  const stream = useStream(
    streamAddress('/api/v1/clients/{clientId}/counts/ladder', {
      path: { clientId },
      query: { season, occasion, daring, capsule },
    }),
    'step',
    stamp,
  );
  const found = new Map(stream.events.map((one) => [one.step, one.total]));
  const days = found.get('days');
  const weakest = stream.events.find((one) => one.step === 'weakest');
  return (
    <section className="mb-4" data-testid="ladder">
      <ToggleGroup.Root
        type="single"
        aria-label={common.reading.ladderWhat}
        value={chosen.counting}
        onValueChange={(counting) => counting && onChoose(counting)}
        className="flex flex-col items-stretch"
      >
        {Object.entries(common.context.presets).map(([step, words]) => {
          const total = found.get(step);
          return (
            <ToggleGroup.Item
              key={step}
              value={step}
              title={total === undefined ? undefined : say('step', { total: figure(total), what: words })}
              aria-label={
                total === undefined
                  ? say('counting', { what: words })
                  : say('step', { total: figure(total), what: words })
              }
              className="flex min-h-7 items-baseline gap-2 border-l-2 border-transparent py-0.5 pl-2 text-left hover:text-chalk data-[state=on]:border-ink"
            >
              <span className={`font-serif font-bold tabular-nums ${sizes[step]}`}>
                {total === undefined ? '…' : spoken(total)}
              </span>
              <span className="text-soft">{words}</span>
            </ToggleGroup.Item>
          );
        })}
      </ToggleGroup.Root>
      {chosen.counting in common.reading.means && (
        <p className="mt-1 pl-2.5 text-soft">{common.reading.means[chosen.counting]}</p>
      )}
      {weakest && weakest.month !== null && weakest.total !== found.get('bases') && (
        <p className="mt-1 pl-2.5 text-soft">
          <strong className="font-serif text-ink tabular-nums">{spoken(weakest.total)}</strong>{' '}
          {say('weakest', { month: monthName(weakest.month) })}
        </p>
      )}
      {days !== undefined && (
        <p className="mt-1 pl-2.5 text-soft" title={common.reading.basesWhat}>
          <strong className="font-serif text-ink tabular-nums">{figure(days)}</strong>{' '}
          {say('freshDays', { days: Number(days) })}
        </p>
      )}
    </section>
  );
}
