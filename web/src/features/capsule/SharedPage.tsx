import { ToggleGroup } from 'radix-ui';
import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { Button } from '../../ui/Button';
import { Drawing } from '../../ui/Drawing';
import { Several } from '../../ui/Several';
import { useBrief } from '../brief';
import { StreamState, useDesk } from '../desk';
import type { StreamAddress } from '../../api/streams';
import { useStream } from '../../api/useStream';
import { Amount } from './Amount';
import { say } from './messages';
import { sharedAddress, type SharedPart, type Wishes } from './queries';
import { layOnBoard, nothingAsked } from './useBoard';

const usualCore = 8;

/** Capsules that share a core: for the seasons of the year, or for work and the rest. */
export function SharedPage() {
  const { clientId = '' } = useParams();
  const { client, byId, stamp } = useDesk();
  const brief = useBrief(clientId);
  const navigate = useNavigate();
  const seasons = client.seasons.filter((season) => season.id !== 'year').map((season) => season.id);
  const [by, setBy] = useState<'season' | 'work'>('season');
  const [wishes, setWishes] = useState<Wishes>({ ...nothingAsked, seasons });
  const [core, setCore] = useState(usualCore);
  const [asked, setAsked] =
    useState<StreamAddress<'/api/v1/clients/{clientId}/capsules-sharing-a-core'> | null>(null);
  const stream = useStream(asked, 'part', stamp, 'core');
  const occasions = brief.data?.brief?.occasions ?? [];
  const groups = [
    { name: say('work'), occasions: occasions.filter((one) => one.work).map((one) => one.name) },
    { name: say('rest'), occasions: occasions.filter((one) => !one.work).map((one) => one.name) },
  ].filter((group) => group.occasions.length > 0);
  const parts = stream.events;
  const common = stream.aside ?? [];
  const all = new Set(parts.flatMap((part) => part.plan.pieces));
  return (
    <>
      <p className="mb-3 text-xs text-soft">{say('sharedWhat')}</p>
      <form
        className="mb-4 flex flex-wrap items-end gap-x-5 gap-y-3 border-b border-line pb-4"
        onSubmit={(event) => {
          event.preventDefault();
          setAsked(sharedAddress(clientId, wishes, core, by === 'work' ? groups : undefined));
        }}
      >
        <div>
          <p className="text-xs text-soft">{say('by')}</p>
          <ToggleGroup.Root
            type="single"
            value={by}
            onValueChange={(next) => next && setBy(next as typeof by)}
            aria-label={say('by')}
            className="mt-1 flex gap-1.5"
          >
            {(['season', 'work'] as const).map((one) => (
              <ToggleGroup.Item
                key={one}
                value={one}
                disabled={one === 'work' && groups.length < 2}
                className="min-h-8 border border-line bg-sheet px-2.5 py-1 disabled:text-soft data-[state=on]:border-ink data-[state=on]:bg-ink data-[state=on]:text-sheet"
              >
                {say(one === 'season' ? 'bySeason' : 'byWork')}
              </ToggleGroup.Item>
            ))}
          </ToggleGroup.Root>
        </div>
        <Several
          label={say('seasons')}
          options={seasons}
          value={wishes.seasons}
          onChange={(chosen) => setWishes({ ...wishes, seasons: chosen })}
        />
        <Amount
          label={say('sizeEach')}
          value={Number(wishes.size)}
          onChange={(size) => setWishes({ ...wishes, size: size ?? 1 })}
          least={1}
        />
        <Amount label={say('core')} value={core} onChange={(next) => setCore(next ?? 0)} />
        <Button
          look="ink"
          type="submit"
          disabled={stream.state === 'running' || (wishes.seasons.length === 0 && seasons.length > 0)}
        >
          {say('sharedPlan')}
        </Button>
      </form>
      <StreamState of={stream} words={say('planning', { percent: Math.round(100 * stream.fraction) })} />
      {stream.aside && (
        <section className="mb-5" data-testid="shared-core">
          <h2 className="font-serif text-lg font-semibold">
            {say('coreTitle', { n: common.length })}
            {stream.state === 'done' && (
              <span className="ml-3 font-sans text-xs font-normal text-soft">
                {say('total', { n: all.size })}
              </span>
            )}
          </h2>
          <Flats pieces={common} />
        </section>
      )}
      <div className="flex flex-col gap-5" data-testid="shared-parts">
        {parts.map((part, at) => {
          const before =
            at === 0 && parts.length > 2 && stream.state === 'done' ? parts[parts.length - 1] : parts[at - 1];
          return (
            <section key={part.name} className="border-t border-line pt-3">
              <div className="flex flex-wrap items-baseline gap-x-4">
                <h2 className="font-serif text-[17px] font-semibold">
                  {say('partTitle', {
                    name: part.name,
                    outfits: Number(part.plan.figures.outfits),
                    percent: Math.round(100 * part.plan.figures.needsMetFraction),
                  })}
                </h2>
                <span className="text-xs text-soft">
                  {say('partAlone', {
                    n: Math.max(0, part.alone.outfits - Number(part.plan.figures.outfits)),
                  })}
                </span>
                <Button
                  look="link"
                  onClick={() => {
                    keepForBoard(clientId, part, wishes, by === 'season');
                    void navigate(`/clients/${clientId}/capsule`);
                  }}
                >
                  {say('openPart')}
                </Button>
              </div>
              <Flats pieces={part.plan.pieces.filter((id) => !common.includes(id))} />
              {by === 'season' && before && <Changeover from={before} to={part} />}
            </section>
          );
        })}
      </div>
    </>
  );

  function Flats({ pieces }: { pieces: string[] }) {
    return (
      <ul className="mt-1 grid grid-cols-[repeat(auto-fill,minmax(88px,1fr))] gap-2">
        {pieces.map((id) => (
          <li key={id} className="border border-hair p-1 text-xs leading-tight">
            <Drawing src={byId.get(id)?.flat ?? ''} name="" className="mx-auto h-16 w-14" />
            {byId.get(id)?.label}
          </li>
        ))}
      </ul>
    );
  }

  function Changeover({ from, to }: { from: SharedPart; to: SharedPart }) {
    const labels = (ids: string[]) => ids.map((id) => byId.get(id)?.label ?? id).join(', ') || '—';
    return (
      <p className="mt-2 text-xs text-soft">
        <span className="font-semibold">{say('changeover', { from: from.name, to: to.name })}:</span>{' '}
        {say('comesOut', { pieces: labels(to.plan.pieces.filter((id) => !from.plan.pieces.includes(id))) })} ·{' '}
        {say('goesAway', { pieces: labels(from.plan.pieces.filter((id) => !to.plan.pieces.includes(id))) })}
      </p>
    );
  }
}

/** Lays one of the capsules on the board. */
function keepForBoard(clientId: string, part: SharedPart, wishes: Wishes, bySeason: boolean) {
  const its = bySeason
    ? { ...wishes, seasons: [part.name] }
    : { ...wishes, occasions: [...new Set(part.plan.figures.contexts.map((one) => one.occasion))] };
  layOnBoard(clientId, part.plan.pieces, its);
}
