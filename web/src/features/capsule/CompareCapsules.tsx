import { useState } from 'react';
import { Link, useLocation, useParams } from 'react-router';
import { Choice } from '../../ui/Choice';
import { Drawing } from '../../ui/Drawing';
import { Spoken } from '../../ui/Spoken';
import { listQuery, useDesk } from '../desk';
import { say } from './messages';
import { useFigures, type Plan, type SavedCapsule } from './queries';

interface Props {
  one: SavedCapsule;
  other: SavedCapsule;
}

const figuresOf: [string, (plan: Plan) => number, (value: number) => string][] = [
  ['fOutfits', (plan) => Number(plan.figures.outfits), String],
  [
    'fNeeds',
    (plan) => plan.figures.needsMetFraction,
    (value) => say('percent', { n: Math.round(100 * value) }),
  ],
  ['fPieces', (plan) => plan.pieces.length, String],
  ['fBases', (plan) => Number(plan.figures.ladder.bases), String],
  ['fFresh', (plan) => plan.figures.freshDays, String],
  ['fWash', (plan) => plan.figures.laundryDays ?? 0, String],
  ['fEarning', (plan) => plan.figures.earning, String],
  ['fVariety', (plan) => plan.figures.variety, (value) => String(Math.round(100 * value))],
  ['fFavourites', (plan) => plan.figures.preferred.favourites, String],
  ['fWholeYear', (plan) => plan.figures.preferred.wholeYear, String],
];

/** Two capsules judged alike: what each wins, the pieces that differ, and the outfits only one has. */
export function CompareCapsules({ one, other }: Props) {
  const { clientId = '' } = useParams();
  const { byId, stamp } = useDesk();
  const [judge, setJudge] = useState(one.id);
  const wishes = (judge === other.id ? other : one).wishes;
  const there = (capsule: SavedCapsule) => capsule.pieces.filter((id) => byId.has(id));
  const both = there(one).filter((id) => other.pieces.includes(id));
  const ofOne = useFigures(clientId, there(one), wishes, stamp).data;
  const ofOther = useFigures(clientId, there(other), wishes, stamp).data;
  const ofBoth = useFigures(clientId, both, wishes, stamp).data;
  const sides = [
    { capsule: one, plan: ofOne, only: there(one).filter((id) => !both.includes(id)) },
    { capsule: other, plan: ofOther, only: there(other).filter((id) => !both.includes(id)) },
  ];
  return (
    <section data-testid="capsule-comparison">
      <h2 className="font-serif text-lg font-semibold">
        {say('comparing', { one: one.name, other: other.name })}
      </h2>
      <Choice
        label={say('judgedBy')}
        value={judge === other.id ? other.id : one.id}
        options={[one, other].map((capsule) => [capsule.id, capsule.name] as const)}
        onChange={setJudge}
      />
      <table className="mt-3 w-full max-w-xl">
        <thead>
          <tr className="border-b border-ink text-left text-xs text-soft">
            <th className="py-1 font-normal">{say('figure')}</th>
            {sides.map(({ capsule }) => (
              <th key={capsule.id} className="py-1 text-right font-normal">
                {capsule.name}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {figuresOf.map(([name, of, words]) => (
            <tr key={name} className="border-b border-hair">
              <th className="py-1 text-left font-normal">{say(name as Parameters<typeof say>[0])}</th>
              {sides.map(({ capsule, plan }, side) => {
                const mine = plan && of(plan);
                const theirs = sides[1 - side]!.plan && of(sides[1 - side]!.plan!);
                const wins =
                  mine !== undefined && theirs !== undefined && mine > theirs && name !== 'fPieces';
                return (
                  <td key={capsule.id} className={`py-1 text-right tabular-nums ${wins ? 'font-bold' : ''}`}>
                    {mine === undefined ? '…' : words(mine)}
                    {wins && <span aria-hidden="true"> ●</span>}
                  </td>
                );
              })}
            </tr>
          ))}
        </tbody>
      </table>
      <div className="mt-4 grid gap-6 @2xl:grid-cols-2">
        {sides.map(({ capsule, plan, only }) => (
          <Only
            key={capsule.id}
            capsule={capsule}
            plan={plan}
            pieces={only}
            outfits={
              plan && ofBoth ? Number(plan.figures.outfits) - Number(ofBoth.figures.outfits) : undefined
            }
          />
        ))}
      </div>
      <h3 className="mt-4 font-serif text-[15px] font-semibold">{say('inBoth')}</h3>
      <Flats pieces={both} plan={ofOne} />
    </section>
  );
}

interface OnlyProps {
  capsule: SavedCapsule;
  plan?: Plan;
  pieces: string[];
  outfits?: number;
}

function Only({ capsule, plan, pieces, outfits }: OnlyProps) {
  return (
    <div>
      <h3 className="font-serif text-[15px] font-semibold">{say('onlyIn', { name: capsule.name })}</h3>
      {outfits !== undefined && (
        <p className="text-xs text-soft">
          <strong className="font-serif text-[15px] text-ink">
            <Spoken of={outfits} />
          </strong>{' '}
          {say('outfitsOnly', { n: outfits, name: capsule.name })}
        </p>
      )}
      {pieces.length === 0 ? (
        <p className="text-soft">{say('nothingOnly')}</p>
      ) : (
        <Flats pieces={pieces} plan={plan} capsule={capsule.id} />
      )}
    </div>
  );
}

/** @param capsule in which the outfits with a piece are listed on a press */
function Flats({ pieces, plan, capsule }: { pieces: string[]; plan?: Plan; capsule?: string }) {
  const { clientId = '' } = useParams();
  const { byId } = useDesk();
  const { search } = useLocation();
  return (
    <ul className="mt-1 grid grid-cols-[repeat(auto-fill,minmax(92px,1fr))] gap-2">
      {pieces.map((id) => {
        const reason = plan?.reasons[id];
        const n = reason ? Math.max(Number(reason.in), Number(reason.completes)) : undefined;
        return (
          <li key={id} className="border border-hair p-1 text-xs leading-tight">
            <Drawing src={byId.get(id)?.flat ?? ''} name="" className="mx-auto h-16 w-14" />
            {byId.get(id)?.label}
            {n !== undefined &&
              (capsule ? (
                <Link
                  className="block font-medium text-chalk"
                  to={`/clients/${clientId}/outfits?${listQuery(search, { capsule, counting: 'outfits', containing: id })}`}
                >
                  {say('in', { n })}
                </Link>
              ) : (
                <span className="block text-soft">{say('in', { n })}</span>
              ))}
          </li>
        );
      })}
    </ul>
  );
}
