import { useState } from 'react';
import { Link, useNavigate, useParams, useSearchParams } from 'react-router';
import type { SavedOutfit } from '../../../api/client';
import { sentence } from '../../../api/problem';
import { dateOf, join } from '../../../language/format';
import { common } from '../../../language/text';
import { Button } from '../../../ui/Button';
import { Choice } from '../../../ui/Choice';
import { DrawnHere } from '../../../ui/Drawing';
import { Mark } from '../../../ui/Mark';
import { Menu, MenuItem } from '../../../ui/Menu';
import { Tick } from '../../../ui/Tick';
import { benchOf, listQuery, pathsOf, seasonWords, useDesk, useWear } from '../../desk';
import { CompareOutfits } from './CompareOutfits';
import { say } from '../messages';
import { WaitingGrid } from '../OutfitGrid';
import { useChangeOutfit, useDeleteOutfit, useSavedOutfits } from './saved';
import { SaveOutfitDialog } from './SaveOutfitDialog';

/** As many as stand side by side. */
const mostCompared = 4;

const shows = {
  '': () => true,
  favourites: (one: SavedOutfit) => one.favourite,
  flagged: (one: SavedOutfit) => one.verdict !== 'works',
  unworn: (one: SavedOutfit) => one.timesWorn === 0,
} as const;

/** The outfits that were saved, as the wardrobe makes them today; up to four side by side. */
export function SavedOutfitsPage() {
  const { clientId = '' } = useParams();
  const [search, setSearch] = useSearchParams();
  const saved = useSavedOutfits(clientId);
  const [ticked, setTicked] = useState<string[]>([]);
  const all = saved.data ?? [];
  const filter = {
    show: (search.get('show') ?? '') as keyof typeof shows,
    occasion: search.get('for') ?? '',
    season: search.get('in') ?? '',
    tag: search.get('tag') ?? '',
  };
  const shown = all.filter(
    (one) =>
      (shows[filter.show] ?? shows[''])(one) &&
      (!filter.occasion || one.occasions.includes(filter.occasion)) &&
      (!filter.season || one.seasons.includes(filter.season)) &&
      (!filter.tag || one.tags.includes(filter.tag)),
  );
  const compared = ticked.flatMap((id) => all.filter((one) => one.id === id));

  function set(name: string, value: string) {
    const next = new URLSearchParams(search);
    if (value) {
      next.set(name, value);
    } else {
      next.delete(name);
    }
    setSearch(next, { replace: true });
  }

  const choices = (
    of: 'occasions' | 'seasons' | 'tags',
    words = (name: string) => name,
  ): [string, string][] => [
    ['', say('any')],
    ...[...new Set(all.flatMap((one) => one[of]))].map((name): [string, string] => [name, words(name)]),
  ];

  if (saved.error) {
    return (
      <p role="alert" className="p-5">
        {sentence(saved.error)}
      </p>
    );
  }
  if (saved.data && all.length === 0) {
    return (
      <div className="max-w-prose p-5">
        <h1 className="mb-3 font-serif text-xl font-semibold">{say('savedOutfits')}</h1>
        <p className="mb-2 text-soft">{say('noneSaved')}</p>
        <Link className="font-medium text-chalk" to={`../outfits/bench?${listQuery(search)}`}>
          {say('onTheBench')}
        </Link>
      </div>
    );
  }
  return (
    <div className="p-5">
      <header className="mb-3 flex flex-wrap items-baseline gap-x-5 gap-y-1">
        <h1 className="font-serif text-xl font-semibold">{say('savedOutfits')}</h1>
        <p className="text-soft" aria-live="polite">
          {saved.data && say('shown', { n: shown.length, all: all.length })}
        </p>
        <span className="ml-auto flex flex-wrap gap-x-5 gap-y-1">
          <Choice
            label={say('show')}
            value={filter.show}
            options={[
              ['', say('everyOne')],
              ['favourites', say('favourites')],
              ['flagged', say('flagged')],
              ['unworn', say('unworn')],
            ]}
            onChange={(value) => set('show', value)}
          />
          <Choice
            narrow
            label={common.context.occasion}
            value={filter.occasion}
            options={choices('occasions')}
            onChange={(value) => set('for', value)}
          />
          <Choice
            narrow
            label={common.context.season}
            value={filter.season}
            options={choices('seasons', seasonWords)}
            onChange={(value) => set('in', value)}
          />
          {all.some((one) => one.tags.length > 0) && (
            <Choice
              narrow
              label={say('tag')}
              value={filter.tag}
              options={choices('tags')}
              onChange={(value) => set('tag', value)}
            />
          )}
        </span>
      </header>
      {saved.isPending && <WaitingGrid />}
      {compared.length > 1 && <CompareOutfits outfits={compared} />}
      {shown.length === 0 && saved.data && <p className="text-soft">{say('noneLikeThis')}</p>}
      <ul className="grid grid-cols-3 gap-3 max-[1100px]:grid-cols-2" data-testid="saved-outfits">
        {shown.map((one) => (
          <Card
            key={one.id}
            outfit={one}
            ticked={ticked.includes(one.id)}
            onTick={(on) =>
              setTicked((before) =>
                on ? [...before, one.id].slice(-mostCompared) : before.filter((id) => id !== one.id),
              )
            }
          />
        ))}
      </ul>
      {all.length > 1 && compared.length < 2 && (
        <p className="mt-3 text-xs text-soft">{say('howToCompare', { most: mostCompared })}</p>
      )}
    </div>
  );
}

interface CardProps {
  outfit: SavedOutfit;
  ticked: boolean;
  onTick: (on: boolean) => void;
}

function Card({ outfit, ticked, onTick }: CardProps) {
  const { clientId = '' } = useParams();
  const { byId } = useDesk();
  const [search] = useSearchParams();
  const navigate = useNavigate();
  const change = useChangeOutfit(clientId);
  const remove = useDeleteOutfit(clientId);
  const wear = useWear(clientId);
  const [editing, setEditing] = useState(false);
  const ids = Object.values(outfit.slots).flat() as string[];
  const open = benchOf(outfit, search);
  return (
    <li className="relative flex gap-2 border border-hair bg-sheet p-2">
      <Link
        to={open}
        aria-label={say('openOutfit', { name: outfit.name })}
        className="shrink-0 hover:bg-paper"
      >
        <DrawnHere svg={outfit.figure} name="" className="h-56 w-[118px]" />
      </Link>
      <div className="flex min-w-0 grow flex-col gap-1 text-xs">
        <Link
          to={open}
          className="flex items-baseline gap-1.5 font-serif text-[15px] leading-tight font-semibold"
        >
          <Mark kind={outfit.verdict} />
          <span className="sr-only">{common.sheet[outfit.verdict as 'works' | 'daring' | 'no']}: </span>
          <span>
            {outfit.favourite && <span title={say('favourite')}>★ </span>}
            {outfit.name}
          </span>
        </Link>
        <p className="leading-tight">
          {join(ids.filter((id) => byId.has(id)).map((id) => byId.get(id)!.label))}
        </p>
        {outfit.gone.length > 0 && (
          <p className="border-l-2 border-no pl-2">{say('piecesGone', { n: outfit.gone.length })}</p>
        )}
        {outfit.gone.length === 0 && outfit.verdict !== 'works' && outfit.reason && (
          <p className="border-l-2 border-daring pl-2">
            {say('judgedFor', {
              occasion: outfit.occasion || common.context.anyOccasion,
              season: seasonWords(outfit.season),
            })}
            : {outfit.reason}
          </p>
        )}
        {outfit.verdict !== 'works' && (
          <Link to={pathsOf(outfit, search, byId)} className="min-h-6 font-medium text-chalk">
            {say('nearest')}
          </Link>
        )}
        <p className="text-soft">
          {[
            join(outfit.occasions),
            join(outfit.seasons.map(seasonWords)),
            outfit.tags.map((tag) => `#${tag}`).join(' '),
            outfit.timesWorn > 0
              ? say('timesWorn', { n: outfit.timesWorn, last: dateOf(outfit.lastWorn) })
              : say('neverWorn'),
          ]
            .filter(Boolean)
            .join(' · ')}
        </p>
        {outfit.notes && <p className="line-clamp-3 text-soft">{outfit.notes}</p>}
        <span className="mt-auto flex flex-col items-start">
          <Button
            look="link"
            disabled={wear.isPending || outfit.gone.length > 0}
            onClick={() => wear.mutate(ids)}
          >
            {say('repeat')}
          </Button>
          <Link className="min-h-6 font-medium text-chalk" to={open.replace('/bench?', '/changes?')}>
            {say('withOneChange')}
          </Link>
          <Link className="min-h-6 font-medium text-chalk" to={open.replace('/bench?', '/formulas?')}>
            {say('sameFormula')}
          </Link>
        </span>
        <span className="flex items-center justify-between">
          <Tick label={say('compare')} checked={ticked} onChange={onTick} />
          <Menu label={say('actionsOf', { name: outfit.name })}>
            <MenuItem onSelect={() => void navigate(open)}>{say('openOnBench')}</MenuItem>
            <MenuItem onSelect={() => setEditing(true)}>{say('edit')}</MenuItem>
            <MenuItem onSelect={() => change.mutate({ id: outfit.id, favourite: !outfit.favourite })}>
              {outfit.favourite ? say('noFavourite') : say('favourite')}
            </MenuItem>
            {[...outfit.earlier]
              .reverse()
              .filter(({ slots }) => (Object.values(slots).flat() as string[]).every((id) => byId.has(id)))
              .slice(0, 8)
              .map((version) => (
                <MenuItem
                  key={version.version}
                  onSelect={() =>
                    change.mutate({
                      id: outfit.id,
                      version: outfit.version,
                      slots: version.slots as Record<string, string>,
                      finishes: version.finishes,
                    })
                  }
                >
                  {say('restore', { n: version.version })}
                </MenuItem>
              ))}
            <MenuItem onSelect={() => remove.mutate({ id: outfit.id, name: outfit.name })}>
              {say('delete')}
            </MenuItem>
          </Menu>
        </span>
      </div>
      <SaveOutfitDialog
        title={say('editOf', { name: outfit.name })}
        open={editing}
        about={outfit}
        onOpenChange={setEditing}
        onSave={({ name, notes, occasions, seasons, tags, favourite }) =>
          change.mutate(
            { id: outfit.id, name, notes, occasions, seasons, tags, favourite },
            { onSuccess: () => setEditing(false) },
          )
        }
      />
    </li>
  );
}
