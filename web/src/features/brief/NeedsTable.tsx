import { zodResolver } from '@hookform/resolvers/zod';
import { Popover } from 'radix-ui';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { Link, useLocation } from 'react-router';
import * as z from 'zod/mini';
import { limits } from '../../api/limits';
import { figure, monthName, spoken } from '../../language/format';
import { Button } from '../../ui/Button';
import { Field, TextInput } from '../../ui/Field';
import { wholeWithin } from '../../ui/shapes';
import { Spoken } from '../../ui/Spoken';
import type { EventData } from '../../api/streams';
import type { Streamed } from '../../api/useStream';
import { listQuery } from '../desk';
import { say } from './messages';
import type { Brief, BriefSaver } from './queries';

/** The need for an occasion in a season, and what the wardrobe has for it. */
export type Need = EventData<'/api/v1/clients/{clientId}/counts/needs', 'need'>;

interface Props {
  brief: Brief;
  needs: Streamed<Need>;
  saver: BriefSaver;
}

const shortBy = ({ need, have }: Need) => (have === null ? 0 : Math.max(0, need - Number(have)));

/** The brief's result: needs beside what there is, the occasion that lacks most first. */
export function NeedsTable({ brief, needs, saver }: Props) {
  const seasons = brief.seasons.map((season) => season.name);
  const byCell = new Map(needs.events.map((one) => [`${one.occasion} ${one.season}`, one]));
  const lacks = (occasion: string) =>
    Math.max(0, ...needs.events.filter((one) => one.occasion === occasion).map(shortBy));
  const occasions = brief.brief.occasions
    .filter((occasion) => !occasion.paused)
    .map((occasion) => occasion.name)
    .sort((a, b) => lacks(b) - lacks(a));
  if (occasions.length === 0) {
    return <p className="text-soft">{say('needsEmpty')}</p>;
  }
  return (
    <div className="overflow-x-auto">
      <table className="border-collapse" data-testid="needs">
        <caption className="sr-only">{say('needs')}</caption>
        <thead>
          <tr>
            <td />
            {seasons.map((season) => (
              <th key={season} scope="col" className="min-w-24 px-2 pb-1 text-xs font-normal">
                {season}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {occasions.map((occasion) => (
            <tr key={occasion}>
              <th scope="row" className="pr-4 text-left font-normal">
                {occasion}
              </th>
              {seasons.map((season) => {
                const cell = byCell.get(`${occasion} ${season}`);
                return (
                  <td key={season} className="h-11 border border-hair p-0 text-center">
                    {cell ? (
                      <Cell cell={cell} brief={brief} saver={saver} />
                    ) : (
                      <span className="text-soft">{needs.state === 'running' ? '…' : ''}</span>
                    )}
                  </td>
                );
              })}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

/** A count, or a question mark where the climate is unknown. */
const figureOf = (n: Need['have']) => (n === null ? '?' : figure(n));

function Cell({ cell, brief, saver }: { cell: Need; brief: Brief; saver: BriefSaver }) {
  const [open, setOpen] = useState(false);
  const short = shortBy(cell);
  const others = (brief.brief.needs ?? []).filter(
    (one) => one.occasion !== cell.occasion || one.season !== cell.season,
  );
  const keep = (outfits: number | null) => {
    setOpen(false);
    saver.save({
      needs:
        outfits === null ? others : [...others, { occasion: cell.occasion, season: cell.season, outfits }],
    });
  };
  return (
    <Popover.Root open={open} onOpenChange={setOpen}>
      <Popover.Trigger
        aria-label={say('needCell', {
          ...cell,
          bases: figureOf(cell.bases),
          have: figureOf(cell.have),
          short,
        })}
        className={`h-full min-h-11 w-full px-2 whitespace-nowrap hover:text-chalk ${short > 0 ? 'text-no' : ''}`}
      >
        {cell.have === null ? (
          <span className="text-xs text-soft">{say('noClimate')}</span>
        ) : (
          <>
            <strong className="font-serif text-[15px]">
              <Spoken of={cell.bases ?? cell.have} />
            </strong>{' '}
            <span className="text-xs text-soft">
              {say('needBases', { n: Number(cell.bases ?? cell.have) })}
            </span>
            <span className={`block text-xs ${short > 0 ? '' : 'text-soft'}`}>
              {say('needLine', {
                have: spoken(cell.have),
                month: cell.month === null ? 'none' : monthName(cell.month),
                short,
                need: cell.need,
              })}
            </span>
            {cell.set && <span className="text-xs text-soft"> ·</span>}
          </>
        )}
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content sideOffset={4} className="z-30 w-64 border border-line bg-sheet p-3 shadow-md">
          <NeedForm cell={cell} onKeep={keep} />
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}

const shape = z.object({ outfits: wholeWithin(limits.need.outfits) });

/** How many outfits are wanted for an occasion in a season. */
function NeedForm({ cell, onKeep }: { cell: Need; onKeep: (outfits: number | null) => void }) {
  const { search } = useLocation();
  const { register, handleSubmit, formState } = useForm<z.infer<typeof shape>>({
    resolver: zodResolver(shape),
    defaultValues: { outfits: String(cell.need) },
  });
  const submit = handleSubmit(({ outfits }) => onKeep(Number(outfits)));
  return (
    <form onSubmit={(event) => void submit(event)} noValidate>
      <Field
        label={say('needOf', { occasion: cell.occasion, season: cell.season })}
        error={formState.errors.outfits?.message}
        hint={
          cell.month === null
            ? undefined
            : `${monthName(cell.month)}${cell.set ? ` · ${say('needSet')}` : ''}`
        }
      >
        {(id) => <TextInput id={id} type="number" {...register('outfits')} />}
      </Field>
      <p className="mt-2 flex flex-wrap items-baseline gap-3">
        <Button type="submit">{say('save')}</Button>
        {cell.set && (
          <Button look="link" onClick={() => onKeep(null)}>
            {say('needBack')}
          </Button>
        )}
        {cell.have !== null && (
          <Link
            className="font-medium text-chalk"
            to={`../outfits?${listQuery(search, { season: cell.season, occasion: cell.occasion, counting: 'bases' })}`}
          >
            {say('openList')}
          </Link>
        )}
      </p>
    </form>
  );
}
