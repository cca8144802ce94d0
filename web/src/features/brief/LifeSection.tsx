import { Collapsible, DropdownMenu } from 'radix-ui';
import { useState } from 'react';
import { sentence } from '../../api/problem';
import type { Exact } from '../../api/client';
import { figure, join } from '../../language/format';
import { Button } from '../../ui/Button';
import { DrawnHere } from '../../ui/Drawing';
import { useSay } from '../../ui/Notices';
import { Select } from '../../ui/Select';
import { useDesk } from '../desk';
import { say } from './messages';
import { OccasionForm } from './OccasionForm';
import {
  useKeepTemplate,
  useOccasionTrial,
  useTemplates,
  useWithdrawTemplate,
  type Brief,
  type BriefSaver,
  type OccasionDocument,
} from './queries';

interface Props {
  clientId: string;
  brief: Brief;
  saver: BriefSaver;
}

/** How often an occasion comes, in words. */
export function often({ timesPerWeek, timesPerMonth }: OccasionDocument) {
  if (timesPerWeek && timesPerWeek < 1) {
    return say('everyWeeks', { n: Math.round(1 / timesPerWeek) });
  }
  return timesPerMonth !== null && timesPerMonth !== undefined
    ? say('monthly', { n: timesPerMonth })
    : timesPerWeek !== null && timesPerWeek !== undefined
      ? say('weekly', { n: timesPerWeek })
      : say('unsaid');
}

/** A name that is not taken: "desk day 2" beside a desk day. */
function free(name: string, taken: string[]) {
  let next = name;
  for (let i = 2; taken.includes(next); i++) {
    next = `${name} ${i}`;
  }
  return next;
}

/** What the client dresses for. */
export function LifeSection({ clientId, brief, saver }: Props) {
  const templates = useTemplates().data ?? [];
  const withdraw = useWithdrawTemplate();
  const tell = useSay();
  const [open, setOpen] = useState<string | null>(null);
  const { occasions, needs = [] } = brief.brief;
  const names = occasions.map((occasion) => occasion.name);
  const keep = (next: OccasionDocument[]) => saver.save({ occasions: next });
  const change = (i: number, changed: OccasionDocument) => {
    const before = occasions[i]!.name;
    const next = occasions.map((occasion, at) => (at === i ? changed : occasion));
    if (changed.name === before) {
      keep(next);
      return;
    }
    setOpen(changed.name);
    saver.save({
      occasions: next,
      needs: needs.map((need) => (need.occasion === before ? { ...need, occasion: changed.name } : need)),
    });
  };
  const add = (occasion: OccasionDocument) => {
    const name = free(occasion.name, names);
    keep([...occasions, { ...occasion, name }]);
    setOpen(name);
  };
  const move = (i: number, by: number) => {
    const next = [...occasions];
    [next[i], next[i + by]] = [next[i + by]!, next[i]!];
    keep(next);
  };
  return (
    <div>
      <ul data-testid="occasions">
        {occasions.map((occasion, i) => (
          <li key={`${occasion.name} ${i}`} className="border-t border-hair py-1.5 first:border-0">
            <Collapsible.Root
              open={open === occasion.name}
              onOpenChange={(now) => setOpen(now ? occasion.name : null)}
            >
              <div className="flex items-baseline gap-3">
                <Collapsible.Trigger className="min-h-7 grow text-left">
                  <span className={`font-medium ${occasion.paused ? 'text-soft line-through' : ''}`}>
                    {occasion.name}
                  </span>{' '}
                  <span className="text-xs text-soft">
                    {say('occasionLine', {
                      low: occasion.formalityLow,
                      high: occasion.formalityHigh,
                      often: often(occasion),
                      work: occasion.work ?? false,
                      paused: occasion.paused ?? false,
                    })}
                  </span>
                </Collapsible.Trigger>
                <OccasionMenu
                  occasion={occasion}
                  first={i === 0}
                  last={i === occasions.length - 1}
                  onMove={(by) => move(i, by)}
                  onDuplicate={() => add(occasion)}
                  onPause={() => change(i, { ...occasion, paused: !occasion.paused })}
                  onRemove={() => keep(occasions.filter((_, at) => at !== i))}
                />
              </div>
              <Collapsible.Content className="pt-2 pb-3">
                <OccasionForm
                  occasion={occasion}
                  pointer={`/occasions/${i}`}
                  felt={brief.felt.find((one) => one.occasion === occasion.name)}
                  onSave={(changed) => change(i, changed)}
                />
                <Trial clientId={clientId} occasion={occasion} />
              </Collapsible.Content>
            </Collapsible.Root>
          </li>
        ))}
      </ul>
      <div className="mt-2 max-w-72">
        <Select
          label={say('addOccasion')}
          value=""
          options={[
            ['', say('addOccasion')],
            ...templates.map(
              ({ name, own }) => [name, own ? `${name}, ${say('ownTemplate')}` : name] as const,
            ),
          ]}
          onChange={(name) => {
            const template = templates.find((one) => one.name === name);
            if (template) {
              add(template.occasion);
            }
          }}
        />
      </div>
      <ul>
        {templates
          .filter(({ own }) => own)
          .map(({ name }) => (
            <li key={name}>
              <Button
                look="link"
                className="text-xs"
                onClick={() =>
                  withdraw.mutate(name, {
                    onSuccess: () => tell(say('templateWithdrawn', { name })),
                    onError: (error) => tell(sentence(error)),
                  })
                }
              >
                {say('withdrawTemplate', { name })}
              </Button>
            </li>
          ))}
      </ul>
    </div>
  );
}

interface MenuProps {
  occasion: OccasionDocument;
  first: boolean;
  last: boolean;
  onMove: (by: number) => void;
  onDuplicate: () => void;
  onPause: () => void;
  onRemove: () => void;
}

function OccasionMenu({ occasion, first, last, onMove, onDuplicate, onPause, onRemove }: MenuProps) {
  const keepTemplate = useKeepTemplate();
  const tell = useSay();
  const items: [string, () => void, boolean?][] = [
    [say('duplicate'), onDuplicate],
    [say('up'), () => onMove(-1), first],
    [say('down'), () => onMove(1), last],
    [say(occasion.paused ? 'resume' : 'pause'), onPause],
    [
      say('keepTemplate'),
      () =>
        keepTemplate.mutate(occasion, {
          onSuccess: () => tell(say('templateKept')),
          onError: (error) => tell(sentence(error)),
        }),
    ],
    [say('remove'), onRemove],
  ];
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger aria-label={`${occasion.name}: more`} className="min-h-7 min-w-7 text-soft">
        ⋯
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content className="z-30 border border-line bg-sheet shadow-md">
          {items.map(([words, run, off]) => (
            <DropdownMenu.Item
              key={words}
              disabled={off}
              onSelect={run}
              className="min-h-8 cursor-default px-3 py-1.5 data-[disabled]:text-soft data-[highlighted]:bg-rail"
            >
              {words}
            </DropdownMenu.Item>
          ))}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}

/** Outfits put to the occasion: some that pass, some that just fail, and why. */
function Trial({ clientId, occasion }: { clientId: string; occasion: OccasionDocument }) {
  const trial = useOccasionTrial(clientId);
  const { byId } = useDesk();
  const names = (slots?: Record<string, unknown>) =>
    join(
      Object.values(slots ?? {})
        .flat()
        .map((id) => byId.get(String(id))?.label ?? String(id)),
    );
  const found = trial.data;
  return (
    <section className="mt-3" data-testid="trial">
      <Button onClick={() => trial.mutate({ occasion })} disabled={trial.isPending}>
        {say(trial.isPending ? 'trying' : 'tryIt')}
      </Button>
      {trial.error && (
        <p role="alert" className="text-no">
          {sentence(trial.error)}
        </p>
      )}
      {found && (
        <div className="mt-2 grid gap-4 @xl:grid-cols-2">
          {(['pass', 'fail'] as const).map((side) => (
            <div key={side}>
              <h4 className="text-xs text-soft">
                {side === 'pass'
                  ? say('passes', { n: Number(found.total ?? 0) })
                  : found.fail?.length
                    ? say('justFails')
                    : say('nothingFails')}
              </h4>
              <ul className="flex flex-col gap-2">
                {found[side]?.map((tried, i) => (
                  <li key={i} className="flex gap-3 border-t border-hair pt-2">
                    <DrawnHere svg={tried.figure ?? ''} name="" className="h-24 w-16 shrink-0" />
                    <span className="text-xs">
                      {names(tried.slots)}
                      {tried.findings?.slice(0, 2).map((finding) => (
                        <span key={finding.text} className="block text-no">
                          {finding.text}
                        </span>
                      ))}
                    </span>
                  </li>
                ))}
              </ul>
              {side === 'pass' && Number(found.total ?? 0) > 3 && (
                <p className="text-xs text-soft">… {figure(found.total as Exact)}</p>
              )}
            </div>
          ))}
        </div>
      )}
    </section>
  );
}
