import { Link, useParams, useSearchParams } from 'react-router';
import { sentence } from '../../../api/problem';
import { dateOf, join } from '../../../language/format';
import { Button } from '../../../ui/Button';
import { DrawnHere } from '../../../ui/Drawing';
import { useDesk, useWear, withSlots } from '../../desk';
import { say } from '../messages';
import { WaitingGrid } from '../OutfitGrid';
import { useWornOutfits, type Slots } from '../queries';

/** The outfits of the wear log, each once, the latest first: to be worn again, changed in one thing, or taken as a formula. */
export function WornOutfitsPage() {
  const { clientId = '' } = useParams();
  const [search] = useSearchParams();
  const { byId } = useDesk();
  const worn = useWornOutfits(clientId);
  const wear = useWear(clientId);
  return (
    <div className="p-5">
      <header className="mb-3 flex flex-wrap items-baseline gap-x-4">
        <h1 className="font-serif text-xl font-semibold">{say('wornOutfits')}</h1>
        <p className="text-soft">{worn.data && say('wornCount', { n: worn.data.length })}</p>
      </header>
      {worn.error && <p role="alert">{sentence(worn.error)}</p>}
      {worn.isPending && <WaitingGrid />}
      {worn.data?.length === 0 && <p className="max-w-prose text-soft">{say('noneWorn')}</p>}
      <ul className="grid grid-cols-3 gap-3 max-[1100px]:grid-cols-2" data-testid="worn-outfits">
        {worn.data?.map((one) => {
          const ids = Object.values(one.slots).flat() as string[];
          const query = withSlots(one.slots as Slots, search);
          const name = join(ids.map((id) => byId.get(id)?.label ?? id));
          return (
            <li key={query} className="flex gap-2 border border-hair bg-sheet p-2">
              <Link
                to={`../outfits/bench?${query}`}
                aria-label={say('openOutfit', { name })}
                className="shrink-0 hover:bg-paper"
              >
                <DrawnHere svg={one.figure} name="" className="h-56 w-[118px]" />
              </Link>
              <div className="flex min-w-0 grow flex-col gap-1 text-xs">
                <p className="leading-tight">{name}</p>
                <p className="text-soft">{say('timesWorn', { n: one.times, last: dateOf(one.last) })}</p>
                <span className="mt-auto flex flex-col items-start">
                  <Button look="link" disabled={wear.isPending} onClick={() => wear.mutate(ids)}>
                    {say('repeat')}
                  </Button>
                  <Link className="min-h-6 font-medium text-chalk" to={`../outfits/changes?${query}`}>
                    {say('withOneChange')}
                  </Link>
                  <Link className="min-h-6 font-medium text-chalk" to={`../outfits/formulas?${query}`}>
                    {say('sameFormula')}
                  </Link>
                </span>
              </div>
            </li>
          );
        })}
      </ul>
    </div>
  );
}
