import { Link, useParams, useSearchParams } from 'react-router';
import type { OutfitChange } from '../../../api/client';
import { sentence } from '../../../api/problem';
import { words } from '../../../language/format';
import { common } from '../../../language/text';
import { Drawing } from '../../../ui/Drawing';
import { Mark } from '../../../ui/Mark';
import { slotsOf, useChosen, useDesk, withFinish, withSlots } from '../../desk';
import { say } from '../messages';
import { Preparing } from '../Preparing';
import { useChanges, type Slots } from '../queries';

/** By slot, in the order they come. */
function bySlot(changes: OutfitChange[]): [string, OutfitChange[]][] {
  const groups = new Map<string, OutfitChange[]>();
  changes.forEach((change) => groups.set(change.slot, [...(groups.get(change.slot) ?? []), change]));
  return [...groups];
}

/** Every outfit one piece away from one: what can take a piece's place, what can be added, what can be left off. */
export function ChangesPage() {
  const { clientId = '' } = useParams();
  const [search] = useSearchParams();
  const [chosen] = useChosen();
  const { byId, stamp } = useDesk();
  const slots = slotsOf(search);
  const changes = useChanges(clientId, chosen, slots, stamp);
  const found = (changes.data?.changes ?? []) as OutfitChange[];
  const finishes = changes.data?.finishes ?? [];
  const label = (ids: unknown) =>
    [ids]
      .flat()
      .map((id) => byId.get(String(id))?.label ?? String(id))
      .join(', ');
  const flat = (ids: unknown) => byId.get(String([ids].flat()[0]))?.flat ?? '';

  return (
    <div className="p-5">
      <Link to={`../outfits/bench?${search}`} className="text-chalk">
        ← {say('backToOutfit')}
      </Link>
      <header className="mt-2 mb-3 flex flex-wrap items-baseline gap-x-4">
        <h1 className="font-serif text-xl font-semibold">{say('oneChange')}</h1>
        <p className="text-soft" aria-live="polite">
          {changes.data && say('onePieceAway', { n: found.length })}
        </p>
      </header>
      <Preparing of={changes.prepared} />
      {changes.error && <p role="alert">{sentence(changes.error)}</p>}
      {changes.isPending && (
        <div className="grid animate-pulse gap-2" aria-hidden="true">
          {Array.from({ length: 6 }, (_, i) => (
            <span key={i} className="h-16 bg-hair" />
          ))}
        </div>
      )}
      {finishes.length > 0 && (
        <section className="mb-5" data-testid="finishes">
          <h2 className="border-b border-line pb-1 font-serif text-[15px] font-semibold">
            {say('wornOtherwise')}
          </h2>
          <ul className="mt-2 grid grid-cols-[repeat(auto-fill,minmax(12rem,1fr))] gap-1.5">
            {finishes.map((one) => (
              <li key={one.piece + one.finish.join('+')}>
                <Link
                  to={`../outfits/bench?${withFinish(one.piece, one.finish, search)}`}
                  className="flex min-h-12 items-center gap-2 border border-hair bg-sheet px-2 py-1 hover:border-ink"
                >
                  <Drawing src={flat(one.piece)} name="" className="h-10 w-8 shrink-0" />
                  <span className="leading-tight">
                    {label(one.piece)}
                    <span className="block text-xs text-soft">
                      {one.finish.length > 0 ? one.finish.map(words).join(', ') : say('asItComes')}
                    </span>
                  </span>
                  {one.verdict !== 'works' && (
                    <span className="ml-auto" title={common.sheet[one.verdict as 'daring']}>
                      <Mark kind={one.verdict} size={12} />
                    </span>
                  )}
                </Link>
              </li>
            ))}
          </ul>
        </section>
      )}
      {bySlot(found).map(([slot, those]) => (
        <section key={slot} className="mb-5">
          <h2 className="border-b border-line pb-1 font-serif text-[15px] font-semibold">
            {words(slot)}{' '}
            <span className="font-sans text-xs font-normal text-soft">
              {slots[slot] === undefined ? say('nothingThere') : label(slots[slot])}
            </span>
          </h2>
          <ul className="mt-2 grid grid-cols-[repeat(auto-fill,minmax(12rem,1fr))] gap-1.5">
            {those.map((change) => (
              <li key={String(change.to ?? '')}>
                <Link
                  to={`../outfits/bench?${withSlots(change.outfit as Slots, search.toString())}`}
                  className="flex min-h-12 items-center gap-2 border border-hair bg-sheet px-2 py-1 hover:border-ink"
                >
                  {change.kind === 'remove' ? (
                    <>{say('without', { piece: label(change.from) })}</>
                  ) : (
                    <>
                      <Drawing src={flat(change.to)} name="" className="h-10 w-8 shrink-0" />
                      <span className="leading-tight">{label(change.to)}</span>
                    </>
                  )}
                  {change.verdict !== 'works' && (
                    <span className="ml-auto" title={common.sheet[change.verdict as 'daring']}>
                      <Mark kind={change.verdict ?? ''} size={12} />
                    </span>
                  )}
                </Link>
              </li>
            ))}
          </ul>
        </section>
      ))}
    </div>
  );
}
