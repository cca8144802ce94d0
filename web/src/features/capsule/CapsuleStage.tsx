import { Progress, Slider } from 'radix-ui';
import { useState } from 'react';
import { useParams } from 'react-router';
import { Button } from '../../ui/Button';
import { Field, TextInput } from '../../ui/Field';
import { Several } from '../../ui/Several';
import { Tick } from '../../ui/Tick';
import { useDesk } from '../workspace/context';
import { useEventStream } from '../workspace/useEventStream';
import { Board } from './Board';
import { say } from './messages';
import { planAddress, type Plan, type Wishes } from './queries';

const usualSize = 16;
const largestSize = 60;
const usualVarietyCost = 0.15;

/** The capsule: what is wished of it, and the best there is. */
export function CapsuleStage() {
  const { clientId = '' } = useParams();
  const { client, pieces, byId, stamp } = useDesk();
  const seasons = client.seasons.filter((season) => season.id !== 'year');
  const [wishes, setWishes] = useState<Wishes>(() => ({
    size: usualSize,
    seasons: [coming(seasons)?.id ?? ''].filter(Boolean),
    occasions: [],
    must: [],
    never: [],
    breakSets: true,
    varietyCostFraction: usualVarietyCost,
  }));
  const [planned, setPlanned] = useState<Wishes[]>([]);
  const asked = planned[planned.length - 1];
  const stream = useEventStream<Plan>(asked ? planAddress(clientId, asked) : null, 'plan', stamp);
  const plan = stream.events[0];
  const wish = (change: Partial<Wishes>) => setWishes((before) => ({ ...before, ...change }));
  const planNow = (next: Wishes) => {
    setWishes(next);
    setPlanned((before) => [...before, next]);
  };
  const back = () => {
    setWishes(planned[planned.length - 2]!);
    setPlanned((before) => before.slice(0, -1));
  };
  if (pieces.length === 0) {
    return <p className="p-8 text-soft">{say('noPieces')}</p>;
  }
  return (
    <div className="@container max-w-5xl p-5">
      <h1 className="font-serif text-xl font-semibold">{say('title')}</h1>
      <p className="mb-3 text-xs text-soft">{say('what')}</p>
      <form
        className="mb-4 flex flex-wrap items-end gap-x-5 gap-y-3 border-b border-line pb-4"
        onSubmit={(event) => {
          event.preventDefault();
          planNow(wishes);
        }}
      >
        <Several
          label={say('seasons')}
          options={seasons.map((season) => season.id)}
          value={wishes.seasons}
          onChange={(chosen) => wish({ seasons: chosen })}
        />
        <Several
          label={say('occasions')}
          options={client.occasions.map((occasion) => occasion.name ?? '')}
          value={
            wishes.occasions.length > 0 ? wishes.occasions : client.occasions.map((one) => one.name ?? '')
          }
          onChange={(chosen) => wish({ occasions: chosen })}
        />
        <Field label={say('size')}>
          {(id) => (
            <TextInput
              id={id}
              type="number"
              min={1}
              max={largestSize}
              className="max-w-20"
              value={wishes.size}
              onChange={(event) =>
                wish({ size: Math.max(1, Math.min(largestSize, Math.round(Number(event.target.value)))) })
              }
            />
          )}
        </Field>
        <Tick
          label={say('breakSets')}
          checked={wishes.breakSets}
          onChange={(breakSets) => wish({ breakSets })}
        />
        <div className="w-56">
          <span className="block text-xs text-soft">
            {say('variety')}: {say('percent', { n: Math.round(100 * wishes.varietyCostFraction) })}
          </span>
          <Slider.Root
            min={0}
            max={40}
            step={5}
            value={[Math.round(100 * wishes.varietyCostFraction)]}
            onValueChange={([value = 0]) => wish({ varietyCostFraction: value / 100 })}
            className="relative flex h-6 w-full items-center"
          >
            <Slider.Track className="relative h-0.5 grow bg-line">
              <Slider.Range className="absolute h-full bg-ink" />
            </Slider.Track>
            <Slider.Thumb
              aria-label={say('variety')}
              className="block h-5 w-2.5 border border-ink bg-sheet"
            />
          </Slider.Root>
        </div>
        <Button look="ink" type="submit" disabled={wishes.seasons.length === 0 && seasons.length > 0}>
          {say(planned.length > 0 ? 'planAgain' : 'plan')}
        </Button>
        {planned.length > 1 && (
          <Button look="link" onClick={back}>
            {say('back')}
          </Button>
        )}
        {wishes.never.length > 0 && (
          <p className="w-full text-xs text-soft">
            {say('leftOut')}:{' '}
            {wishes.never.map((id) => (
              <Button
                key={id}
                look="link"
                className="mr-2 text-xs"
                aria-label={say('let', { label: byId.get(id)?.label ?? id })}
                onClick={() => planNow({ ...wishes, never: wishes.never.filter((one) => one !== id) })}
              >
                {byId.get(id)?.label ?? id} ×
              </Button>
            ))}
          </p>
        )}
      </form>
      {stream.state === 'running' && (
        <div className="mb-4 flex max-w-md items-center gap-3" aria-live="polite">
          <Progress.Root
            value={Math.round(100 * stream.fraction)}
            aria-label={say('planning', { percent: Math.round(100 * stream.fraction) })}
            className="h-1.5 grow bg-line"
          >
            <Progress.Indicator className="h-full bg-ink" style={{ width: `${100 * stream.fraction}%` }} />
          </Progress.Root>
          <span className="text-xs text-soft">
            {say('planning', { percent: Math.round(100 * stream.fraction) })}
          </span>
          <Button look="link" onClick={stream.stop}>
            {say('stop')}
          </Button>
        </div>
      )}
      {stream.state === 'failed' && (
        <p role="alert" className="mb-4 text-no">
          {stream.refused ?? say('failed')}
        </p>
      )}
      {stream.state === 'stopped' && <p className="mb-4 text-soft">{say('stopped')}</p>}
      {plan && asked && (
        <Board plan={plan} wishes={wishes} onWish={(change) => planNow({ ...wishes, ...change })} />
      )}
    </div>
  );
}

/** The season whose middle month comes next. */
function coming(seasons: { id: string; months?: number[]; asked: number[] }[]) {
  const month = new Date().getMonth() + 1;
  const away = (season: { asked: number[] }) =>
    Math.min(...season.asked.map((one) => (one - month + 12) % 12));
  return [...seasons].sort((a, b) => away(a) - away(b))[0];
}
