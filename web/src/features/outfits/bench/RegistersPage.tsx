import { Link, useParams, useSearchParams } from 'react-router';
import { sentence } from '../../../api/problem';
import { join, words } from '../../../language/format';
import { common } from '../../../language/text';
import { Drawing, DrawnHere } from '../../../ui/Drawing';
import { Mark } from '../../../ui/Mark';
import { useChosen, useDesk, withSlots } from '../../desk';
import { say } from '../messages';
import { WaitingGrid } from '../OutfitGrid';
import { useRegisters, type Slots } from '../queries';

/** One base finished three times: for the day, the evening and the weekend. */
export function RegistersPage() {
  const { clientId = '' } = useParams();
  const [search] = useSearchParams();
  const [chosen] = useChosen();
  const { byId, stamp } = useDesk();
  const wear = search.getAll('wear');
  const registers = useRegisters(clientId, chosen, wear, stamp, wear.length > 0);
  const label = (id: string) => byId.get(id)?.label ?? id;
  return (
    <div className="p-5">
      <Link to={`../outfits/bench?${search}`} className="text-chalk">
        ← {say('backToOutfit')}
      </Link>
      <header className="mt-2 mb-3 flex flex-wrap items-baseline gap-x-4">
        <h1 className="font-serif text-xl font-semibold">{say('registers')}</h1>
        <p className="text-soft">{say('registersAre')}</p>
      </header>
      {registers.error && <p role="alert">{sentence(registers.error)}</p>}
      {wear.length === 0 && <p className="text-soft">{say('noBase')}</p>}
      {wear.length > 0 && registers.isPending && <WaitingGrid />}
      <ol className="grid grid-cols-3 gap-4 max-[900px]:grid-cols-1" data-testid="registers">
        {registers.data?.map((one) => (
          <li key={one.register} className="flex flex-col border border-hair bg-sheet p-3">
            <h2 className="flex items-baseline gap-2 font-serif text-[17px] font-semibold">
              <Mark kind={one.verdict} />
              <span className="sr-only">{common.sheet[one.verdict as 'works' | 'daring' | 'no']}: </span>
              {say('register', { register: one.register })}
            </h2>
            <div className="flex gap-3">
              <DrawnHere svg={one.figure} name="" className="h-64 w-[136px] shrink-0" />
              <ul className="mt-2 flex min-w-0 flex-col gap-1.5">
                {one.finishing.map((id) => (
                  <li key={id} className="flex items-center gap-2 leading-tight">
                    <Drawing src={byId.get(id)?.flat ?? ''} name="" className="h-8 w-7 shrink-0" />
                    {label(id)}
                  </li>
                ))}
                {one.finishing.length === 0 && <li className="text-soft">{say('nothingSuits')}</li>}
              </ul>
            </div>
            <ul className="mt-2 flex flex-col gap-1 text-[13px] text-soft">
              {one.finishing.length > 0 && (
                <li>
                  {one.statement ? say('oneStatement', { piece: label(one.statement) }) : say('noStatement')}
                </li>
              )}
              {one.metals.length > 0 && (
                <li>{say('metals', { n: one.metals.length, metals: join(one.metals.map(words)) })}</li>
              )}
              {one.reasons.map((reason) => (
                <li key={reason}>{reason}</li>
              ))}
              <li>
                {common.sheet.formality} {one.formality}
              </li>
            </ul>
            <Link
              to={`../outfits/bench?${withSlots(one.slots as Slots, search)}`}
              className="mt-auto pt-2 font-medium text-chalk"
            >
              {say('openOnBench')}
            </Link>
          </li>
        ))}
      </ol>
    </div>
  );
}
