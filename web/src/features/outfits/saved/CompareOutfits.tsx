import type { SavedOutfit } from '../../../api/client';
import { join, words } from '../../../language/format';
import { common } from '../../../language/text';
import { Drawing, DrawnHere } from '../../../ui/Drawing';
import { Mark } from '../../../ui/Mark';
import { useDesk } from '../../desk';
import { say } from '../messages';

/** Saved outfits side by side, slot by slot; differences are marked. */
export function CompareOutfits({ outfits }: { outfits: SavedOutfit[] }) {
  const { byId } = useDesk();
  const wornIn = (outfit: SavedOutfit, slot: string) =>
    [(outfit.slots as Record<string, string | string[]>)[slot] ?? []].flat();
  const slots = Object.keys(common.counts.slots).filter((slot) =>
    outfits.some((one) => wornIn(one, slot).length > 0),
  );
  const differs = (slot: string) => new Set(outfits.map((one) => wornIn(one, slot).join('+'))).size > 1;
  return (
    <table
      className="mb-5 w-full table-fixed border-collapse border-b border-line text-[13px]"
      data-testid="compared"
    >
      <caption className="sr-only">{say('compared')}</caption>
      <thead>
        <tr>
          <td className="w-24" />
          {outfits.map((one) => (
            <th key={one.id} scope="col" className="px-2 align-bottom font-normal">
              <DrawnHere svg={one.figure} name="" className="mx-auto h-44 w-[94px]" />
              <span className="flex items-baseline justify-center gap-1.5 font-serif text-[15px] font-semibold">
                <Mark kind={one.verdict} />
                {one.name}
              </span>
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {slots.map((slot) => (
          <tr key={slot} className="border-t border-hair">
            <th scope="row" className="py-1 text-left text-xs font-normal text-soft">
              {common.counts.slots[slot] ?? words(slot)}
              {differs(slot) && <span className="sr-only">, {say('differs')}</span>}
            </th>
            {outfits.map((one) => {
              const ids = wornIn(one, slot);
              return (
                <td
                  key={one.id}
                  className={`px-2 py-1 ${differs(slot) ? 'bg-paper font-semibold' : 'text-soft'}`}
                >
                  {ids.length > 0 ? (
                    <span className="flex items-center gap-2">
                      <Drawing src={byId.get(ids[0]!)?.flat ?? ''} name="" className="h-7 w-6 shrink-0" />
                      {join(ids.map((id) => byId.get(id)?.label ?? say('goneFrom')))}
                    </span>
                  ) : (
                    '–'
                  )}
                </td>
              );
            })}
          </tr>
        ))}
      </tbody>
    </table>
  );
}
